import { type Brief, type Company, type Spot } from '@outfit/core';
import { ArrowUp, X } from 'lucide-react';
import { type KeyboardEvent, useEffect, useEffectEvent, useRef, useState } from 'react';
import type { LookDto, NotedSubstituteDto } from '@/api';
import { PartPicture } from '@/parts';
import { Button, Empty, KeptInput } from '@/ui';
import { priceWords, useWorkspace } from '@/workspace';
import type { LookEdits } from '../looks';
import type { Preview } from '../preview';
import { WhatChanges } from './WhatChanges';

interface SubstitutePanelProps {
  readonly look: LookDto;
  readonly brief: Brief;
  readonly company: Company;
  readonly spot: Spot;
  readonly edits: LookEdits;
  readonly onPreview: (preview: Preview | null) => void;
  readonly onDone: () => void;
}

/**
 * Parts that would do as well at a spot, in order of preference, each with its reason: errands may buy them instead. Arrows pass over
 * them on the drawing, Enter puts one on.
 */
export function SubstitutePanel({ look, brief, company, spot, edits, onPreview, onDone }: SubstitutePanelProps) {
  const { catalogue } = useWorkspace();
  const rows = (look.substitutes ?? []).filter((row) => row.position === spot.position);
  const [active, setActive] = useState<number | null>(null);
  const list = useRef<HTMLUListElement>(null);
  const chosen = active === null ? undefined : rows[Math.min(active, rows.length - 1)];
  const variant = chosen && catalogue.variant(chosen.variant);
  const preview = useEffectEvent(onPreview);
  useEffect(() => {
    preview(variant ? { edit: { action: 'put on', variant: variant.id, ...spot } } : null);
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the same spot is made anew with every drawing
  }, [variant]);
  useEffect(() => () => preview(null), []);
  useEffect(() => list.current?.focus(), []);
  const putOn = (row: NotedSubstituteDto | undefined): void => {
    if (!row) return;
    edits.apply(
      [{ action: 'put on', variant: row.variant, ...spot }],
      `Put on ${catalogue.nameOf(catalogue.variant(row.variant))}`.slice(0, 200),
    );
    onDone();
  };
  const onKeyDown = (event: KeyboardEvent): void => {
    if (event.target !== list.current) return;
    if (event.key === 'ArrowDown') setActive(active === null ? 0 : Math.min(rows.length - 1, active + 1));
    else if (event.key === 'ArrowUp') setActive(Math.max(0, (active ?? 0) - 1));
    else if (event.key === 'Enter') putOn(chosen);
    else return;
    event.preventDefault();
  };
  if (rows.length === 0)
    return (
      <Empty title="Nothing is noted to do as well">
        <p>Note a candidate as a substitute, with A in the list of candidates.</p>
      </Empty>
    );
  return (
    <>
      <p className="text-pencil border-rule border-b px-4 py-2 text-[0.93rem]">
        An errand may buy one of these instead, the first before the others.
      </p>
      {/* eslint-disable-next-line jsx-a11y/no-noninteractive-element-interactions -- the list has the arrows; its rows have fields of their own */}
      <ul
        ref={list}
        aria-label="Substitutes, best first"
        // eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- for the arrows
        tabIndex={0}
        className="min-h-0 flex-1 overflow-auto outline-none"
        onKeyDown={onKeyDown}
      >
        {rows.map((row, i) => (
          <SubstituteRow
            key={row.variant}
            row={row}
            rank={i + 1}
            isActive={row === chosen}
            edits={edits}
            onPoint={() => setActive(i)}
            onPutOn={() => putOn(row)}
          />
        ))}
      </ul>
      {variant && (
        <div className="border-rule border-t px-4 py-2.5">
          <WhatChanges look={look} brief={brief} company={company} at={spot} variant={variant} />
        </div>
      )}
    </>
  );
}

interface SubstituteRowProps {
  readonly row: NotedSubstituteDto;
  readonly rank: number;
  readonly isActive: boolean;
  readonly edits: LookEdits;
  readonly onPoint: () => void;
  readonly onPutOn: () => void;
}

function SubstituteRow({ row, rank, isActive, edits, onPoint, onPutOn }: SubstituteRowProps) {
  const { catalogue, supply, prices, currency } = useWorkspace();
  const variant = catalogue.variant(row.variant);
  const name = catalogue.nameOf(variant);
  const at = { position: row.position, variant: row.variant };
  const owned = supply.owned(row.variant);
  const price = prices.get(row.variant);
  return (
    <li
      className={`border-rule flex gap-3 border-b px-4 py-2 ${isActive ? 'bg-lagoon-wash' : ''}`}
      onMouseEnter={onPoint}
      onFocus={onPoint}
    >
      <PartPicture variant={variant} position={row.position} catalogue={catalogue} size={54} tacked={owned === 0} />
      <div className="min-w-0 flex-1 space-y-1 text-[0.93rem]">
        <p className="flex items-baseline gap-2">
          <span className="font-mono">{rank}</span>
          <span className="min-w-0 flex-1 truncate" title={name}>
            {name}
          </span>
          <span className="font-mono text-[0.87rem]">{owned > 0 ? `own ${owned}` : price ? priceWords(price, currency) : 'not sold'}</span>
        </p>
        <KeptInput
          label={`Why ${name} would do`}
          placeholder="Why it would do"
          className="!py-0"
          optional
          value={row.reason}
          maxLength={200}
          onKeep={(reason) => edits.apply([{ action: 'note substitute', ...at, reason }], `Why ${name} would do`.slice(0, 200))}
        />
        <p className="flex items-center gap-1.5">
          <Button className="!px-2 !py-0.5" onClick={onPutOn}>
            Put it on
          </Button>
          {rank > 1 && (
            <Button
              tone="quiet"
              className="!px-1.5 !py-0.5"
              aria-label={`Prefer ${name}`}
              onClick={() => edits.apply([{ action: 'prefer substitute', ...at }], `Prefer ${name}`.slice(0, 200))}
            >
              <ArrowUp size={15} strokeWidth={1.75} /> prefer
            </Button>
          )}
          <Button
            tone="quiet"
            className="!ml-auto !px-1.5 !py-0.5"
            aria-label={`Take ${name} off the list`}
            onClick={() => edits.apply([{ action: 'drop substitute', ...at }], `Take ${name} off the substitutes`.slice(0, 200))}
          >
            <X size={15} strokeWidth={1.75} />
          </Button>
        </p>
      </div>
    </li>
  );
}
