import { ALTERATION_SCHOOLS, minorOf, SKIN_SCHOOLS, unitsOf } from '@outfit/core';
import { followingOf, HOUSE_KEYS, houseFor, type HouseKey, type HouseRules } from '@outfit/core/lineup';
import { X } from 'lucide-react';
import { type LineUpDto, useSetFreeMutation } from '@/api';
import { ColourPicker, Swatch } from '@/parts';
import { attempt, Chips, Choice, Label, plural } from '@/ui';
import { useWorkspace } from '@/workspace';
import type { Selection } from '../useSelection';
import { NumberField, PlanSheet, type SheetOf } from './PlanSheet';

const HOUSE_WORDS: Readonly<Record<HouseKey, string>> = {
  skinSchool: 'Skin school',
  alterationSchool: 'Alteration school',
  mainColours: 'Main colours',
  colours: 'Palette',
  year: 'Year of the story',
  budgetMinor: 'Budget of a figure',
  bannedSources: 'Banned sources',
};

/** House rules: what its briefs start from, and follow until they say otherwise. */
export function HouseSheet({ selection, ...props }: SheetOf & { readonly selection: Selection }) {
  const { catalogue, currency } = useWorkspace();
  const sources = catalogue.data.sources.map(({ id, name }) => ({ value: id, label: `${name}, ${id}` }));
  return (
    <PlanSheet
      {...props}
      title="House rules"
      about="What its briefs start from. A brief follows until it says otherwise; who follows changes with the rule, in one step of Undo."
      label="Changed the house rules"
    >
      {(draft, change) => {
        const rules = draft.house;
        const set = (part: Partial<HouseRules>): void => change({ house: { ...rules, ...part } });
        return (
          <>
            <div className="grid grid-cols-2 gap-x-4 gap-y-3">
              <div>
                <span className="text-pencil mb-0.5 block text-[0.87rem]">Skin school</span>
                <Chips
                  label="Skin school"
                  chosen={rules.skinSchool}
                  options={[[null, 'not said'], ...SKIN_SCHOOLS.map((own) => [own, own] as const)]}
                  onChoose={(skinSchool) => set({ skinSchool })}
                />
              </div>
              <div>
                <span className="text-pencil mb-0.5 block text-[0.87rem]">Alteration school</span>
                <Chips
                  label="Alteration school"
                  chosen={rules.alterationSchool}
                  options={[[null, 'not said'], ...ALTERATION_SCHOOLS.map((own) => [own, own] as const)]}
                  onChoose={(alterationSchool) => set({ alterationSchool })}
                />
              </div>
              <Label text="How many main colours">
                <NumberField
                  label="How many main colours"
                  least={1}
                  most={8}
                  value={rules.mainColours}
                  className="w-full"
                  onChange={(mainColours) => set({ mainColours })}
                />
              </Label>
              <Label text="Year of the story">
                <NumberField
                  label="Year of the story"
                  least={-9999}
                  most={9999}
                  value={rules.year}
                  className="w-full"
                  onChange={(year) => set({ year })}
                />
              </Label>
              <Label text={`Budget of a figure, in ${currency}`}>
                <NumberField
                  label="Budget of a figure"
                  value={rules.budgetMinor === null ? null : unitsOf(rules.budgetMinor, currency)}
                  className="w-full"
                  onChange={(units) => set({ budgetMinor: units === null ? null : minorOf(units, currency) })}
                />
              </Label>
              <Label text={`Budget for all, in ${currency}`}>
                <NumberField
                  label="Budget for all"
                  most={1_000_000}
                  value={draft.budgetAllMinor === null ? null : unitsOf(draft.budgetAllMinor, currency)}
                  className="w-full"
                  onChange={(units) => change({ budgetAllMinor: units === null ? null : minorOf(units, currency) })}
                />
              </Label>
            </div>
            <fieldset>
              <legend className="text-pencil mb-1 text-[0.87rem]">Palette: the main colours a brief asks for</legend>
              <ul className="flex flex-wrap gap-3">
                {rules.colours.map((id) => (
                  <li key={id} className="flex items-center gap-1">
                    <Swatch colour={catalogue.colour(id)} />
                    <Away
                      label={`Remove ${catalogue.colour(id).name}`}
                      onAway={() => set({ colours: rules.colours.filter((own) => own !== id) })}
                    />
                  </li>
                ))}
              </ul>
              {rules.colours.length < 8 && (
                <ColourPicker
                  label="Add a colour"
                  placeholder="Add a colour…"
                  className="mt-1 !w-48"
                  value={null}
                  among={(colour) => !rules.colours.includes(colour.id) && colour.kind !== 'skin'}
                  onChoose={(id) => set({ colours: [...rules.colours, id] })}
                />
              )}
            </fieldset>
            <fieldset>
              <legend className="text-pencil mb-1 text-[0.87rem]">Nothing from these sources alone</legend>
              <ul>
                {rules.bannedSources.map((id) => (
                  <li key={id} className="flex items-center gap-2">
                    {sources.find(({ value }) => value === id)?.label ?? id}
                    <Away label={`Allow ${id}`} onAway={() => set({ bannedSources: rules.bannedSources.filter((own) => own !== id) })} />
                  </li>
                ))}
              </ul>
              <Choice
                aria-label="Rule out a source"
                className="!w-72"
                value=""
                options={[
                  { value: '', label: 'Rule out a source…' },
                  ...sources.filter(({ value }) => !rules.bannedSources.includes(value)),
                ]}
                onChoose={(id) => id !== '' && set({ bannedSources: [...rules.bannedSources, id] })}
              />
            </fieldset>
            <Followers lineUp={props.lineUp} selection={selection} />
          </>
        );
      }}
    </PlanSheet>
  );
}

const Away = ({ label, onAway }: { readonly label: string; readonly onAway: () => void }) => (
  <button type="button" aria-label={label} className="text-pencil hover:text-ink" onClick={onAway}>
    <X size={15} strokeWidth={1.75} />
  </button>
);

/** Who follows each rule that is kept, and who goes their own way. */
function Followers({ lineUp, selection }: { readonly lineUp: LineUpDto; readonly selection: Selection }) {
  const [setFree] = useSetFreeMutation();
  const rows = HOUSE_KEYS.flatMap((key) => {
    const own = lineUp.figures.filter((figure) => {
      const following = followingOf(figure.brief, key, houseFor(lineUp.plan, figure), figure.free);
      return following === 'says otherwise' || following === 'set free';
    });
    return own.length === 0 ? [] : [{ key, own }];
  });
  if (rows.length === 0) return <p className="text-pencil text-[0.93rem]">Every brief follows what is said.</p>;
  return (
    <ul className="text-[0.93rem]">
      {rows.map(({ key, own }) => (
        <li key={key} className="flex items-baseline gap-3">
          <span>
            {HOUSE_WORDS[key]}:{' '}
            <button type="button" className="text-lagoon underline" onClick={() => selection.set(own.map(({ id }) => id))}>
              {plural(own.length, 'brief')} otherwise
            </button>{' '}
            <span className="text-pencil">({own.map(({ brief }) => brief.name).join(', ')})</span>
          </span>
          <button
            type="button"
            className="text-lagoon ml-auto shrink-0 underline"
            onClick={() =>
              void attempt(setFree({ id: lineUp.id, freeDto: { figures: own.map(({ id }) => id), what: [key], isFree: false } }).unwrap())
            }
          >
            bring back
          </button>
        </li>
      ))}
    </ul>
  );
}
