import type { Catalogue, Source, Variant } from '../catalogue.js';
import { hairWords, plainWords } from '../plainColour.js';
import { sourcesByVariant } from '../sources.js';

/** The columns a variant is searched by, each a text of words. */
export const SEARCH_COLUMNS = ['number', 'name', 'nickname', 'motif', 'colour', 'shape', 'source'] as const;
export type SearchDocument = Readonly<Record<(typeof SEARCH_COLUMNS)[number], string>>;

/** How much a match in each column counts, in the order of SEARCH_COLUMNS. */
export const SEARCH_WEIGHTS = [10, 6, 8, 4, 3, 2, 1] as const;

/** Writes search documents for the variants of one catalogue; what many variants share is put together once. */
export class DocumentWriter {
  private readonly sources: ReadonlyMap<string, readonly { readonly source: Source }[]>;
  private readonly figureNames = new Map<string, string[]>();
  private readonly motifs = new Map<string, string>();
  private readonly colours = new Map<string, string>();

  constructor(private readonly catalogue: Catalogue) {
    this.sources = sourcesByVariant(catalogue.data);
    for (const figure of catalogue.data.officialFigures)
      for (const { variant } of figure.parts)
        this.figureNames.set(variant, [...(this.figureNames.get(variant) ?? []), `${figure.name} ${figure.person ?? ''}`]);
  }

  document(variant: Variant): SearchDocument {
    const mould = this.catalogue.mouldOf(variant);
    const sources = (this.sources.get(variant.id) ?? []).map(({ source }) => `${source.id} ${source.name} ${source.range}`);
    return {
      number: `${mould.number} ${mould.number.replace('-', '')}`,
      name: `${mould.name} ${mould.family}`,
      nickname: mould.nicknames.join(' '),
      motif: this.motifWords(variant),
      colour: variant.colours.map((id, i) => this.colourWords(id, i === mould.hairColour)).join(' '),
      shape: mould.shape.words.join(' '),
      source: [...new Set([...sources, ...(this.figureNames.get(variant.id) ?? [])])].join(' '),
    };
  }

  private motifWords(variant: Variant): string {
    const key = `${variant.mould}|${variant.print ?? ''}`;
    let words = this.motifs.get(key);
    if (words === undefined) {
      const print = this.catalogue.printOf(variant);
      const motifs = [...(print?.motifs.map((motif) => motif.motif) ?? []), ...this.catalogue.mouldOf(variant).motifs];
      words = [...new Set([print?.name ?? '', print?.mood ?? '', ...motifs.map((motif) => this.catalogue.motifName(motif))])].join(' ');
      this.motifs.set(key, words);
    }
    return words;
  }

  private colourWords(id: string, isHair: boolean): string {
    const key = `${id}|${String(isHair)}`;
    let words = this.colours.get(key);
    if (words === undefined) {
      const colour = this.catalogue.colour(id);
      words = `${colour.name} ${(isHair ? hairWords(colour) : plainWords(colour)).join(' ')}`;
      this.colours.set(key, words);
    }
    return words;
  }
}
