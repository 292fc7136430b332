import { plural } from '@/ui';

interface ChangeKnownProps {
  /** What is there already, by its name. */
  readonly name: string;
  /** How many parts of the catalogue it is part of. */
  readonly parts: number;
  readonly agreed: boolean;
  readonly onAgree: (agreed: boolean) => void;
}

/** Asks before an entry that is there already is changed, and says what uses it: adding never becomes changing by itself. */
export function ChangeKnown({ name, parts, agreed, onAgree }: ChangeKnownProps) {
  return (
    <div role="group" aria-label="It is there already" className="border-saffron bg-paper border-l-[3px] px-3 py-2">
      <p>
        “{name}” is in the catalogue already{parts > 0 ? `, and ${plural(parts, 'part')} ${parts === 1 ? 'is' : 'are'} of it` : ''}. Give
        this one another name, or change that one.
      </p>
      <label className="mt-1 flex items-center gap-1.5">
        <input type="checkbox" className="accent-lagoon" checked={agreed} onChange={(event) => onAgree(event.target.checked)} />
        Change “{name}” for all of them
      </label>
    </div>
  );
}
