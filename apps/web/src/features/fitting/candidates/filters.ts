import { type Catalogue, type Era, mainColourOf, motifsOf, type Variant } from '@outfit/core';

export const SORTS = ['rank', 'likeness', 'price', 'owned', 'name'] as const;
export type Sort = (typeof SORTS)[number];

/** The filters of the candidate list; all of them live in the address. */
export interface CandidateFilters {
  readonly onlyOwned: boolean;
  readonly onlyMade: boolean;
  readonly words: string;
  readonly colour: string;
  readonly motif: string;
  readonly shape: string;
  readonly era: Era | '';
  /** In minor units; null for any price. */
  readonly underMinor: number | null;
  readonly sort: Sort;
}

export const NO_FILTERS: CandidateFilters = {
  onlyOwned: false,
  onlyMade: false,
  words: '',
  colour: '',
  motif: '',
  shape: '',
  era: '',
  underMinor: null,
  sort: 'rank',
};

/** Filters as they stand in the address. */
export function readFilters(params: URLSearchParams): CandidateFilters {
  const era = params.get('era');
  const under = Number(params.get('under') ?? NaN);
  return {
    onlyOwned: params.get('owned') === '1',
    onlyMade: params.get('made') === '1',
    words: params.get('words') ?? '',
    colour: params.get('colour') ?? '',
    motif: params.get('motif') ?? '',
    shape: params.get('shape') ?? '',
    era: era === 'early' || era === 'late' ? era : '',
    underMinor: Number.isFinite(under) && under > 0 ? under : null,
    sort: SORTS.find((sort) => sort === params.get('sort')) ?? 'rank',
  };
}

/** What of the address a change of filters changes; null takes a key out. */
export function writeFilters(changed: Partial<CandidateFilters>): Readonly<Record<string, string | null>> {
  const address: Record<string, string | null> = {};
  if (changed.onlyOwned !== undefined) address['owned'] = changed.onlyOwned ? '1' : null;
  if (changed.onlyMade !== undefined) address['made'] = changed.onlyMade ? '1' : null;
  for (const key of ['words', 'colour', 'motif', 'shape', 'era'] as const)
    if (changed[key] !== undefined) address[key] = changed[key] || null;
  if (changed.underMinor !== undefined) address['under'] = changed.underMinor === null ? null : String(changed.underMinor);
  if (changed.sort !== undefined) address['sort'] = changed.sort === 'rank' ? null : changed.sort;
  return address;
}

/** Does any filter keep a variant out? */
export const isFilterSet = (filters: CandidateFilters): boolean =>
  filters.onlyOwned || filters.onlyMade || filters.words !== '' || setCount(filters) > 0;

/** How many filters beyond the two chips and the words are set. */
export const setCount = ({ colour, motif, shape, era, underMinor }: CandidateFilters): number =>
  [colour, motif, shape, era].filter((value) => value !== '').length + (underMinor === null ? 0 : 1);

const texts = new WeakMap<Variant, string>();

/** Everything a variant is called, in lower case; made once for each. */
function textOf(variant: Variant, catalogue: Catalogue): string {
  let text = texts.get(variant);
  if (text === undefined) {
    const mould = catalogue.mouldOf(variant);
    text = [catalogue.nameOf(variant), mould.number, ...mould.nicknames, ...mould.shape.words].join(' ').toLowerCase();
    texts.set(variant, text);
  }
  return text;
}

/** Does a variant pass the filters? */
export function passes(
  filters: CandidateFilters,
  catalogue: Catalogue,
  owned: (variant: string) => number,
  landedMinor: (variant: string) => number | null,
): (variant: Variant) => boolean {
  const words = filters.words.toLowerCase().split(/\s+/).filter(Boolean);
  return (variant) => {
    if (filters.onlyOwned && owned(variant.id) === 0) return false;
    if (filters.onlyMade && !variant.made) return false;
    if (filters.colour !== '' && mainColourOf(variant, catalogue).id !== filters.colour) return false;
    if (filters.motif !== '' && !motifsOf(variant, catalogue).has(filters.motif)) return false;
    if (filters.shape !== '' && !catalogue.mouldOf(variant).shape.words.includes(filters.shape)) return false;
    if (filters.era !== '' && catalogue.printOf(variant)?.era !== filters.era) return false;
    if (filters.underMinor !== null && owned(variant.id) === 0 && (landedMinor(variant.id) ?? Infinity) >= filters.underMinor) return false;
    return words.length === 0 || words.every((word) => textOf(variant, catalogue).includes(word));
  };
}
