import { tell } from '@/ui';
import { isFree, type Judgement } from '@outfit/core';
import { useRef } from 'react';
import { useWorkspace } from '@/workspace';
import type { LookEdits } from '../looks';
import { remedyWords } from './remedyWords';

/**
 * Takes the first remedy of the gravest mark that has one. One that costs likeness, money or another mark is said first, and taken
 * when it is asked for once more. Notes are to be read, and need no mending.
 */
export function useMending(edits: LookEdits): (judgement: Judgement) => void {
  const { currency } = useWorkspace();
  // Known again by what it does: it is looked for anew whenever something beside the look changes.
  const said = useRef('');
  return ({ marks }) => {
    // Looked for mark by mark: those of graver marks may be enough.
    const grave = marks.open.filter((mark) => mark.severity !== 'note');
    const remedy = grave.find((mark) => mark.remedies().length > 0)?.remedies()[0];
    if (!remedy) {
      tell(grave.length === 0 ? 'Nothing to mend.' : 'For what is marked there is no remedy: it is yours to judge.');
      return;
    }
    const deed = JSON.stringify(remedy.edits);
    if (isFree(remedy) || said.current === deed) {
      said.current = '';
      edits.apply(remedy.edits, remedy.label.slice(0, 200));
    } else {
      said.current = deed;
      tell(`${remedy.label}: ${remedyWords(remedy, currency)}. Press R once more to do it.`);
    }
  };
}
