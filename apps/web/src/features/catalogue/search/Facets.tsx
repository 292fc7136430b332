import type { Facet } from '@outfit/core';
import { useState } from 'react';
import { Button } from '@/ui';
import type { Search } from './useSearch';

const TITLES: Readonly<Record<Facet, string>> = {
  family: 'Kind of part',
  colour: 'Colour',
  exists: 'Exists',
  era: 'Print',
  range: 'Range',
  owned: 'Wardrobe',
};
const ORDER: readonly Facet[] = ['family', 'colour', 'exists', 'owned', 'range', 'era'];
const VALUE_NAMES: Readonly<Record<string, string>> = { early: 'early era', late: 'late era', plain: 'no print' };
const SHOWN = 6;

/** Narrowing by what parts have, each value with how many it would leave. */
export function Facets({ search }: { readonly search: Search }) {
  const { answer, asked } = search;
  const any = Object.keys(asked).length > 0;
  return (
    <aside aria-label="Narrow down" className="min-h-0 overflow-auto pr-3 pb-4 pl-5 text-[0.93rem]">
      <div className="flex h-8 items-center">
        <h2 className="text-[1.05rem]">Narrow down</h2>
        {any && (
          <Button tone="quiet" className="ml-auto !px-1 !py-0 text-[0.87rem]" onClick={search.clear}>
            Clear
          </Button>
        )}
      </div>
      {ORDER.map((facet) => (
        <FacetGroup
          key={facet}
          facet={facet}
          values={answer?.facets.find((row) => row.name === facet)?.values ?? []}
          asked={asked[facet] ?? []}
          onToggle={(value) => search.toggle(facet, value)}
        />
      ))}
    </aside>
  );
}

interface FacetGroupProps {
  readonly facet: Facet;
  readonly values: readonly { readonly value: string; readonly count: number }[];
  readonly asked: readonly string[];
  readonly onToggle: (value: string) => void;
}

function FacetGroup({ facet, values, asked, onToggle }: FacetGroupProps) {
  const [all, setAll] = useState(false);
  const gone = asked.filter((value) => !values.some((row) => row.value === value)).map((value) => ({ value, count: 0 }));
  const rows = [...gone, ...values];
  const shown = all ? rows : rows.filter((row, i) => i < SHOWN || asked.includes(row.value));
  if (rows.length === 0) return null;
  return (
    <fieldset className="mt-2">
      <legend className="text-pencil text-[0.87rem]">{TITLES[facet]}</legend>
      {shown.map(({ value, count }) => (
        <label key={value} className="flex cursor-pointer items-center gap-1.5 leading-[1.45] hover:text-lagoon">
          <input type="checkbox" className="accent-lagoon" checked={asked.includes(value)} onChange={() => onToggle(value)} />
          <span className="min-w-0 flex-1 truncate">{VALUE_NAMES[value] ?? value}</span>
          <span className="text-pencil font-mono text-[0.8rem]">{count}</span>
        </label>
      ))}
      {rows.length > shown.length && (
        <button type="button" className="text-lagoon text-[0.87rem] underline" onClick={() => setAll(true)}>
          {rows.length - shown.length} more
        </button>
      )}
    </fieldset>
  );
}
