import { entryAt, count, seededRandom, shuffle } from '../../kernel/index.js';
import type { SharedBuild, Tokens } from '../plan/index.js';
import type { Pack } from './packs.js';

/** How many lie in each pack, in the order of the packs; or why the rules cannot all be kept. */
export type Spread = { readonly perPack: readonly number[] } | { readonly why: string };

interface Bounds {
  readonly least: number;
  readonly most: number;
}

/**
 * Spreads `total` alike things over packs within bounds, as even as can be: the sum of squares of what packs hold is least, and of all
 * spreads with that, so is the sum over groups of (held)²/(packs of the group), so that every group gets its share. Both sums are convex
 * and separable, so adding one at a time where it adds least reaches the least (a greedy is exact over a base of a polymatroid; Federgruen
 * and Groenevelt 1986). What is equal is drawn by the seed. Null when the bounds leave no room.
 */
export function spreadEvenly(total: number, packs: readonly Pack[], bounds: readonly Bounds[], seed: number): readonly number[] | null {
  const held = bounds.map(({ least }) => least);
  const sum = held.reduce((all, own) => all + own, 0);
  if (sum > total || bounds.reduce((all, { most }) => all + most, 0) < total) return null;
  const sizes = new Map<string, number>();
  const inGroup = new Map<string, number>();
  for (const [i, { group }] of packs.entries()) {
    sizes.set(group, (sizes.get(group) ?? 0) + 1);
    inGroup.set(group, (inGroup.get(group) ?? 0) + entryAt(held, i));
  }
  const order = shuffle([...packs.keys()], seededRandom(seed));
  const groupAdds = (i: number): number => {
    const group = packs[i]?.group ?? '';
    return (2 * (inGroup.get(group) ?? 0) + 1) / (sizes.get(group) ?? 1);
  };
  for (let left = total - sum; left > 0; left -= 1) {
    let best = -1;
    for (const i of order) {
      if (entryAt(held, i) >= (bounds[i]?.most ?? 0)) continue;
      if (best < 0 || entryAt(held, i) < entryAt(held, best) || (held[i] === held[best] && groupAdds(i) < groupAdds(best) - 1e-9)) best = i;
    }
    held[best] = entryAt(held, best) + 1;
    const group = packs[best]?.group ?? '';
    inGroup.set(group, (inGroup.get(group) ?? 0) + 1);
  }
  return held;
}

/**
 * Spreads tokens over packs by their rules; every rule is kept, or the answer says which cannot be.
 *
 * @param held packs that hold a piece of a shared build
 */
export function spreadTokens(tokens: Tokens, packs: readonly Pack[], held: ReadonlySet<string>): Spread {
  const { name, count: total, mostInOne, leadersGetOne, isApartFromBuilds, seed } = tokens;
  const isShut = ({ id }: Pack): boolean => isApartFromBuilds && held.has(id);
  const bounds = packs.map((pack): Bounds => ({
    least: leadersGetOne && pack.isLeader ? 1 : 0,
    most: isShut(pack) ? 0 : mostInOne,
  }));
  const shutLeader = packs.find((pack, i) => (bounds[i]?.least ?? 0) > (bounds[i]?.most ?? 0));
  if (shutLeader)
    return {
      why:
        mostInOne === 0
          ? `${name}: a leader gets one, and no pack may hold any.`
          : `${name}: a leader’s pack holds a piece of a build, and gets none.`,
    };
  const leaders = bounds.reduce((all, { least }) => all + least, 0);
  if (leaders > total) return { why: `${name}: ${count(leaders, 'leader')} get one each, and there are ${total}.` };
  const room = bounds.reduce((all, { most }) => all + most, 0);
  if (room < total) {
    const open = bounds.filter(({ most }) => most > 0).length;
    return { why: `${name}: ${total} do not go into ${count(open, 'pack')} with at most ${mostInOne} in one.` };
  }
  return { perPack: spreadEvenly(total, packs, bounds, seed) ?? [] };
}

/** What of a build lies in which pack: for each pack, how many of each element. */
export type BuildSpread =
  | {
      readonly packs: readonly { readonly pack: string; readonly elements: readonly { readonly name: string; readonly count: number }[] }[];
    }
  | { readonly why: string };

/**
 * Spreads the elements of a build over as many packs as it says: which packs is drawn, evenly over the groups, and each of them holds as
 * many pieces as any other or one more.
 *
 * @param shut packs that may hold none
 */
export function spreadBuild(build: SharedBuild, packs: readonly Pack[], shut: ReadonlySet<string> = new Set()): BuildSpread {
  const { name, elements, packs: over, seed } = build;
  const pieces = elements.flatMap((element) => Array.from({ length: element.count }, () => element.name));
  const open = packs.filter(({ id }) => !shut.has(id));
  if (over > open.length) return { why: `${name}: it comes in ${count(over, 'pack')}, and there are ${open.length} to put it in.` };
  if (pieces.length < over) return { why: `${name}: ${count(pieces.length, 'piece')} cannot come in ${count(over, 'pack')}.` };
  if (over === 0) return { why: `${name}: say in how many packs it comes.` };
  const chosen = spreadEvenly(
    over,
    open,
    open.map(() => ({ least: 0, most: 1 })),
    seed,
  );
  const holders = open.filter((_, i) => (chosen?.[i] ?? 0) > 0);
  const inPacks = holders.map(({ id }, place) => ({ pack: id, pieces: pieces.filter((_, i) => i % over === place) }));
  return {
    packs: inPacks.map(({ pack, pieces: own }) => ({
      pack,
      elements: [...new Set(own)].map((element) => ({ name: element, count: own.filter((piece) => piece === element).length })),
    })),
  };
}

/** Where tokens and builds of a line-up lie, pack by pack. */
export interface Packing {
  readonly packs: readonly Pack[];
  readonly tokens: readonly { readonly id: string; readonly name: string; readonly spread: Spread }[];
  readonly builds: readonly { readonly id: string; readonly name: string; readonly spread: BuildSpread }[];
}

/** Builds are spread first, as tokens may have to keep apart from them. Packs that leaders must find a token in hold no build then. */
export function packingOf(tokens: readonly Tokens[], builds: readonly SharedBuild[], packs: readonly Pack[]): Packing {
  const keepsLeadersFree = tokens.some(({ leadersGetOne, isApartFromBuilds }) => leadersGetOne && isApartFromBuilds);
  const shut = new Set(packs.filter(({ isLeader }) => keepsLeadersFree && isLeader).map(({ id }) => id));
  const spreadBuilds = builds.map((build) => ({ id: build.id, name: build.name, spread: spreadBuild(build, packs, shut) }));
  const held = new Set(spreadBuilds.flatMap(({ spread }) => ('packs' in spread ? spread.packs.map(({ pack }) => pack) : [])));
  return {
    packs,
    builds: spreadBuilds,
    tokens: tokens.map((own) => ({ id: own.id, name: own.name, spread: spreadTokens(own, packs, held) })),
  };
}

/** What a build lacks when one of its packs is not bought. */
export function missingWithout(spread: BuildSpread, pack: string): readonly { readonly name: string; readonly count: number }[] {
  return 'packs' in spread ? (spread.packs.find((row) => row.pack === pack)?.elements ?? []) : [];
}
