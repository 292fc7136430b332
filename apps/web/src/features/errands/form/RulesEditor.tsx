import { CONDITIONS } from '@outfit/core';
import { AmountInput, Choice, Input, Label } from '@/ui';
import { useWorkspace } from '@/workspace';
import { limit, type RulesDraft } from './rules';

const SHARES = ['0', '25', '50', '75', '100'] as const;

/** Yes-or-no rules, each in words. */
const TICKS = [
  { key: 'useDonors', text: 'Owned figures may be taken apart' },
  { key: 'matchArms', text: 'Arms of one kind from one seller' },
  { key: 'trustedOnly', text: 'Trusted sellers only' },
  { key: 'allowThirdParty', text: 'Workshops’ own parts too' },
] as const;

interface RulesEditorProps {
  readonly draft: RulesDraft;
  readonly onChange: (draft: RulesDraft) => void;
}

/** The rules a trip keeps to. Empty fields are no rule. */
export function RulesEditor({ draft, onChange }: RulesEditorProps) {
  const { currency } = useWorkspace();
  const set = (changes: Partial<RulesDraft>): void => onChange({ ...draft, ...changes });
  return (
    <fieldset className="space-y-2">
      <legend className="mb-1 font-semibold">Rules of the trip</legend>
      <div className="grid grid-cols-2 gap-2">
        <Label text="Parcels at most">
          <Input
            inputMode="numeric"
            placeholder="no limit"
            value={draft.parcels}
            onChange={(event) => set({ parcels: event.target.value })}
            aria-invalid={limit(draft.parcels) === 'bad'}
          />
        </Label>
        <Label text="Here in days">
          <Input
            inputMode="numeric"
            placeholder="no deadline"
            value={draft.days}
            onChange={(event) => set({ days: event.target.value })}
            aria-invalid={limit(draft.days) === 'bad'}
          />
        </Label>
        <Label text="Budget, all in">
          <AmountInput currency={currency} placeholder="no limit" value={draft.budget} onType={(budget) => set({ budget })} />
        </Label>
        <Label text="Condition, at least">
          <Choice
            value={draft.condition}
            options={CONDITIONS.map((value) => ({ value, label: value }))}
            onChoose={(condition) => set({ condition })}
          />
        </Label>
        <Label text="Leftovers count for">
          <Choice
            value={SHARES.find((share) => share === draft.resale) ?? '0'}
            options={SHARES.map((value) => ({ value, label: value === '0' ? 'nothing' : `${value} % of resale` }))}
            onChoose={(resale) => set({ resale })}
          />
        </Label>
        <Label text="A point of likeness">
          <AmountInput currency={currency} value={draft.point} onType={(point) => set({ point })} />
        </Label>
      </div>
      {TICKS.map(({ key, text }) => (
        <label key={key} className="flex items-center gap-2">
          <input
            type="checkbox"
            className="accent-lagoon"
            checked={draft[key]}
            onChange={(event) => set({ [key]: event.target.checked })}
          />
          {text}
        </label>
      ))}
    </fieldset>
  );
}
