import { entryAt } from '../../kernel/index.js';
import { hairWords, plainWords } from '../../colour/index.js';
import type { Steps } from '../../kernel/index.js';
import type { Catalogue } from '../catalogue.js';
import type { Mould, OfficialFigure, Print, Source, Variant } from '../entries.js';
import { sourcesByVariant } from '../sources.js';

/** What a fact is about, and how much a word found in it counts. */
const FACT_WEIGHTS = {
  number: 10,
  nickname: 8,
  name: 6,
  motif: 4,
  colour: 3,
  shape: 2,
  'other colour': 1.5,
  source: 1,
} as const;
type FactColumn = keyof typeof FACT_WEIGHTS;

/** A word that is whole in a fact counts more than one that only begins there. */
const WHOLE_WORD = 1.5;
/** Scores are whole numbers of these: a quarter is the least by which two can differ. */
const SCORE_UNITS = 4;
const MOST_SCORE = SCORE_UNITS * WHOLE_WORD * Math.max(...Object.values(FACT_WEIGHTS));
/** Where the parts of a cell begin; scores of as many words as a query may have stay under a count's first bit. */
const [LAST_WORD, COUNT] = [24, 16];
const SCORE = (1 << COUNT) - 1;
const COUNT_AND_SCORE = (1 << LAST_WORD) - 1;
const MOST_MOULDS = 3;
const LOOKED_AT = 400;
const VARIANTS_A_STEP = 8000;
const NO_ROWS = new Int32Array(0);

/** A text that many variants share: what a mould is called, what a print shows, the words for a colour, where it came from. */
export interface Fact {
  readonly column: FactColumn;
  readonly text: string;
}

/** A fact in which a word was found; `whole` when it stands there whole. */
export interface FactHit {
  readonly fact: number;
  readonly whole: boolean;
}

/** Rows of variants that were found, the best first. */
export interface Ranking {
  readonly rows: Int32Array;
  /** Nothing has all the words: these have some of them. */
  readonly any: boolean;
}

/**
 * The facts of a catalogue, and which variants each is true of. Few texts stand for many variants, so that searching
 * texts stays cheap however many variants there are.
 */
export class FactBook {
  private readonly isMade: Uint8Array;
  /**
   * What is worked on while ranking, for every variant; wiped for each question rather than made anew. A cell holds the last word that was
   * found, how many were, and the score: whoever finds a row looks in one place, not in three.
   */
  private readonly slate: { readonly cells: Int32Array; readonly found: Int32Array; readonly places: Int32Array };

  private constructor(
    readonly variants: readonly Variant[],
    readonly facts: readonly Fact[],
    private readonly postings: readonly Int32Array[],
  ) {
    const { length } = variants;
    this.isMade = Uint8Array.from(variants, (variant) => Number(variant.made !== undefined));
    this.slate = { cells: new Int32Array(length), found: new Int32Array(length), places: new Int32Array(length) };
  }

  /** Writes the book, some thousand variants a step. */
  static *write(variants: readonly Variant[], catalogue: Catalogue): Steps<FactBook> {
    const facts: Fact[] = [];
    const rows: number[][] = [];
    const make = (column: FactColumn, text: string): number => {
      rows.push([]);
      return facts.push({ column, text }) - 1;
    };
    const add = (row: number, fact: number): void => {
      const posting = rows[fact];
      if (posting && posting[posting.length - 1] !== row) posting.push(row);
    };
    const sources = sourcesByVariant(catalogue.data);
    const figures = figuresByVariant(catalogue);
    // Each text is made once and then found by what it is about: 60,000 variants share a few hundred of them.
    const ofMould = once((mould: Mould) => [
      make('number', `${mould.number} ${mould.number.replace('-', '')}`),
      make('name', `${mould.name} ${mould.family}`),
      ...(mould.nicknames.length > 0 ? [make('nickname', mould.nicknames.join(' '))] : []),
      ...(mould.shape.words.length > 0 ? [make('shape', mould.shape.words.join(' '))] : []),
      ...(mould.motifs.length > 0 ? [make('motif', mould.motifs.map((motif) => catalogue.motifName(motif)).join(' '))] : []),
    ]);
    const ofPrint = once((print: Print) =>
      make('motif', [print.name, print.mood ?? '', ...new Set(print.motifs.map((motif) => catalogue.motifName(motif.motif)))].join(' ')),
    );
    const colourIn = (column: FactColumn, words: typeof plainWords) =>
      once((id: string) => {
        const colour = catalogue.colour(id);
        return make(column, `${colour.name} ${words(colour).join(' ')}`);
      });
    const ofColour = {
      main: { hair: colourIn('colour', hairWords), plain: colourIn('colour', plainWords) },
      other: { hair: colourIn('other colour', hairWords), plain: colourIn('other colour', plainWords) },
    };
    const ofSource = once((source: Source) => make('source', sourceText(source)));
    const ofFigure = once((figure: OfficialFigure) => make('source', `${figure.name} ${figure.person ?? ''}`));
    for (const [row, variant] of variants.entries()) {
      if (row % VARIANTS_A_STEP === VARIANTS_A_STEP - 1) yield;
      const mould = catalogue.mouldOf(variant);
      const print = catalogue.printOf(variant);
      for (const fact of ofMould(mould)) add(row, fact);
      if (print) add(row, ofPrint(print));
      const main = mould.hairColour ?? 0;
      variant.colours.forEach((id, i) => {
        add(row, ofColour[i === main ? 'main' : 'other'][i === mould.hairColour ? 'hair' : 'plain'](id));
      });
      for (const { source } of sources.get(variant.id) ?? []) add(row, ofSource(source));
      for (const figure of figures.get(variant.id) ?? []) add(row, ofFigure(figure));
    }
    return new FactBook(
      variants,
      facts,
      rows.map((list) => Int32Array.from(list)),
    );
  }

  /** Ranks the variants of which every word is true; when there is none, those of which any is. One list of hits a word. */
  rank(words: readonly (readonly FactHit[])[]): Ranking {
    const { cells } = this.slate;
    cells.fill(0);
    for (const [word, hits] of words.entries()) {
      const weighed = hits
        .map(({ fact, whole }) => ({
          fact,
          weight: SCORE_UNITS * FACT_WEIGHTS[this.facts[fact]?.column ?? 'source'] * (whole ? WHOLE_WORD : 1),
        }))
        .sort((a, b) => b.weight - a.weight);
      for (const { fact, weight } of weighed) {
        const rows = this.postings[fact] ?? NO_ROWS;
        for (let i = 0; i < rows.length; i += 1) {
          const row = entryAt(rows, i);
          const cell = entryAt(cells, row);
          if (cell >> LAST_WORD === word + 1) continue;
          cells[row] = ((word + 1) << LAST_WORD) | ((cell & COUNT_AND_SCORE) + (1 << COUNT) + weight);
        }
      }
    }
    const all = this.best(words.length, words.length);
    if (all.length > 0 || words.length < 2) return { rows: all, any: false };
    return { rows: this.best(1, words.length), any: true };
  }

  /** The moulds most of what was found is made in, the best matches counting most: their colours answer “does it exist in …?”. */
  mouldsAmong(rows: Int32Array): readonly string[] {
    const counts = new Map<string, number>();
    rows.subarray(0, LOOKED_AT).forEach((row, i) => {
      const mould = this.variants[row]?.mould;
      if (mould !== undefined) counts.set(mould, (counts.get(mould) ?? 0) + 1 / (1 + i / 20));
    });
    return [...counts]
      .sort((a, b) => b[1] - a[1])
      .slice(0, MOST_MOULDS)
      .map(([mould]) => mould);
  }

  /** Rows with at least so many words, by how many, then by score, what is made first; few places differ, so rows are dealt to them, not sorted. */
  private best(least: number, words: number): Int32Array {
    const { cells, found, places } = this.slate;
    const scores = MOST_SCORE * words + 1;
    const sizes = new Int32Array((words + 1) * scores * 2);
    let total = 0;
    for (let row = 0; row < cells.length; row += 1) {
      const cell = entryAt(cells, row);
      const count = (cell & COUNT_AND_SCORE) >> COUNT;
      if (count < least || count === 0) continue;
      const place = (count * scores + (cell & SCORE)) * 2 + entryAt(this.isMade, row);
      found[total] = row;
      places[total] = place;
      sizes[place] = entryAt(sizes, place) + 1;
      total += 1;
    }
    // Where each place begins, the highest first; rows of one place stay in their order.
    let from = 0;
    for (let place = sizes.length - 1; place >= 0; place -= 1) {
      const size = entryAt(sizes, place);
      sizes[place] = from;
      from += size;
    }
    const rows = new Int32Array(total);
    for (let i = 0; i < total; i += 1) {
      const place = entryAt(places, i);
      const at = entryAt(sizes, place);
      rows[at] = entryAt(found, i);
      sizes[place] = at + 1;
    }
    return rows;
  }
}

const sourceText = ({ id, name, range }: Source): string => `${id} ${name} ${range}`;

/** The official figures that wear each variant. */
function figuresByVariant(catalogue: Catalogue): ReadonlyMap<string, readonly OfficialFigure[]> {
  const by = new Map<string, Set<OfficialFigure>>();
  for (const figure of catalogue.data.officialFigures)
    for (const { variant } of figure.parts) by.set(variant, (by.get(variant) ?? new Set()).add(figure));
  return new Map([...by].map(([variant, figures]) => [variant, [...figures]]));
}

/** A function that works each answer out once. */
function once<In, Out>(work: (given: In) => Out): (given: In) => Out {
  const known = new Map<In, Out>();
  return (given) => {
    let answer = known.get(given);
    if (answer === undefined) known.set(given, (answer = work(given)));
    return answer;
  };
}
