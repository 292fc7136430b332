import type { Catalogue } from '../../catalogue/index.js';
import { applyEdits, EditRefused, type Look, type LookEdit } from '../../figure/index.js';
import { entryAt, seededRandom, shuffle } from '../../kernel/index.js';
import type { CopyVariation } from '../plan/index.js';

/**
 * Shares `kinds` kinds over `places` places in a row: each as often as any other or once more, and, where wanted and possible, never the
 * same beside itself. Which goes where is drawn by the seed. One kind alone is always beside itself.
 *
 * With the most frequent left never exceeding half of what is left, rounded up, a next one that differs can always be placed.
 */
export function spreadKinds(kinds: number, places: number, isApart: boolean, seed: number): readonly number[] {
  if (kinds < 1) return [];
  const draw = seededRandom(seed);
  const left = new Array<number>(kinds).fill(Math.floor(places / kinds));
  const order = shuffle([...left.keys()], draw);
  for (let extra = 0; extra < places % kinds; extra += 1) left[entryAt(order, extra)] = entryAt(left, entryAt(order, extra)) + 1;
  const row: number[] = [];
  for (let at = 0; at < places; at += 1) {
    const last = row.at(-1);
    const remaining = places - at;
    const allowed = [...left.keys()].filter((kind) => entryAt(left, kind) > 0 && !(isApart && kind === last));
    const pressing = allowed.filter((kind) => isApart && 2 * entryAt(left, kind) > remaining);
    const choices = pressing.length > 0 ? pressing : allowed.length > 0 ? allowed : [last ?? 0];
    const weight = choices.reduce((all, kind) => all + entryAt(left, kind), 0);
    let spin = draw() * weight;
    const kind = choices.find((one) => (spin -= entryAt(left, one)) < 0) ?? choices[0] ?? 0;
    left[kind] = entryAt(left, kind) - 1;
    row.push(kind);
  }
  return row;
}

/**
 * A row of kinds, each as often as it is counted, spread along it: who is farthest behind its share comes next.
 *
 * @example spreadOut([4, 1]) // [0, 1, 0, 0, 0]
 */
export function spreadOut(counts: readonly number[]): readonly number[] {
  const total = counts.reduce((all, count) => all + count, 0);
  const placed = counts.map(() => 0);
  return Array.from({ length: total }, (_, i) => {
    const behind = (kind: number): number => (entryAt(counts, kind) * (i + 0.5)) / total - entryAt(placed, kind);
    const left = [...counts.keys()].filter((kind) => entryAt(placed, kind) < entryAt(counts, kind));
    const kind = left.reduce((best, own) => (behind(own) > behind(best) + 1e-9 ? own : best), entryAt(left, 0));
    placed[kind] = entryAt(placed, kind) + 1;
    return kind;
  });
}

/** Which copies, of those that are still free, a variation for some of them takes: evenly along the row, begun where the seed says. */
function someOf(free: readonly number[], wanted: number, seed: number): readonly number[] {
  const take = Math.min(wanted, free.length);
  if (take === 0) return [];
  const shift = Math.floor(seededRandom(seed)() * free.length);
  return Array.from({ length: take }, (_, i) => entryAt(free, (Math.floor((i * free.length) / take) + shift) % free.length)).sort(
    (a, b) => a - b,
  );
}

/** One copy of a recipe as it stands in the row, with the names of the variations that make it so. */
export interface ArmyCopy {
  readonly look: Look;
  readonly by: readonly string[];
}

/**
 * The copies of a recipe, one after the other, as its variations make them. Of several variations at one position the earlier one is
 * served first, and a copy is varied there once. A variant that does not go there leaves its copies as the recipe has them.
 */
export function copiesOf(look: Look, copies: number, variations: readonly CopyVariation[], catalogue: Catalogue): readonly ArmyCopy[] {
  const edits: LookEdit[][] = Array.from({ length: copies }, () => []);
  const names: string[][] = Array.from({ length: copies }, () => []);
  const taken = new Map<string, Set<number>>();
  const someFirst = [...variations].sort((a, b) => Number(a.copies === null) - Number(b.copies === null));
  for (const { position, variants, copies: wanted, isApart, seed, name } of someFirst) {
    const varied = taken.get(position) ?? new Set<number>();
    taken.set(position, varied);
    const free = [...edits.keys()].filter((i) => !varied.has(i));
    const chosen = wanted === null ? free : someOf(free, wanted, seed);
    const kinds = spreadKinds(variants.length, chosen.length, isApart, seed);
    for (const [i, copy] of chosen.entries()) {
      const variant = variants[kinds[i] ?? -1];
      if (variant === undefined || !catalogue.has(variant)) continue;
      varied.add(copy);
      edits[copy]?.push({ action: 'put on', position, variant });
      names[copy]?.push(name);
    }
  }
  // Copies that are alike are one look: forty of them are drawn and counted as a dozen.
  const known = new Map<string, Look>();
  return edits.map((own, i) => {
    const key = JSON.stringify(own);
    let made = known.get(key);
    if (!made) known.set(key, (made = vary(look, own, catalogue)));
    return { look: made, by: made === look ? [] : (names[i] ?? []) };
  });
}

function vary(look: Look, edits: readonly LookEdit[], catalogue: Catalogue): Look {
  if (edits.length === 0) return look;
  try {
    return applyEdits(look, edits, catalogue);
  } catch (error) {
    if (error instanceof EditRefused) return look;
    throw error;
  }
}

/** The different looks among the copies of a recipe, with how many there are of each; together as many as there are copies. */
export function distinctCopies(
  look: Look,
  copies: number,
  variations: readonly CopyVariation[],
  catalogue: Catalogue,
): readonly { readonly look: Look; readonly copies: number }[] {
  if (variations.length === 0) return [{ look, copies }];
  const counts = new Map<Look, number>();
  for (const copy of copiesOf(look, copies, variations, catalogue)) counts.set(copy.look, (counts.get(copy.look) ?? 0) + 1);
  return [...counts].map(([one, many]) => ({ look: one, copies: many }));
}
