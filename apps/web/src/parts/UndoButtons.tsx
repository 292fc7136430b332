import { Redo2, Undo2 } from 'lucide-react';
import { Button } from '@/ui';

interface UndoButtonsProps {
  readonly undoing: { readonly undo: string | null; readonly redo: string | null; step(kind: 'undo' | 'redo'): void };
}

/** Undo and redo, each with what it would take back or bring back. */
export function UndoButtons({ undoing }: UndoButtonsProps) {
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
    </span>
  );
}
