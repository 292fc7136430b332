import { useEffect } from 'react';
import {
  type LineOfUndo,
  refreshFigure,
  useReadNextStepsQuery,
  useRedoMutation,
  useTakeBackChangeMutation,
  useUndoMutation,
  webApi,
} from '@/api';
import { sentenceOf, tell } from '@/ui';
import { useAppDispatch } from '../store';
import { isTyping } from '../typing';

export type UndoSubject = 'figure' | 'line-up' | 'workroom' | 'catalogue' | 'market' | 'wardrobe' | 'ranking' | 'ideas' | 'settings';

/** What is asked anew after a step of a subject; line-ups and figures otherwise. */
const TOUCHED: Readonly<Partial<Record<UndoSubject, Parameters<typeof webApi.util.invalidateTags>[0]>>> = {
  catalogue: ['catalogue', 'figures', 'wardrobe', 'market', 'notices', 'bin'],
  market: ['market', 'bin', 'history'],
  wardrobe: ['wardrobe', 'parcels', 'bench', 'history'],
  ranking: ['choices', 'history'],
  ideas: ['ideas', 'bin', 'history'],
  settings: ['settings', 'market', 'history'],
};

/** What Undo and Redo would take back and bring back here, and how. Null when there is nothing. */
export interface Undoing {
  readonly undo: string | null;
  readonly redo: string | null;
  step(kind: 'undo' | 'redo'): void;
  /** All that was done here, each to be taken back by itself. */
  readonly deeds: { readonly line: LineOfUndo; takeBack(id: number): void };
}

/**
 * Undo and redo of a brief and the looks chosen for it, of who stands in a line-up, of the line-ups of the workroom, of the catalogue, of the wardrobe, or of what was written
 * down by hand in the market; also after a reload, also by the keyboard.
 *
 * @param isKeyed does Ctrl+Z mean this one? Of several on a page only one may
 */
export function useUndo(subject: UndoSubject, item: string, isKeyed = true): Undoing {
  const dispatch = useAppDispatch();
  const { data } = useReadNextStepsQuery({ subject, item });
  const [undo] = useUndoMutation();
  const [redo] = useRedoMutation();
  const [takeBack] = useTakeBackChangeMutation();
  const follow = (work: Promise<{ readonly done: string }>, words: string): void => {
    work
      .then(({ done }) => {
        tell(`${words}: ${done}`);
        if (subject === 'figure') return refreshFigure(dispatch, item);
        dispatch(webApi.util.invalidateTags(TOUCHED[subject] ?? ['figures', 'bin', 'history', 'promises']));
        return undefined;
      })
      .catch((error: unknown) => tell.error(sentenceOf(error)));
  };
  const step = (kind: 'undo' | 'redo'): void =>
    follow((kind === 'undo' ? undo : redo)({ subject, item }).unwrap(), kind === 'undo' ? 'Undone' : 'Done again');
  useEffect(() => {
    if (!isKeyed) return;
    const onKey = (event: KeyboardEvent): void => {
      if (event.key.toLowerCase() !== 'z' || !(event.ctrlKey || event.metaKey) || isTyping(event.target)) return;
      event.preventDefault();
      step(event.shiftKey ? 'redo' : 'undo');
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  });
  return {
    ...{ undo: data?.undo ?? null, redo: data?.redo ?? null, step },
    deeds: { line: { subject, item }, takeBack: (id) => follow(takeBack({ subject, item, id }).unwrap(), 'Taken back') },
  };
}
