import { AGE_BANDS, type Position, positionName, POSITIONS, SYSTEM_MEASURES } from '@outfit/core';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { Button, Choice, Input, Label } from '@/ui';
import { useWorkspace } from '@/workspace';
import { useKeepEntry } from '../useKeepEntry';
import { draftOfSystem, type SystemDraft, systemOfDraft, wrongField } from './draft';

const NEW = '';

/** The toy lines of the workspace: which places their figures have, and how big they are. */
export function SystemForm() {
  const { catalogue } = useWorkspace();
  const { systems } = catalogue.data;
  const [params, setParams] = useSearchParams();
  const asked = params.get('system') ?? systems[0]?.id ?? NEW;
  const known = systems.find(({ id }) => id === asked) ?? null;
  return (
    <div className="space-y-4">
      <Label text="Which" className="max-w-sm">
        <Choice
          value={known?.id ?? NEW}
          options={[...systems.map(({ id, name }) => ({ value: id, label: name })), { value: NEW, label: 'A new system' }]}
          onChoose={(system) =>
            setParams((before) => new URLSearchParams([...before].filter(([key]) => key !== 'system').concat([['system', system]])))
          }
        />
      </Label>
      <Sizes key={known?.id ?? NEW} from={draftOfSystem(known ?? { ...catalogue.systemOf({}), name: '' })} id={known?.id ?? null} />
    </div>
  );
}

function Sizes({ from, id }: { readonly from: SystemDraft; readonly id: string | null }) {
  const { catalogue } = useWorkspace();
  const { saving, keep } = useKeepEntry();
  const [, setParams] = useSearchParams();
  const [draft, setDraft] = useState(from);
  const set = (part: Partial<SystemDraft>): void => setDraft({ ...draft, ...part });
  const system = systemOfDraft(draft, id);
  const isDouble = id === null && catalogue.data.systems.some((row) => row.id === system.id);
  const wrong = isDouble ? 'There is a system of that name: choose it above to change it.' : wrongField(draft);
  return (
    <form
      className="max-w-3xl space-y-4"
      onSubmit={(event) => {
        event.preventDefault();
        void keep('systems', system, id === null ? 'System added.' : 'System changed.').then(
          (kept) => kept && setParams({ do: 'system', system: system.id }),
        );
      }}
    >
      <Label text="Name" className="max-w-sm">
        <Input value={draft.name} maxLength={100} onChange={(event) => set({ name: event.target.value })} />
      </Label>
      <fieldset>
        <legend className="font-display text-[1.07rem] font-semibold">How tall, and how old</legend>
        <div className="mt-1 grid grid-cols-4 gap-3 max-sm:grid-cols-2">
          {AGE_BANDS.map((band) => (
            <div key={band} className="space-y-1">
              <Measure
                text={`${capital(band)}, mm`}
                value={draft.heights[band]}
                onChange={(value) => set({ heights: { ...draft.heights, [band]: value } })}
              />
              <Measure
                text="up to the age of"
                value={draft.ages[band]}
                onChange={(value) => set({ ages: { ...draft.ages, [band]: value } })}
              />
            </div>
          ))}
        </div>
      </fieldset>
      <fieldset>
        <legend className="font-display text-[1.07rem] font-semibold">Measures</legend>
        <div className="mt-1 grid grid-cols-4 gap-3 max-sm:grid-cols-2">
          {SYSTEM_MEASURES.map(([measure, words, , , unit]) => (
            <Measure
              key={measure}
              text={`${words}, ${unit}`}
              value={draft.measures[measure]}
              onChange={(value) => set({ measures: { ...draft.measures, [measure]: value } })}
            />
          ))}
        </div>
      </fieldset>
      <Places draft={draft} onChange={set} />
      {wrong !== null && <p className="text-madder">{wrong}</p>}
      <Button tone="act" type="submit" disabled={saving || draft.name.trim() === '' || wrong !== null}>
        {id === null ? 'Add this system' : 'Change this system'}
      </Button>
    </form>
  );
}

const capital = (word: string): string => word.charAt(0).toUpperCase() + word.slice(1);

const Measure = ({
  text,
  value,
  onChange,
}: {
  readonly text: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
}) => (
  <Label text={text}>
    <Input value={value} inputMode="decimal" className="font-mono" onChange={(event) => onChange(event.target.value)} />
  </Label>
);

/** Where parts go: what a figure has a place for, and what it cannot be built without. */
function Places({ draft, onChange }: { readonly draft: SystemDraft; readonly onChange: (part: Partial<SystemDraft>) => void }) {
  const toggled = (all: readonly Position[], position: Position): readonly Position[] =>
    POSITIONS.filter((row) => (row === position ? !all.includes(row) : all.includes(row)));
  return (
    <fieldset>
      <legend className="font-display text-[1.07rem] font-semibold">Places for parts</legend>
      <table className="mt-1 w-full max-w-xl">
        <thead>
          <tr className="text-pencil text-left text-[0.87rem]">
            <th className="font-normal">Place</th>
            <th className="font-normal">figures have it</th>
            <th className="font-normal">none can do without</th>
          </tr>
        </thead>
        <tbody>
          {POSITIONS.map((position) => (
            <tr key={position} className="border-rule border-t">
              <td className="py-0.5">{positionName(position)}</td>
              {(['positions', 'needs'] as const).map((list) => (
                <td key={list}>
                  <input
                    type="checkbox"
                    className="accent-lagoon"
                    aria-label={`${positionName(position)}: ${list === 'positions' ? 'figures have it' : 'none can do without'}`}
                    checked={draft[list].includes(position)}
                    onChange={() => onChange({ [list]: toggled(draft[list], position) })}
                  />
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </fieldset>
  );
}
