import type { LookEdit } from '@outfit/core';
import { useCallback } from 'react';
import { toast } from 'sonner';
import { useEditLookMutation, useRedoLookMutation, useUndoLookMutation, type LookDto } from '@/api';
import { sentenceOf } from '@/ui/format';

export interface LookEdits {
  readonly saving: boolean;
  apply(edits: readonly LookEdit[], label: string): void;
  undo(): void;
  redo(): void;
}

/** Edits of one look: shown at once, saved behind, taken back with a sentence when they are refused. */
export function useLookEdits(look: LookDto): LookEdits {
  const [edit, editing] = useEditLookMutation();
  const [undoLook, undoing] = useUndoLookMutation();
  const [redoLook, redoing] = useRedoLookMutation();
  const complain = (error: unknown): void => void toast.error(sentenceOf(error));
  const { id, undo, redo } = look;
  const apply = useCallback(
    (edits: readonly LookEdit[], label: string) =>
      void edit({ id, editLookDto: { edits: [...edits], label } })
        .unwrap()
        .catch(complain),
    [edit, id],
  );
  return {
    saving: editing.isLoading || undoing.isLoading || redoing.isLoading,
    apply,
    undo: () => undo !== null && void undoLook({ id }).unwrap().catch(complain),
    redo: () => redo !== null && void redoLook({ id }).unwrap().catch(complain),
  };
}
