import { groupedBy } from '../../kernel/index.js';
import { type Claimant, partyOf } from './claims.js';
import type { ServingRun } from './serve.js';

/** Which figure each owned whole figure stands for as it is, by the place of the whole one. */
export type StandsFor = ReadonlyMap<string, string>;

/** What is on a donor, as far as standing for a figure goes. */
interface DonorBody {
  readonly place: string;
  readonly runs: readonly (ServingRun & { readonly variant: string })[];
}

/**
 * Parts counted, as text: two with the same text wear the same.
 *
 * For example: wornText(['b', 'a', 'b']) gives 'a b b'.
 */
const wornText = (variants: readonly string[]): string => [...variants].sort().join(' ');

/** What a donor wears. */
const bodyText = ({ runs }: DonorBody): string =>
  wornText(runs.flatMap(({ variant, quantity }) => Array.from({ length: quantity }, () => variant)));

/** Is a donor good enough as it is? Nothing of it may be flawed, and where only new pieces will do, all of it is new. */
const isGoodFor = ({ runs }: DonorBody, { newOnly }: Claimant): boolean =>
  runs.every(({ isFlawed, condition }) => !isFlawed && (!newOnly || condition === 'new'));

/** Is a piece of a donor kept for another figure, or wanted by one that stands before in line? */
export type IsKept = (donor: DonorBody, claimant: Claimant) => boolean;

/**
 * An owned figure that *is* the look serves it whole, and nothing is taken apart (wardrobe, *Promises*): in line, a donor for each copy. Figures
 * that are never shown together share them.
 *
 * @param claimants those that wear what the donors wear
 * For example: two owned, one figure in three copies gives both to it; the third copy is built.
 */
export function dealWhole(donors: readonly DonorBody[], claimants: readonly Claimant[], isKept: IsKept): StandsFor {
  const dealt = new Map<string, string>();
  const shared = new Map<string, number>();
  for (const claimant of [...claimants].sort((a, b) => (a.order < b.order ? -1 : 1))) {
    const party = partyOf(claimant);
    const has = shared.get(party) ?? 0;
    const open = donors.filter((donor) => !dealt.has(donor.place) && isGoodFor(donor, claimant) && !isKept(donor, claimant));
    const taken = open.slice(0, Math.max(0, claimant.copies - has));
    for (const { place } of taken) dealt.set(place, claimant.id);
    shared.set(party, has + taken.length);
  }
  return dealt;
}

/** Donors that are alike, and figures that wear just what they wear and are not begun. */
interface Alike {
  readonly donors: readonly DonorBody[];
  readonly wearing: readonly Claimant[];
}

const textOf = ({ parts }: Claimant): string => wornText(parts.map(({ variant }) => variant));

/** Who wears the same as which donor, kept up to date. */
export class Lookalikes {
  /** Donors by what they wear; null while it is to be found out anew. */
  private donors: ReadonlyMap<string, readonly DonorBody[]> | null = null;
  private readonly wearing = new Map<string, Set<string>>();
  /** How many pieces are built into a figure or lie on its tray. */
  private readonly begun = new Map<string, number>();

  setRuns(before: readonly ServingRun[], after: readonly ServingRun[]): void {
    if ([...before, ...after].some(({ reach }) => reach === 'donor')) this.donors = null;
    for (const [runs, by] of [[before, -1] as const, [after, 1] as const])
      for (const { figure } of runs) if (figure !== null) this.begun.set(figure, (this.begun.get(figure) ?? 0) + by);
  }

  add(claimant: Claimant): void {
    const text = textOf(claimant);
    this.wearing.set(text, (this.wearing.get(text) ?? new Set<string>()).add(claimant.id));
  }

  remove(claimant: Claimant): void {
    this.wearing.get(textOf(claimant))?.delete(claimant.id);
  }

  /** Those alike, if some figures wanted something else. */
  among(
    stock: ReadonlyMap<string, readonly ServingRun[]>,
    claimants: ReadonlyMap<string, Claimant>,
    others: readonly Claimant[],
  ): readonly Alike[] {
    this.donors ??= donorsIn(stock);
    const replaced = new Set(others.map(({ id }) => id));
    return [...this.donors].flatMap(([text, donors]) => {
      const stored = [...(this.wearing.get(text) ?? [])].flatMap((id) => (replaced.has(id) ? [] : (claimants.get(id) ?? [])));
      const wearing = [...stored, ...others.filter((claimant) => textOf(claimant) === text)].filter(({ id }) => !this.begun.get(id));
      return wearing.length > 0 ? [{ donors, wearing }] : [];
    });
  }
}

function donorsIn(stock: ReadonlyMap<string, readonly ServingRun[]>): ReadonlyMap<string, readonly DonorBody[]> {
  const bodies = new Map<string, (ServingRun & { readonly variant: string })[]>();
  for (const [variant, runs] of stock)
    for (const run of runs) {
      if (run.reach !== 'donor') continue;
      const body = bodies.get(run.place);
      if (body) body.push({ ...run, variant });
      else bodies.set(run.place, [{ ...run, variant }]);
    }
  const donors = [...bodies].sort(([a], [b]) => (a < b ? -1 : 1)).map(([place, runs]): DonorBody => ({ place, runs }));
  return groupedBy(donors, bodyText);
}
