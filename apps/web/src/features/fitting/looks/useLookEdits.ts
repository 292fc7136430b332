import type { LookEdit } from '@outfit/core';
import { useCallback } from 'react';
import { currentOf, type LookDto, useEditLookMutation, useRedoLookMutation, useUndoLookMutation, versionOfLook } from '@/api';
import { sentenceOf, tell } from '@/ui';
import { line, useAppDispatch } from '@/workspace';

export interface LookEdits {
  readonly saving: boolean;
  apply(edits: readonly LookEdit[], label: string): void;
  undo(): void;
  redo(): void;
}

const inOrder = line((error) => void tell.error(sentenceOf(error)));

/** Edits of one look: shown at once, saved behind, taken back with a sentence when they are refused. */
export function useLookEdits(look: LookDto): LookEdits {
  const dispatch = useAppDispatch();
  const [edit, editing] = useEditLookMutation();
  const [undoLook, undoing] = useUndoLookMutation();
  const [redoLook, redoing] = useRedoLookMutation();
  const { id, undo, redo } = look;
  const apply = useCallback(
    (edits: readonly LookEdit[], label: string) => {
      const send = async (): Promise<void> => {
        const version = dispatch(versionOfLook(id));
        const saved = edit({ id, ...(version === undefined ? {} : { version }), editLookDto: { edits: [...edits], label } });
        try {
          await saved.unwrap();
        } catch (error) {
          if (!currentOf(error)) throw error;
          // The look stands there as the other left it; what was meant here is one press away.
          tell.error('This look was changed elsewhere meanwhile. It is shown as it is now.', {
            action: { label: `${label}, on it as it is now`, onClick: () => void inOrder(send) },
          });
        }
      };
      void inOrder(send);
    },
    [dispatch, edit, id],
  );
  return {
    saving: editing.isLoading || undoing.isLoading || redoing.isLoading,
    apply,
    undo: () => undo !== null && void inOrder(() => undoLook({ id }).unwrap()),
    redo: () => redo !== null && void inOrder(() => redoLook({ id }).unwrap()),
  };
}
