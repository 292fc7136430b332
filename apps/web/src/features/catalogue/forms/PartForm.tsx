import { type Catalogue, colourNameOf, coloursOfMould, existence, type Mould, type Variant, variantIdOf } from '@outfit/core';
import { useCallback, useMemo, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { useAddPiecesMutation } from '@/api';
import { MouldPicker, PartPicture, PrintPicker } from '@/parts';
import { Button, Input, Label, sentenceOf, tell } from '@/ui';
import { useWorkspace } from '@/workspace';
import { toVariant, yearsOf } from '../paths';
import { ChangeKnown } from './ChangeKnown';
import { ColourChoice } from './ColourChoice';
import { NothingYet } from '../NothingYet';
import { catalogueWith, mouldFor, surfaceOfMould, surfaceOfPrint } from './printDraft';
import { useKeepEntry } from '../useKeepEntry';
import { useUsesOfPart } from './uses';

const MOST_COLOURS = 3;

/** A new part is likely one that is not there: the form starts with a colour the mould was never seen in. */
const firstUnseen = (catalogue: Catalogue, mould: Mould): string =>
  (coloursOfMould(mould, catalogue).find((cell) => existence(cell) === 'never') ?? coloursOfMould(mould, catalogue)[0])?.colour.id ?? '';

/** A part of one's own: which mould, which colours, which print, and when it was made. One after the other, the mould stays. */
export function PartForm() {
  const { catalogue } = useWorkspace();
  const [params] = useSearchParams();
  const printed = catalogue.data.prints.find((row) => row.id === params.get('print'));
  const first =
    (printed && mouldFor(surfaceOfPrint(printed), catalogue)) ??
    catalogue.data.moulds.find((mould) => mould.family === 'hair') ??
    catalogue.data.moulds[0];
  const [number, setNumber] = useState(params.get('mould') ?? first?.number ?? '');
  if (!catalogue.hasMould(number) || catalogue.data.colours.length === 0) return <NothingYet what="moulds and colours" />;
  return <PartFields key={number} mould={catalogue.mould(number)} print={printed?.id ?? ''} onMould={setNumber} />;
}

interface PartFieldsProps {
  readonly mould: Mould;
  readonly print: string;
  readonly onMould: (number: string) => void;
}

function PartFields({ mould, print: givenPrint, onMould }: PartFieldsProps) {
  const { catalogue, today } = useWorkspace();
  const { saving, keep } = useKeepEntry();
  const [addPieces] = useAddPiecesMutation();
  const [colours, setColours] = useState<readonly string[]>(() => [firstUnseen(catalogue, mould)]);
  const [lit, setLit] = useState<number | null>(null);
  const [print, setPrint] = useState(givenPrint);
  const year = Number(today.slice(0, 4));
  const [made, setMade] = useState(true);
  const [from, setFrom] = useState(String(year));
  const [until, setUntil] = useState(String(year));
  const [have, setHave] = useState('0');
  const [added, setAdded] = useState<string | null>(null);
  const prints = useMemo(() => {
    const surface = surfaceOfMould(mould);
    return surface ? catalogue.data.prints.filter((row) => surfaceOfPrint(row) === surface) : [];
  }, [mould, catalogue]);
  const chosenPrint = prints.some((row) => row.id === print) ? print : '';
  const worn = useCallback(
    (printed: string): Variant => ({
      id: variantIdOf(mould.number, colours, printed === '' ? undefined : printed),
      mould: mould.number,
      colours,
      ...(printed === '' ? {} : { print: printed }),
    }),
    [mould, colours],
  );
  const variant: Variant = { ...worn(chosenPrint), ...(made ? { made: { from: Number(from), until: Number(until) } } : {}) };
  const known = catalogue.has(variant.id) ? catalogue.variant(variant.id) : null;
  const uses = useUsesOfPart(known);
  const [agreedFor, setAgreedFor] = useState('');
  const isJustAdded = added === variant.id;
  const asks = known !== null && !isJustAdded;
  const submit = async (): Promise<void> => {
    if (!(await keep('variants', variant, known ? 'Part changed.' : `${catalogue.nameOf(variant)} added.`))) return;
    const quantity = Number(have);
    try {
      if (made && quantity > 0) await addPieces({ newPiecesDto: { variant: variant.id, quantity, condition: 'used' } }).unwrap();
      setAdded(variant.id);
      setHave('0');
    } catch (error) {
      tell.error(sentenceOf(error));
    }
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
          <span className="text-pencil mb-0.5 block text-[0.87rem]">Mould</span>
          <MouldPicker label="Mould" value={mould.number} onChoose={onMould} />
        </div>
        <div>
          <span className="text-pencil mb-0.5 block text-[0.87rem]">Colours, the main one first</span>
          <div className="flex flex-wrap items-end gap-2">
            {colours.map((colour, i) => (
              <span
                key={i}
                onPointerEnter={() => setLit(i)}
                onPointerLeave={() => setLit(null)}
                onFocus={() => setLit(i)}
                onBlur={() => setLit(null)}
              >
                <span className="text-pencil block text-[0.8rem]">{colourNameOf(mould, i)}</span>
                <ColourChoice
                  label={`Colour ${i + 1}, ${colourNameOf(mould, i)}`}
                  value={colour}
                  onChoose={(chosen) => setColours(colours.map((other, j) => (j === i ? chosen : other)))}
                />
              </span>
            ))}
            {colours.length < MOST_COLOURS && (
              <Button onClick={() => setColours([...colours, firstUnseen(catalogue, mould)])}>Another colour</Button>
            )}
            {colours.length > 1 && <Button onClick={() => setColours(colours.slice(0, -1))}>One less</Button>}
          </div>
        </div>
        {prints.length > 0 && (
          <div>
            <span className="text-pencil mb-0.5 block text-[0.87rem]">Print</span>
            <PrintPicker label="Print" value={chosenPrint} prints={prints} worn={worn} onChoose={setPrint} />
          </div>
        )}
        <fieldset className="flex flex-wrap items-end gap-3">
          <label className="flex items-center gap-1.5 pb-1">
            <input type="checkbox" className="accent-lagoon" checked={made} onChange={(event) => setMade(event.target.checked)} />
            It was really made
          </label>
          {made && (
            <>
              <Label text="From year" className="w-24">
                <Input inputMode="numeric" value={from} onChange={(event) => setFrom(event.target.value)} />
              </Label>
              <Label text="Until year" className="w-24">
                <Input inputMode="numeric" value={until} onChange={(event) => setUntil(event.target.value)} />
              </Label>
              <Label text="How many you have" className="w-32">
                <Input inputMode="numeric" value={have} onChange={(event) => setHave(event.target.value.replace(/\D/g, ''))} />
              </Label>
            </>
          )}
        </fieldset>
        {asks && known && (
          <>
            <p className="text-saffron">
              This part is {known.made ? `made ${yearsOf(known)}` : 'imagined'}. Keeping the change makes it{' '}
              {made ? `made ${yearsOf(variant)}` : 'imagined'}.
            </p>
            <ChangeKnown
              name={catalogue.nameOf(known)}
              uses={uses}
              agreed={agreedFor === known.id}
              onAgree={(yes) => setAgreedFor(yes ? known.id : '')}
            />
          </>
        )}
        {isJustAdded && (
          <p role="status" className="border-moss bg-paper border-l-[3px] px-3 py-1.5">
            Added.{' '}
            <Link to={toVariant(variant.id)} className="text-lagoon underline">
              See {catalogue.has(variant.id) ? catalogue.nameOf(catalogue.variant(variant.id)) : 'it'}
            </Link>
            , or choose the next colour of {mould.name}.
          </p>
        )}
        <Button tone="act" type="submit" disabled={saving || isJustAdded || (asks && agreedFor !== known?.id)}>
          {asks ? 'Keep the change' : 'Add this part'}
        </Button>
      </div>
      <figure>
        <PartPicture
          variant={variant}
          position={mould.fills[0]?.[0] ?? 'beside'}
          catalogue={catalogueWith(variant, catalogue)}
          size={230}
          tacked={!made}
          lit={colours.length > 1 ? lit : null}
        />
        <figcaption className="text-pencil mt-1 font-mono text-[0.87rem] break-all">{variant.id}</figcaption>
      </figure>
    </form>
  );
}
