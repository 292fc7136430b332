import type { Judgement, Mark } from '@outfit/core';
import { useState } from 'react';
import { Why } from '@/parts';
import { Button, Input, plural } from '@/ui';
import { useWorkspace } from '@/workspace';
import type { LookEdits } from '../looks';
import { remedyWords } from './remedyWords';
import { useRemedies } from './useRemedies';

const TONES = { blocks: 'text-madder', shows: 'text-saffron', note: 'text-pencil' } as const;
const WORDS = { blocks: 'blocks', shows: 'shows', note: 'note' } as const;

interface MarkListProps {
  readonly marks: Judgement['marks'];
  /** Nothing is worn yet: there is nothing to judge. */
  readonly isEmpty: boolean;
  readonly edits: LookEdits;
}

/** The chalk marks as sentences, each with what would remove it, and with a way to overrule it. */
export function MarkList({ marks, isEmpty, edits }: MarkListProps) {
  const grave = marks.open.filter((mark) => mark.severity !== 'note');
  const notes = marks.open.slice(grave.length);
  return (
    <section aria-label="Marks">
      <h2 className="text-pencil mt-4 mb-1 font-sans text-[0.93rem] font-semibold">Marks</h2>
      {isEmpty && <p className="text-pencil text-[0.93rem]">Nothing is worn yet. Choose a place on the figure and put something on.</p>}
      {!isEmpty && grave.length === 0 && <p className="text-moss text-[0.93rem]">Nothing to mend: this look can be built.</p>}
      <ol className="space-y-2">
        {grave.map((mark, i) => (
          <OpenMark key={mark.key} mark={mark} number={i + 1} edits={edits} />
        ))}
      </ol>
      {notes.length > 0 && (
        <details className="mt-2">
          <summary className="text-pencil cursor-pointer text-[0.93rem]">{plural(notes.length, 'note')}</summary>
          <ol className="mt-1 space-y-2">
            {notes.map((mark, i) => (
              <OpenMark key={mark.key} mark={mark} number={grave.length + i + 1} edits={edits} />
            ))}
          </ol>
        </details>
      )}
      {marks.overruled.length > 0 && (
        <ul className="mt-3 space-y-1.5 text-[0.87rem]">
          {marks.overruled.map(({ mark, reason }) => (
            <li key={mark.key} className="text-pencil">
              <s>{mark.sentence}</s> Overruled: “{reason}”.{' '}
              <button
                type="button"
                className="text-lagoon underline"
                onClick={() => edits.apply([{ action: 'restore check', key: mark.key }], 'Take an overruling back')}
              >
                Take back
              </button>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

function OpenMark({ mark, number, edits }: { readonly mark: Mark; readonly number: number; readonly edits: LookEdits }) {
  const [reason, setReason] = useState<string | null>(null);
  const { currency } = useWorkspace();
  const remedies = useRemedies(mark);
  return (
    <li id={`mark-${number}`} className="target:bg-paper text-[0.93rem] leading-snug">
      <span className={`font-bold ${TONES[mark.severity]}`}>
        {number} <span className="text-[0.8rem] font-semibold">{WORDS[mark.severity]}</span>
      </span>{' '}
      {mark.sentence}
      {mark.why !== undefined && (
        <>
          {' '}
          <Why title={mark.sentence} terms={[]} format={String} note={mark.why} className="!font-sans text-[0.87rem]">
            why
          </Why>
        </>
      )}
      <ul className="mt-1 space-y-0.5">
        {remedies.map((remedy) => (
          <li key={remedy.label}>
            <button
              type="button"
              className="text-lagoon text-left text-[0.87rem] underline decoration-dotted underline-offset-2 hover:decoration-solid"
              onClick={() => edits.apply(remedy.edits, remedy.label.slice(0, 200))}
            >
              {remedy.label}
            </button>
            <span
              className="text-pencil block text-[0.83rem] leading-snug"
              title={remedy.raises.map((raised) => raised.sentence).join(' ')}
            >
              {remedyWords(remedy, currency)}
            </span>
          </li>
        ))}
        <li>
          {reason === null ? (
            <button
              type="button"
              className="text-pencil text-[0.87rem] underline decoration-dotted underline-offset-2"
              onClick={() => setReason('')}
            >
              Overrule it…
            </button>
          ) : (
            <form
              className="flex gap-1"
              onSubmit={(event) => {
                event.preventDefault();
                edits.apply([{ action: 'overrule', key: mark.key, reason }], `Overrule: ${mark.sentence}`.slice(0, 200));
              }}
            >
              <Input
                autoFocus
                aria-label="Why it is fine"
                placeholder="Why it is fine"
                value={reason}
                maxLength={200}
                onChange={(event) => setReason(event.target.value)}
              />
              <Button type="submit" disabled={reason.trim() === ''}>
                Overrule
              </Button>
            </form>
          )}
        </li>
      </ul>
    </li>
  );
}
