interface ChangeKnownProps {
  /** What is there already, by its name. */
  readonly name: string;
  /** What uses it, each in words: "12 parts are of it". */
  readonly uses: readonly string[];
  readonly agreed: boolean;
  readonly onAgree: (agreed: boolean) => void;
}

/** Asks before an entry that is there already is changed, and says what uses it: adding never becomes changing by itself. */
export const ChangeKnown = ({ name, uses, agreed, onAgree }: ChangeKnownProps) => (
  <div role="group" aria-label="It is there already" className="border-saffron bg-paper border-l-[3px] px-3 py-2">
    <p>
      “{name}” is in the catalogue already{uses.length > 0 ? `: ${uses.join(', ')}` : ', and nothing uses it'}.
    </p>
    <label className="mt-1 flex items-center gap-1.5">
      <input type="checkbox" className="accent-lagoon" checked={agreed} onChange={(event) => onAgree(event.target.checked)} />
      Change “{name}” for all of them
    </label>
  </div>
);
