import {
  type Descriptor,
  DESCRIPTORS,
  isAsked,
  measuresOf,
  plainShapingOf,
  SHAPE_FAMILIES,
  type ShapeFamily,
  type Shaping,
} from '@outfit/core';
import { VIEWS } from '@outfit/drawing';
import { type ReactNode, useMemo, useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { Button, Chips, Input, Label, plural } from '@/ui';
import { useWorkspace } from '@/workspace';
import { toMould } from '../paths';
import { ChangeKnown } from './ChangeKnown';
import { NothingYet } from '../NothingYet';
import { useKeepEntry } from '../useKeepEntry';
import {
  draftOfMould,
  emptyDraft,
  MeasuredPicture,
  measureOf,
  MEASURES,
  mouldOfDraft,
  OutlineField,
  type ShapeDraft,
  ShapePicture,
  usualOutline,
} from '../shapes';

const FAMILY_WORDS: Readonly<Record<ShapeFamily, string>> = {
  hair: 'Hair',
  hat: 'Hat',
  helmet: 'Helmet',
  hood: 'Hood',
  mask: 'Mask',
  head: 'Head',
  torso: 'Torso',
  arm: 'Arm',
  hand: 'Hand',
  armour: 'Armour',
  pack: 'Bag, pack',
  wings: 'Wings',
  waist: 'Waist',
  cape: 'Cape',
  scarf: 'Scarf, collar',
  beard: 'Beard',
  skirt: 'Skirt, gown',
  legs: 'Legs',
  held: 'Held',
  beside: 'Beside',
};

/** A mould told by what one sees: the family by its picture, then what is said of it, drawn from four sides at once. */
export function ShapeForm() {
  const { catalogue } = useWorkspace();
  const [params] = useSearchParams();
  const given = params.get('mould') ?? '';
  const [draft, setDraft] = useState<ShapeDraft>(
    () => (catalogue.hasMould(given) ? draftOfMould(catalogue.mould(given)) : null) ?? emptyDraft('hair'),
  );
  if (catalogue.data.colours.length === 0) return <NothingYet what="colours" />;
  return <Fields draft={draft} isKnown={draft.number !== '' && draft.number === given} onChange={setDraft} />;
}

interface FieldsProps {
  readonly draft: ShapeDraft;
  /** Was it opened to be changed? */
  readonly isKnown: boolean;
  readonly onChange: (draft: ShapeDraft) => void;
}

function Fields({ draft, isKnown, onChange }: FieldsProps) {
  const { catalogue } = useWorkspace();
  const navigate = useNavigate();
  const { saving, keep } = useKeepEntry();
  const { shaping } = draft;
  const mould = useMemo(() => mouldOfDraft(draft), [draft]);
  const set = (part: Partial<ShapeDraft>): void => onChange({ ...draft, ...part });
  const known = catalogue.hasMould(mould.number) ? catalogue.mould(mould.number) : null;
  const [agreedFor, setAgreedFor] = useState('');
  const isAgreed = !known || agreedFor === mould.number;
  const wrong = MEASURES.find(([key]) => draft.corrected[key] !== undefined && measureOf(draft.corrected[key]) === null);
  const submit = async (): Promise<void> => {
    if (await keep('moulds', mould, known ? 'Mould changed.' : 'Mould added.')) void navigate(toMould(mould.number));
  };
  return (
    <form
      className="grid grid-cols-[minmax(0,1fr)_15rem] gap-6 max-sm:grid-cols-1"
      onSubmit={(event) => {
        event.preventDefault();
        void submit();
      }}
    >
      <div className="space-y-3">
        <div>
          <span className="text-pencil mb-0.5 block text-[0.87rem]">What is it?</span>
          <Chips
            label="Family"
            chosen={shaping.family}
            options={SHAPE_FAMILIES.map((family): [ShapeFamily, ReactNode] => [
              family,
              <Pictured key={family} shaping={plainShapingOf(family)} words={FAMILY_WORDS[family]} />,
            ])}
            onChoose={(family) => set({ shaping: plainShapingOf(family) })}
          />
        </div>
        {DESCRIPTORS[shaping.family]
          .filter((descriptor) => isAsked(descriptor, shaping.values))
          .map((descriptor) => (
            <Said key={descriptor.key} descriptor={descriptor} shaping={shaping} onSay={(next) => set({ shaping: next })} />
          ))}
        <OutlineField key={shaping.family} outline={draft.outline} usual={usualOutline(mould)} onOutline={(outline) => set({ outline })} />
        <div className="grid grid-cols-3 gap-3">
          <Label text="Name">
            <Input value={draft.name} maxLength={100} onChange={(event) => set({ name: event.target.value })} />
          </Label>
          <Label text="Number, when it has one">
            <Input
              className="font-mono"
              value={draft.number}
              disabled={isKnown}
              placeholder={mould.number}
              onChange={(event) => set({ number: event.target.value })}
            />
          </Label>
          <Label text="Nicknames, with commas">
            <Input value={draft.nicknames} onChange={(event) => set({ nicknames: event.target.value })} />
          </Label>
        </div>
        <label className="flex items-center gap-1.5">
          <input
            type="checkbox"
            className="accent-lagoon"
            checked={draft.thirdParty}
            onChange={(event) => set({ thirdParty: event.target.checked })}
          />
          From a third-party workshop
        </label>
        {wrong && <p className="text-madder">{wrong[1]}: write a number such as 3.2.</p>}
        {known && (
          <ChangeKnown
            name={`${known.number} ${known.name}`}
            uses={[`${plural(catalogue.variantsOf(known.number).length, 'part')} made in it`]}
            agreed={isAgreed}
            onAgree={(yes) => setAgreedFor(yes ? known.number : '')}
          />
        )}
        <Button tone="act" type="submit" disabled={saving || draft.name.trim() === '' || wrong !== undefined || !isAgreed}>
          {known ? `Change ${known.number}` : 'Add this mould'}
        </Button>
      </div>
      <aside className="sticky top-0 space-y-3 self-start">
        <div className="grid grid-cols-2 gap-2" role="group" aria-label="From four sides">
          {VIEWS.map((view) => (
            <figure key={view}>
              <MeasuredPicture
                shaping={shaping}
                outline={draft.outline}
                size={110}
                view={view}
                measures={measuresOfMould(mould)}
                onCorrect={(corrected) => set({ corrected: { ...draft.corrected, ...corrected } })}
              />
              <figcaption className="text-pencil text-[0.8rem]">{view}</figcaption>
            </figure>
          ))}
        </div>
        <Measures draft={draft} onChange={(corrected) => set({ corrected })} />
        <Hidden covers={mould.geometry.covers ?? {}} />
      </aside>
    </form>
  );
}

/** The measures a mould has, which can be moved on its drawing. */
const measuresOfMould = ({ geometry }: ReturnType<typeof mouldOfDraft>) =>
  Object.fromEntries(MEASURES.flatMap(([key]) => (geometry[key] === undefined ? [] : [[key, geometry[key]]])));

const Pictured = ({ shaping, words }: { readonly shaping: Shaping; readonly words: string }) => (
  <span className="flex flex-col items-center">
    <ShapePicture shaping={shaping} size={46} />
    <span className="text-[0.8rem]">{words}</span>
  </span>
);

interface SaidProps {
  readonly descriptor: Descriptor;
  readonly shaping: Shaping;
  readonly onSay: (shaping: Shaping) => void;
}

/** One thing that can be said of a shape. Where there is something to see, each option shows the shape as it would be. */
function Said({ descriptor: { key, name, options }, shaping, onSay }: SaidProps) {
  const saying = (value: string): Shaping => ({ ...shaping, values: { ...shaping.values, [key]: value } });
  const isPlain = options.length === 2 && options[0]?.[0] === 'no';
  return (
    <div className={isPlain ? 'flex items-center gap-3' : ''}>
      <span className="text-pencil mb-0.5 block text-[0.87rem]">{name}</span>
      <Chips
        label={name}
        chosen={shaping.values[key] ?? ''}
        options={options.map(([value, words]): [string, ReactNode] => [
          value,
          isPlain ? words : <Pictured key={value} shaping={saying(value)} words={words} />,
        ])}
        onChoose={(value) => onSay(saying(value))}
      />
    </div>
  );
}

/** The measures that follow from the shape; each can be corrected, and a corrected one stays when the shape changes. */
function Measures({ draft, onChange }: { readonly draft: ShapeDraft; readonly onChange: (corrected: ShapeDraft['corrected']) => void }) {
  const { geometry } = measuresOf(draft.shaping);
  const rows = MEASURES.filter(([key]) => geometry[key] !== undefined || draft.corrected[key] !== undefined);
  return (
    <fieldset>
      <legend className="text-pencil text-[0.87rem]">Measures that follow</legend>
      {rows.map(([key, words]) => {
        const told = geometry[key];
        const typed = draft.corrected[key];
        return (
          <div key={key} className="border-rule flex items-center gap-2 border-b py-0.5 text-[0.93rem]">
            <span className="flex-1 leading-tight">
              {words}
              {typed !== undefined && (
                <button
                  type="button"
                  className="text-saffron block text-[0.8rem] underline"
                  onClick={() => {
                    const { [key]: _, ...rest } = draft.corrected;
                    onChange(rest);
                  }}
                >
                  corrected; {told === undefined ? 'leave out' : `back to ${told}`}
                </button>
              )}
            </span>
            <Input
              aria-label={words}
              inputMode="decimal"
              className="!w-16 !py-0 text-right font-mono"
              value={typed ?? String(told ?? '')}
              onChange={(event) => onChange({ ...draft.corrected, [key]: event.target.value })}
            />
          </div>
        );
      })}
    </fieldset>
  );
}

/** What it hides of the body, as measured on the drawing. */
function Hidden({ covers }: { readonly covers: Readonly<Partial<Record<string, number>>> }) {
  const rows = Object.entries(covers);
  if (rows.length === 0) return null;
  return (
    <details>
      <summary className="text-pencil cursor-pointer text-[0.87rem]">Hides {plural(rows.length, 'region')}</summary>
      <ul className="text-[0.87rem]">
        {rows.map(([region, share]) => (
          <li key={region} className="flex justify-between">
            {region.replaceAll('.', ' ')} <span className="font-mono">{Math.round((share ?? 0) * 100)} %</span>
          </li>
        ))}
      </ul>
    </details>
  );
}
