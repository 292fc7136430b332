import { type Catalogue, isMood, type MoodName } from '../catalogue/index.js';
import { hairWords, plainWords } from '../colour/index.js';

/** One thing a part must have. Colours are a palette colour, or a plain word such as *brown*. */
export type Condition = { readonly text: string } & (
  | { readonly kind: 'motif'; readonly motif: string; readonly colour: string | null }
  | { readonly kind: 'mood'; readonly mood: MoodName }
  | { readonly kind: 'shape'; readonly word: string }
  | { readonly kind: 'colour'; readonly colour: string }
);

/** How a sentence such as "any head with brown brows and a calm face" was understood. */
export interface Predicate {
  readonly conditions: readonly Condition[];
  /** Clauses that name nothing known. */
  readonly unknown: readonly string[];
}

/** Words that carry nothing in "any head with … and a … face". */
const FILLERS = new Set(['any', 'a', 'an', 'the', 'with', 'has', 'having', 'in', 'of', 'some']);
const PART_WORDS = new Set(['head', 'face', 'hair', 'torso', 'legs', 'part', 'expression', 'look', 'mood', 'one']);

interface Vocabulary {
  /** Motif or family id by each name it goes by. */
  readonly motifs: ReadonlyMap<string, string>;
  readonly colours: ReadonlyMap<string, string>;
  readonly plain: ReadonlySet<string>;
  readonly shapes: ReadonlySet<string>;
  readonly read: Map<string, Predicate>;
}

const vocabularies = new WeakMap<Catalogue, Vocabulary>();

function vocabularyOf(catalogue: Catalogue): Vocabulary {
  let known = vocabularies.get(catalogue);
  if (known) return known;
  const motifs = new Map<string, string>();
  for (const motif of catalogue.data.motifs) {
    if (motif.parent !== undefined && !motifs.has(motif.parent)) motifs.set(motif.parent.toLowerCase(), motif.parent);
    motifs.set(motif.name.toLowerCase(), motif.id);
    motifs.set(motif.id, motif.id);
  }
  known = {
    motifs,
    colours: new Map(catalogue.data.colours.map((colour) => [colour.name.toLowerCase(), colour.id])),
    plain: new Set(catalogue.data.colours.flatMap((colour) => [...plainWords(colour), ...hairWords(colour)])),
    shapes: new Set(catalogue.data.moulds.flatMap((mould) => mould.shape.words)),
    read: new Map(),
  };
  vocabularies.set(catalogue, known);
  return known;
}

/**
 * Reads a sentence into conditions, clause by clause: commas and "and" part them, filler words and names of parts fall away. What
 * names nothing known is in `unknown`, for the person to see; never throws. Kept per catalogue, as a ranking asks thousands of times.
 *
 * For example: readPredicate('any head with brown brows and a calm face', catalogue) gives motif brows in brown; mood calm.
 */
export function readPredicate(sentence: string, catalogue: Catalogue): Predicate {
  const vocabulary = vocabularyOf(catalogue);
  const known = vocabulary.read.get(sentence);
  if (known) return known;
  const conditions: Condition[] = [];
  const unknown: string[] = [];
  for (const clause of sentence.toLowerCase().split(/,|\band\b/)) {
    const words = clause.split(/\s+/).filter((word) => word !== '' && !FILLERS.has(word));
    if (words.length === 0 || words.every((word) => PART_WORDS.has(word))) continue;
    const condition =
      readClause(words, vocabulary) ??
      readClause(
        words.filter((word) => !PART_WORDS.has(word)),
        vocabulary,
      );
    if (condition) conditions.push(condition);
    else unknown.push(clause.trim());
  }
  const predicate = { conditions, unknown };
  vocabulary.read.set(sentence, predicate);
  return predicate;
}

/** "brown brows", "round glasses", "calm", "tied", "raven": a colour may stand before a motif. */
function readClause(words: readonly string[], { motifs, colours, plain, shapes }: Vocabulary): Condition | null {
  const text = words.join(' ');
  const isColour = (word: string): boolean => colours.has(word) || plain.has(word);
  if (words.length === 0) return null;
  if (isMood(text)) return { kind: 'mood', mood: text, text };
  const motif = motifs.get(text);
  if (motif !== undefined) return { kind: 'motif', motif, colour: null, text };
  for (let split = words.length - 1; split > 0; split -= 1) {
    const [before, after] = [words.slice(0, split).join(' '), motifs.get(words.slice(split).join(' '))];
    if (after !== undefined && isColour(before)) return { kind: 'motif', motif: after, colour: colours.get(before) ?? before, text };
  }
  if (shapes.has(text)) return { kind: 'shape', word: text, text };
  return isColour(text) ? { kind: 'colour', colour: colours.get(text) ?? text, text } : null;
}
