import { amountOf, type Candidate, mainColourOf, unitsOf } from '@outfit/core';
import { SlidersHorizontal } from 'lucide-react';
import { Popover } from 'radix-ui';
import { useMemo } from 'react';
import { Button, Choice, Label, OwnInput } from '@/ui';
import { useWorkspace } from '@/workspace';
import { type CandidateFilters, NO_FILTERS, setCount, type Sort, SORTS } from './filters';

const SORT_WORDS: Readonly<Record<Sort, string>> = {
  rank: 'Best first',
  likeness: 'Likeness gained',
  price: 'Cheapest first',
  owned: 'Owned first',
  name: 'By name',
};

interface CandidateFilterBarProps {
  readonly filters: CandidateFilters;
  /** What there is to choose from: the moulds, colours and motifs of this position. */
  /** Every variant that fits, filtered or not. */
  readonly all: () => readonly Candidate['variant'][];
  readonly onFilter: (filters: Partial<CandidateFilters>) => void;
}

/** What narrows and orders the candidates. */
export function CandidateFilterBar({ filters, all, onFilter }: CandidateFilterBarProps) {
  const more = setCount(filters);
  return (
    <div className="mt-2 flex gap-1.5">
      <Chip on={filters.onlyOwned} onToggle={(onlyOwned) => onFilter({ onlyOwned })}>
        Owned
      </Chip>
      <Chip on={filters.onlyMade} onToggle={(onlyMade) => onFilter({ onlyMade })}>
        Made
      </Chip>
      <OwnInput
        aria-label="Filter by words"
        placeholder="Colour, shape, name"
        value={filters.words}
        onFollow={(words) => onFilter({ words })}
      />
      <Popover.Root>
        <Popover.Trigger asChild>
          <Button aria-label={`More filters and order${more > 0 ? `, ${more} set` : ''}`} className="!px-2">
            <SlidersHorizontal size={16} strokeWidth={1.75} />
            {more > 0 && <b className="ml-1">{more}</b>}
          </Button>
        </Popover.Trigger>
        <Popover.Portal>
          <Popover.Content sideOffset={6} align="end" className="border-pencil bg-sheet rounded-cut z-50 w-80 space-y-2.5 border p-4">
            <MoreFilters filters={filters} all={all} onFilter={onFilter} />
            <p className="flex justify-between">
              <Button tone="quiet" onClick={() => onFilter(NO_FILTERS)}>
                Clear all
              </Button>
              <Popover.Close asChild>
                <Button>Done</Button>
              </Popover.Close>
            </p>
          </Popover.Content>
        </Popover.Portal>
      </Popover.Root>
    </div>
  );
}

function MoreFilters({ filters, all, onFilter }: CandidateFilterBarProps) {
  const { catalogue, currency } = useWorkspace();
  const choices = useMemo(() => {
    const [colours, motifs, shapes] = [new Set<string>(), new Set<string>(), new Set<string>()];
    for (const variant of all()) {
      const mould = catalogue.mouldOf(variant);
      colours.add(mainColourOf(variant, catalogue).id);
      for (const motif of [...mould.motifs, ...(catalogue.printOf(variant)?.motifs.map((row) => row.motif) ?? [])]) motifs.add(motif);
      for (const word of mould.shape.words) shapes.add(word);
    }
    const named = (ids: Iterable<string>, name: (id: string) => string) =>
      [...ids].map((value) => ({ value, label: name(value) })).sort((a, b) => a.label.localeCompare(b.label));
    return {
      colours: named(colours, (id) => catalogue.colour(id).name),
      motifs: named(motifs, (id) => catalogue.motifName(id)),
      shapes: named(shapes, (word) => word),
    };
  }, [all, catalogue]);
  const any = { value: '', label: 'any' };
  return (
    <>
      <Label text="Order">
        <Choice
          value={filters.sort}
          options={SORTS.map((value) => ({ value, label: SORT_WORDS[value] }))}
          onChoose={(sort) => onFilter({ sort })}
        />
      </Label>
      <Label text="Exists in the colour">
        <Choice value={filters.colour} options={[any, ...choices.colours]} onChoose={(colour) => onFilter({ colour })} />
      </Label>
      <Label text="Shows">
        <Choice value={filters.motif} options={[any, ...choices.motifs]} onChoose={(motif) => onFilter({ motif })} />
      </Label>
      <Label text="Shape">
        <Choice value={filters.shape} options={[any, ...choices.shapes]} onChoose={(shape) => onFilter({ shape })} />
      </Label>
      <Label text="Print period">
        <Choice
          value={filters.era}
          options={[
            { value: '', label: 'any' },
            { value: 'early', label: 'early, thin lines' },
            { value: 'late', label: 'late, fuller' },
          ]}
          onChoose={(era) => onFilter({ era })}
        />
      </Label>
      <Label text="Under this price, landed (owned counts as nothing)">
        <OwnInput
          inputMode="decimal"
          value={priceText(filters.underMinor, currency)}
          asValue={(text) => priceText(priceOf(text, currency), currency)}
          onFollow={(text) => onFilter({ underMinor: priceOf(text, currency) })}
        />
      </Label>
    </>
  );
}

/** A price as typed, in minor units; null for none yet. */
const priceOf = (text: string, currency: string): number | null => {
  const amount = amountOf(text, currency);
  return typeof amount === 'number' && amount > 0 ? amount : null;
};
const priceText = (minor: number | null, currency: string): string => (minor === null ? '' : String(unitsOf(minor, currency)));

function Chip({ on, onToggle, children }: { readonly on: boolean; readonly onToggle: (on: boolean) => void; readonly children: string }) {
  return (
    <button
      type="button"
      aria-pressed={on}
      onClick={() => onToggle(!on)}
      className={`rounded-cut border px-2.5 py-1 text-[0.93rem] ${on ? 'border-lagoon text-lagoon bg-lagoon-wash font-semibold' : 'border-rule hover:border-pencil'}`}
    >
      {children}
    </button>
  );
}
