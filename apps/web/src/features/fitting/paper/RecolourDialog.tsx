import {
  type Brief,
  type Company,
  effectOf,
  type Look,
  nearestMade,
  P40,
  paletteOrder,
  readDifference,
  type Spot,
  type Variant,
  variantIdOf,
  money,
} from '@outfit/core';
import { useEffect, useEffectEvent, useMemo, useState } from 'react';
import { useSaveEntryMutation } from '@/api';
import { PartPicture, Swatch } from '@/parts';
import { Button, Choice, Label, sentenceOf, Sheet, tell } from '@/ui';
import { useWorkspace } from '@/workspace';
import type { LookEdits } from '../looks';
import { CHECK_WORDS } from '../marks';

interface RecolourDialogProps {
  readonly look: Look;
  readonly brief: Brief;
  readonly company: Company;
  readonly variant: Variant;
  readonly at: Spot;
  readonly edits: LookEdits;
}

/** The part that is on, pictured in any colour: what exists, what is nearest, and what stays on paper. */
export function RecolourDialog(props: RecolourDialogProps) {
  const [open, setOpen] = useState(false);
  return (
    <Sheet title="Another colour" open={open} onOpenChange={setOpen} trigger={<Button className="!px-2 !py-0.5">Recolour…</Button>}>
      {open && <Recolour {...props} onDone={() => setOpen(false)} />}
    </Sheet>
  );
}

function Recolour(props: RecolourDialogProps & { readonly onDone: () => void }) {
  const { look, brief, company, variant, at, edits, onDone } = props;
  const { catalogue, supply, currency } = useWorkspace();
  const [save, { isLoading }] = useSaveEntryMutation();
  const [colours, setColours] = useState(variant.colours);
  const [imagined, setImagined] = useState<string | null>(null);
  const mould = catalogue.mouldOf(variant);
  const id = variantIdOf(variant.mould, colours, variant.print);
  const known = catalogue.has(id) ? catalogue.variant(id) : null;
  const pictured = useMemo((): Variant => {
    const { made: _, ...rest } = variant;
    return known ?? { ...rest, id, colours };
  }, [known, variant, id, colours]);
  const main = colours[mould.hairColour ?? 0] ?? colours[0] ?? '';
  const near = nearestMade(mould, catalogue.colour(main), catalogue, 4);
  const palette = [...catalogue.data.colours].sort(paletteOrder).map((colour) => ({ value: colour.id, label: colour.name }));
  const putOn = (variantId: string): void => {
    edits.apply([{ action: 'put on', variant: variantId, ...at }], `Put on ${mould.name} in ${catalogue.colour(main).name}`);
    onDone();
  };
  const imagine = async (): Promise<void> => {
    try {
      const row = { id, mould: variant.mould, colours, ...(variant.print === undefined ? {} : { print: variant.print }) };
      await save({ saveEntryDto: { kind: 'variants', row } }).unwrap();
      tell.success(`${mould.name} in ${catalogue.colour(main).name} is kept as imagined. You are told when it turns out to be made.`);
      setImagined(id);
    } catch (error) {
      tell.error(sentenceOf(error));
    }
  };
  // What was imagined goes on once the catalogue that holds it has been read.
  const goesOn = useEffectEvent(putOn);
  const isThere = imagined !== null && catalogue.has(imagined);
  useEffect(() => {
    if (isThere && imagined !== null) goesOn(imagined);
  }, [isThere, imagined]);
  const price = known && supply.landedMinor(known.id);
  const state =
    known === null
      ? 'Nobody has made it, and nobody has pictured it yet.'
      : known.made
        ? `Made ${known.made.from} to ${known.made.until}${supply.owned(id) > 0 ? `, ${supply.owned(id)} owned` : price === null ? ', not sold now' : `, ${money(price, currency)} landed`}.`
        : 'Pictured already; nobody has made it.';
  return (
    <div className="mt-3 grid grid-cols-[9rem_1fr] gap-4">
      <PartPicture variant={pictured} position={at.position} catalogue={catalogue} size={136} tacked={!known?.made} />
      <div className="space-y-2">
        {colours.map((colour, i) => (
          <Label key={i} text={colours.length > 1 ? `Colour ${i + 1}` : 'Colour'}>
            <Choice value={colour} options={palette} onChoose={(next) => setColours(colours.map((other, j) => (j === i ? next : other)))} />
          </Label>
        ))}
        <p role="status" className={known?.made ? 'text-moss' : 'text-saffron'}>
          {state}
        </p>
        {id !== variant.id && <WhatChanges look={look} brief={brief} company={company} at={at} variant={pictured} />}
        {known ? (
          <Button tone="act" disabled={known.id === variant.id} onClick={() => putOn(known.id)}>
            Put it on
          </Button>
        ) : (
          <Button tone="act" disabled={isLoading || imagined !== null} onClick={() => void imagine()}>
            Imagine it and put it on
          </Button>
        )}
      </div>
      <section aria-label="Nearest made" className="col-span-2">
        <h3 className="text-pencil font-sans text-[0.93rem] font-semibold">Nearest made to {catalogue.colour(main).name}</h3>
        <ul className="mt-1 space-y-1">
          {near.map((row) => (
            <li key={row.variant.id} className="flex items-center gap-2">
              <span className="flex-1">
                <Swatch colour={row.colour} reading={`${row.deltaE.toFixed(1)}, ${readDifference(row.deltaE)}`} />
              </span>
              <Button className="!py-0.5" onClick={() => putOn(row.variant.id)}>
                Put on
              </Button>
            </li>
          ))}
        </ul>
      </section>
    </div>
  );
}

/** What the look becomes in that colour, before anything is decided. */
function WhatChanges({ look, brief, company, at, variant }: Pick<RecolourDialogProps, 'look' | 'brief' | 'company' | 'at' | 'variant'>) {
  const { catalogue, supply } = useWorkspace();
  const { before, after, raises, settles } = useMemo(
    () => effectOf(look, brief, at, variant, catalogue, P40, supply, company),
    [look, brief, at, variant, catalogue, supply, company],
  );
  return (
    <ul aria-label="What changes" className="text-[0.93rem]">
      <li>
        Likeness {Math.round(before)} <span aria-hidden="true">→</span>
        <span className="sr-only">to</span> <b className="font-mono">{Math.round(after)}</b>
      </li>
      {settles.map((mark) => (
        <li key={mark.key} className="text-moss">
          {CHECK_WORDS[mark.check][1]}
        </li>
      ))}
      {raises.map((mark) => (
        <li key={mark.key} className={mark.severity === 'blocks' ? 'text-madder' : 'text-saffron'}>
          {CHECK_WORDS[mark.check][0]}
        </li>
      ))}
    </ul>
  );
}
