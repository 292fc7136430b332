import { History, Redo2, Undo2 } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import type { LineOfUndo } from '@/api';
import { Button } from '@/ui';

const DoneSheet = lazy(() => import('./DoneSheet'));

interface UndoButtonsProps {
  readonly undoing: {
    readonly undo: string | null;
    readonly redo: string | null;
    step(kind: 'undo' | 'redo'): void;
    /** What was done here, each to be taken back by itself; left out where the page tells it in its own way. */
    readonly deeds?: { readonly line: LineOfUndo; takeBack(id: number): void };
  };
}

/** Undo and redo, each with what it would take back or bring back, and all that was done here. */
export function UndoButtons({ undoing }: UndoButtonsProps) {
  const [isOpen, setOpen] = useState(false);
  const words = { undo: 'Undo', redo: 'Redo' } as const;
  return (
    <span className="flex">
      {(['undo', 'redo'] as const).map((kind) => {
        const label = undoing[kind];
        const Icon = kind === 'undo' ? Undo2 : Redo2;
        return (
          <Button
            key={kind}
            tone="quiet"
            className="!px-1"
            disabled={label === null}
            aria-label={`${words[kind]}: ${label ?? 'nothing yet'}`}
            title={label ?? undefined}
            onClick={() => undoing.step(kind)}
          >
            <Icon size={17} strokeWidth={1.75} />
          </Button>
        );
      })}
      {undoing.deeds && (
        <>
          <Button tone="quiet" className="!px-1" aria-label="What was done here" title="What was done here" onClick={() => setOpen(true)}>
            <History size={17} strokeWidth={1.75} />
          </Button>
          {isOpen && (
            <Suspense>
              <DoneSheet line={undoing.deeds.line} takeBack={(id) => undoing.deeds?.takeBack(id)} open onOpenChange={setOpen} />
            </Suspense>
          )}
        </>
      )}
    </span>
  );
}
