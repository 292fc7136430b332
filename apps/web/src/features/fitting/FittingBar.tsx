import { apiPath } from '@/api';
import type { Spot, System } from '@outfit/core';
import { type View, VIEWS } from '@outfit/drawing';
import { Download, Plus } from 'lucide-react';
import { Popover } from 'radix-ui';
import type { LookDto } from '@/api';
import { UndoButtons } from '@/parts';
import { Button, Menu } from '@/ui';
import { useWorkspace } from '@/workspace';
import { KeyList } from './KeyList';
import type { LookEdits } from './looks';
import { otherSpots } from './paper';

interface FittingBarProps {
  readonly look: LookDto;
  readonly system: System;
  readonly view: View;
  readonly edits: LookEdits;
  readonly spot: Spot;
  readonly onChoose: (spot: Spot) => void;
  readonly onView: (view: View) => void;
  readonly onTurn: (place: 'head' | 'torso') => void;
}

/** Above the paper: views, turns, more places, undo and redo, the picture to take away. */
export function FittingBar({ look, system, view, edits, onChoose, onView, onTurn }: FittingBarProps) {
  const turned = (place: string): boolean => look.parts.some((part) => part.position === place && part.turned);
  return (
    <div className="border-rule bg-sheet flex flex-wrap items-center gap-1 border-b px-2 py-1.5">
      <div role="group" aria-label="View" className="border-rule rounded-cut flex shrink-0 overflow-hidden border">
        {VIEWS.map((side) => (
          <button
            key={side}
            type="button"
            aria-pressed={view === side}
            onClick={() => onView(side)}
            className={`px-1.5 py-1 text-[0.93rem] capitalize ${view === side ? 'bg-ink text-sheet' : 'hover:bg-paper'}`}
          >
            {side}
          </button>
        ))}
      </div>
      {(['torso', 'head'] as const).map((place) => (
        <Button
          key={place}
          aria-pressed={turned(place)}
          onClick={() => onTurn(place)}
          className={`!px-2 ${turned(place) ? '!border-lagoon !text-lagoon' : ''}`}
        >
          Turn {place}
        </Button>
      ))}
      <MorePlaces look={look} system={system} onChoose={onChoose} />
      <span className="ml-auto" />
      <UndoButtons undoing={{ undo: look.undo, redo: look.redo, step: (kind) => edits[kind]() }} />
      <TakeAway look={look} view={view} />
      <KeyList />
    </div>
  );
}

/** Places that are seldom used, and the next place of what is built up. */
function MorePlaces({ look, system, onChoose }: Pick<FittingBarProps, 'look' | 'system' | 'onChoose'>) {
  const { catalogue } = useWorkspace();
  return (
    <Menu
      trigger={
        <Button className="!px-2" aria-label="More places">
          <Plus size={15} strokeWidth={1.75} /> Places
        </Button>
      }
      items={otherSpots(look, catalogue, system).map(({ spot, text }) => ({ label: text, act: () => onChoose(spot) }))}
    />
  );
}

function TakeAway({ look, view }: Pick<FittingBarProps, 'look' | 'view'>) {
  return (
    <Popover.Root>
      <Popover.Trigger asChild>
        <Button tone="quiet" className="!px-1" aria-label="Take the picture away">
          <Download size={17} strokeWidth={1.75} />
        </Button>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content sideOffset={6} align="end" className="border-pencil bg-sheet rounded-cut z-50 border p-3">
          <p className="font-semibold">The {view} of this look</p>
          <p className="mt-1 flex gap-4">
            {(['svg', 'png'] as const).map((kind) => (
              <a key={kind} download href={apiPath(`looks/${look.id}/picture.${kind}?view=${view}`)} className="text-lagoon underline">
                Save as {kind.toUpperCase()}
              </a>
            ))}
          </p>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
