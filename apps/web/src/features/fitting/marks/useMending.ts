import { isFree, type Judgement, type Remedy } from '@outfit/core';
import { useRef } from 'react';
import { toast } from 'sonner';
import { useWorkspace } from '@/workspace';
import type { LookEdits } from '../looks';
import { remedyWords } from './remedyWords';

/**
 * Takes the first remedy of the gravest mark that has one. One that costs likeness, money or another mark is said first, and taken
 * when it is asked for once more.
 */
export function useMending(edits: LookEdits): (judgement: Judgement) => void {
  const { currency } = useWorkspace();
  const said = useRef<Remedy | null>(null);
  return ({ marks }) => {
    // Looked for mark by mark: those of graver marks may be enough.
    const remedy = marks.open.find((mark) => mark.remedies().length > 0)?.remedies()[0];
    if (!remedy) {
      toast.message(marks.open.length === 0 ? 'Nothing to mend.' : 'For what is marked there is no remedy: it is yours to judge.');
      return;
    }
    if (isFree(remedy) || said.current === remedy) {
      said.current = null;
      edits.apply(remedy.edits, remedy.label.slice(0, 200));
    } else {
      said.current = remedy;
      toast.message(`${remedy.label}: ${remedyWords(remedy, currency)}. Press R once more to do it.`);
    }
  };
}
