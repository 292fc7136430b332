import { Star } from 'lucide-react';
import type { LookDto } from '@/api';
import { KeptInput } from '@/ui';
import type { LookEdits } from '../looks';

const STARS = [1, 2, 3, 4, 5] as const;

/** What the person thinks of the look: beside what is reckoned, never mixed in. */
export function VerdictBox({ look, edits }: { readonly look: LookDto; readonly edits: LookEdits }) {
  const { stars = null, words = '', leave = false } = look.verdict ?? {};
  return (
    <fieldset className="border-rule mt-3 border-y py-2 text-[0.93rem]">
      <legend className="sr-only">Your verdict</legend>
      <div className="flex items-center gap-1">
        <span className="text-pencil mr-auto">Your verdict</span>
        {STARS.map((star) => (
          <button
            key={star}
            type="button"
            aria-label={`${star} of 5`}
            aria-pressed={stars === star}
            className={stars !== null && star <= stars ? 'text-saffron' : 'text-dot hover:text-pencil'}
            onClick={() =>
              edits.apply(
                [{ action: 'judge', stars: stars === star ? null : star, words }],
                stars === star ? 'Take the verdict back' : `Verdict: ${star} of 5`,
              )
            }
          >
            <Star size={17} strokeWidth={1.75} fill={stars !== null && star <= stars ? 'currentColor' : 'none'} />
          </button>
        ))}
      </div>
      <KeptInput
        label="Your verdict in words"
        placeholder="In words"
        className="mt-1 !py-0.5"
        optional
        value={words}
        maxLength={300}
        onKeep={(next) => edits.apply([{ action: 'judge', stars, words: next }], 'Verdict in words')}
      />
      <label className="mt-1 flex items-center gap-1.5">
        <input
          type="checkbox"
          className="accent-lagoon"
          checked={leave}
          onChange={(event) =>
            edits.apply(
              [{ action: 'leave as it is', leave: event.target.checked }],
              event.target.checked ? 'Leave it as it is' : 'Take it up again',
            )
          }
        />
        Leave it as it is
      </label>
    </fieldset>
  );
}
