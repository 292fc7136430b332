import { type Brief, type Colour, colourNameOf, type Company, type Look, readDifference, type Spot, type Variant } from '@outfit/core';
import { type KeyboardEvent, type ReactNode, useEffect, useEffectEvent, useMemo, useRef, useState } from 'react';
import { type LookPartDto, useSaveEntryMutation } from '@/api';
import { Swatch } from '@/parts';
import { Button, Chips, Input, sentenceOf, tell } from '@/ui';
import { priceWords, useWorkspace } from '@/workspace';
import type { LookEdits } from '../looks';
import type { Preview } from '../preview';
import { type ColourChoice, colourChoices } from './choices';
import { WhatChanges } from './WhatChanges';

interface ColourPanelProps {
  readonly look: Look;
  readonly brief: Brief;
  readonly company: Company;
  readonly part: LookPartDto;
  readonly at: Spot;
  readonly edits: LookEdits;
  readonly onPreview: (preview: Preview | null) => void;
  readonly onDone: () => void;
}

/**
 * The part that is on, in every colour of the palette: what exists first, the nearest to what is on before the others. Arrows pass over
 * them on the drawing, Enter puts one on; what nobody has made is imagined.
 */
export function ColourPanel(props: ColourPanelProps) {
  const { look, brief, company, part, at, onPreview } = props;
  const { catalogue } = useWorkspace();
  const variant = catalogue.variant(part.variant);
  const mould = catalogue.mouldOf(variant);
  const [element, setElement] = useState(mould.hairColour ?? 0);
  const [typed, setTyped] = useState('');
  const [active, setActive] = useState(0);
  const list = useRef<HTMLUListElement>(null);
  const all = useMemo(() => colourChoices(catalogue.variant(part.variant), element, catalogue), [catalogue, part.variant, element]);
  const words = typed.trim().toLowerCase();
  const shown = all.filter(({ colour }) => colour.name.toLowerCase().includes(words));
  const chosen = shown[Math.min(active, shown.length - 1)];
  const [hasLooked, setHasLooked] = useState(false);
  const { putOn, imagine, isImagining } = usePutOn(props, mould.name);
  const preview = useEffectEvent(onPreview);
  useEffect(() => {
    preview(hasLooked && chosen ? { edit: { action: 'put on', variant: chosen.variant.id, ...at }, variant: chosen.variant } : null);
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the same spot is made anew with every drawing
  }, [chosen, hasLooked]);
  useEffect(() => () => preview(null), []);
  useEffect(() => list.current?.focus(), []);
  const pass = (row: number): void => {
    setHasLooked(true);
    setActive(Math.max(0, Math.min(shown.length - 1, row)));
    list.current?.children[row]?.scrollIntoView({ block: 'nearest' });
  };
  const take = (choice: ColourChoice | undefined): void => {
    if (!choice) return;
    if (choice.state === 'never') void imagine(choice.variant, choice.colour);
    else putOn(choice.variant.id, choice.colour);
  };
  const onKeyDown = (event: KeyboardEvent): void => {
    const steps: Record<string, number> = {
      ArrowDown: hasLooked ? active + 1 : 0,
      ArrowUp: active - 1,
      PageDown: active + 8,
      PageUp: active - 8,
      Home: 0,
      End: shown.length - 1,
    };
    const target = steps[event.key];
    if (target !== undefined) pass(target);
    else if (event.key === 'Enter') take(chosen);
    else return;
    event.preventDefault();
  };
  return (
    <>
      <div className="border-rule space-y-1.5 border-b px-4 py-2">
        {variant.colours.length > 1 && (
          <Chips
            label="What is recoloured"
            chosen={element}
            options={variant.colours.map((id, i): [number, ReactNode] => [
              i,
              <span
                key={i}
                className="inline-flex items-center gap-1.5"
                onPointerEnter={() => onPreview({ lit: { spot: at, colour: i } })}
                onPointerLeave={() => onPreview(null)}
              >
                <Swatch colour={catalogue.colour(id)} /> <span className="text-pencil">{colourNameOf(mould, i)}</span>
              </span>,
            ])}
            onChoose={(i) => {
              setElement(i);
              setActive(0);
              setHasLooked(false);
            }}
          />
        )}
        <Input
          aria-label="A colour by its name"
          placeholder="A colour by its name"
          value={typed}
          onChange={(event) => {
            setTyped(event.target.value);
            setActive(0);
            setHasLooked(true);
          }}
          onKeyDown={onKeyDown}
        />
      </div>
      {shown.length === 0 && <p className="text-pencil px-4 py-3">No colour is called so.</p>}
      <ul
        ref={list}
        role="listbox"
        aria-label="Colours"
        tabIndex={0}
        aria-activedescendant={chosen ? `colour-${chosen.colour.id}` : undefined}
        className="min-h-0 flex-1 overflow-auto outline-none"
        onKeyDown={onKeyDown}
      >
        {shown.map((choice, row) => (
          <Row
            key={choice.colour.id}
            choice={choice}
            isActive={hasLooked && choice === chosen}
            onPoint={() => {
              setHasLooked(true);
              setActive(row);
            }}
            onTake={() => take(choice)}
          />
        ))}
      </ul>
      {hasLooked && chosen && (
        <div className="border-rule border-t px-4 py-2.5">
          <WhatChanges look={look} brief={brief} company={company} at={at} variant={chosen.variant} />
          <Button tone="act" className="mt-1.5" disabled={isImagining} onClick={() => take(chosen)}>
            {chosen.state === 'never' ? 'Imagine it and put it on' : 'Put it on'}
          </Button>
        </div>
      )}
    </>
  );
}

/** Puts a variant on, or has it imagined first; either ends the panel. */
function usePutOn({ at, edits, onDone }: Pick<ColourPanelProps, 'at' | 'edits' | 'onDone'>, name: string) {
  const { catalogue } = useWorkspace();
  const [save, { isLoading }] = useSaveEntryMutation();
  const [imagined, setImagined] = useState<{ readonly id: string; readonly colour: Colour } | null>(null);
  const putOn = (id: string, colour: Colour): void => {
    edits.apply([{ action: 'put on', variant: id, ...at }], `Put on ${name} in ${colour.name}`);
    onDone();
  };
  // What was imagined goes on once the catalogue that holds it has been read.
  const goesOn = useEffectEvent(putOn);
  const isThere = imagined !== null && catalogue.has(imagined.id);
  useEffect(() => {
    if (isThere && imagined) goesOn(imagined.id, imagined.colour);
  }, [isThere, imagined]);
  const imagine = async ({ id, mould, colours, print }: Variant, colour: Colour): Promise<void> => {
    try {
      const row = { id, mould, colours, ...(print === undefined ? {} : { print }) };
      await save({ saveEntryDto: { kind: 'variants', row } }).unwrap();
      tell.success(`${name} in ${colour.name} is kept as imagined. You are told when it turns out to be made.`);
      setImagined({ id, colour });
    } catch (error) {
      tell.error(sentenceOf(error));
    }
  };
  return { putOn, imagine, isImagining: isLoading || imagined !== null };
}

interface RowProps {
  readonly choice: ColourChoice;
  readonly isActive: boolean;
  readonly onPoint: () => void;
  readonly onTake: () => void;
}

const Row = ({ choice, isActive, onPoint, onTake }: RowProps) => (
  // eslint-disable-next-line jsx-a11y/click-events-have-key-events -- the list has the keys
  <li
    id={`colour-${choice.colour.id}`}
    role="option"
    aria-selected={isActive}
    className={`border-rule flex cursor-pointer items-center gap-2 border-b px-4 py-1.5 ${isActive ? 'bg-lagoon-wash' : ''}`}
    onMouseEnter={onPoint}
    onClick={onTake}
  >
    <span className="flex flex-1 items-center">
      <Swatch colour={choice.colour} size="large" reading={readDifference(choice.deltaE)} />
    </span>
    <State choice={choice} />
  </li>
);

/** Does it exist in this colour, is it at hand, and what does it cost? */
function State({ choice: { variant, state } }: { readonly choice: ColourChoice }) {
  const { supply, prices, currency } = useWorkspace();
  if (state === 'never') return <span className="text-pencil text-[0.87rem]">nobody has made it</span>;
  if (state === 'pictured') return <span className="text-saffron text-[0.87rem]">pictured, never made</span>;
  const owned = supply.owned(variant.id);
  const price = prices.get(variant.id);
  return (
    <span className="text-right text-[0.87rem]">
      {owned > 0 && <span className="text-moss font-semibold">owned ×{owned} </span>}
      {price ? <span className="font-mono">{priceWords(price, currency)}</span> : <span className="text-pencil">not sold now</span>}
    </span>
  );
}
