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

let last: Promise<unknown> = Promise.resolve();

/** Sends one change after the other, so that an undo never overtakes the edit it takes back. */
function inOrder(send: () => Promise<unknown>): void {
  last = last.then(send).catch((error: unknown) => void toast.error(sentenceOf(error)));
}

/** Edits of one look: shown at once, saved behind, taken back with a sentence when they are refused. */
export function useLookEdits(look: LookDto): LookEdits {
  const [edit, editing] = useEditLookMutation();
  const [undoLook, undoing] = useUndoLookMutation();
  const [redoLook, redoing] = useRedoLookMutation();
  const { id, undo, redo } = look;
  const apply = useCallback(
    (edits: readonly LookEdit[], label: string) => inOrder(() => edit({ id, editLookDto: { edits: [...edits], label } }).unwrap()),
    [edit, id],
  );
  return {
    saving: editing.isLoading || undoing.isLoading || redoing.isLoading,
    apply,
    undo: () => undo !== null && inOrder(() => undoLook({ id }).unwrap()),
    redo: () => redo !== null && inOrder(() => redoLook({ id }).unwrap()),
  };
}
