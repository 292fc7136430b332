import { VIEWS, type View } from '@outfit/drawing';
import { Download, Redo2, Undo2 } from 'lucide-react';
import { Popover } from 'radix-ui';
import type { LookDto } from '@/api';
import { Button } from '@/ui/Button';
import { KeyList } from './KeyList';
import type { LookEdits } from './useLookEdits';

interface FittingBarProps {
  readonly look: LookDto;
  readonly view: View;
  readonly edits: LookEdits;
  readonly onView: (view: View) => void;
  readonly onTurn: (place: 'head' | 'torso') => void;
}

/** Above the paper: views, turns, undo and redo, the picture to take away. */
export function FittingBar({ look, view, edits, onView, onTurn }: FittingBarProps) {
  const turned = (place: string): boolean => look.parts.some((part) => part.position === place && part.turned);
  return (
    <div className="border-rule bg-sheet flex items-center gap-1.5 border-b px-3.5 py-1.5">
      <div role="group" aria-label="View" className="border-rule rounded-cut flex overflow-hidden border">
        {VIEWS.map((side) => (
          <button
            key={side}
            type="button"
            aria-pressed={view === side}
            onClick={() => onView(side)}
            className={`px-2.5 py-1 text-[0.93rem] capitalize ${view === side ? 'bg-ink text-sheet' : 'hover:bg-paper'}`}
          >
            {side}
          </button>
        ))}
      </div>
      <Button
        aria-pressed={turned('torso')}
        onClick={() => onTurn('torso')}
        className={turned('torso') ? '!border-lagoon !text-lagoon' : ''}
      >
        Turn torso
      </Button>
      <Button aria-pressed={turned('head')} onClick={() => onTurn('head')} className={turned('head') ? '!border-lagoon !text-lagoon' : ''}>
        Turn head
      </Button>
      <span className="ml-auto" />
      <span role="status" className="text-pencil mr-1 text-[0.83rem]">
        {edits.saving ? 'Saving…' : 'Saved'}
      </span>
      <Button
        tone="quiet"
        className="!px-1.5"
        disabled={look.undo === null}
        aria-label={look.undo === null ? 'Nothing to undo' : `Undo: ${look.undo}`}
        title={look.undo ?? undefined}
        onClick={edits.undo}
      >
        <Undo2 size={17} strokeWidth={1.75} />
      </Button>
      <Button
        tone="quiet"
        className="!px-1.5"
        disabled={look.redo === null}
        aria-label={look.redo === null ? 'Nothing to redo' : `Redo: ${look.redo}`}
        title={look.redo ?? undefined}
        onClick={edits.redo}
      >
        <Redo2 size={17} strokeWidth={1.75} />
      </Button>
      <Popover.Root>
        <Popover.Trigger asChild>
          <Button tone="quiet" className="!px-1.5" aria-label="Take the picture away">
            <Download size={17} strokeWidth={1.75} />
          </Button>
        </Popover.Trigger>
        <Popover.Portal>
          <Popover.Content sideOffset={6} align="end" className="border-pencil bg-sheet rounded-cut z-50 border p-3">
            <p className="font-semibold">The {view} of this look</p>
            <p className="mt-1 flex gap-4">
              {(['svg', 'png'] as const).map((kind) => (
                <a key={kind} download href={`/api/looks/${look.id}/picture.${kind}?view=${view}`} className="text-lagoon underline">
                  Save as {kind.toUpperCase()}
                </a>
              ))}
            </p>
          </Popover.Content>
        </Popover.Portal>
      </Popover.Root>
      <KeyList />
    </div>
  );
}
