import { entryAt } from '../../kernel/index.js';
import type { Condition } from '../../catalogue/index.js';

/**
 * How near pieces are to hand: lying loose, in a box that is still sealed or on their way, on a donor, on a whole figure that stands for a figure
 * as it is, built into a figure.
 */
export type Reach = 'loose' | 'sealed' | 'coming' | 'donor' | 'whole' | 'built';

/** What a want takes: anything where nobody sees it, nothing flawed where it is seen, or only what is new. */
export type Takes = 'anything' | 'unflawed' | 'new';

/** So many alike pieces of one part in one place, as far as serving goes. */
export interface ServingRun {
  readonly id: number;
  readonly lot: number;
  readonly place: string;
  readonly quantity: number;
  readonly reach: Reach;
  /** The figure it is built into, on whose tray it lies, or that its whole figure stands for. */
  readonly figure: string | null;
  readonly condition: Condition;
  readonly isFlawed: boolean;
  /** Official parts that its donor lacks already. */
  readonly holes: number;
}

/** How many parts that somebody lacks each donor could give to those who want this one, by its place. */
export type GivesOf = (place: string) => number;
const GIVES_ONE: GivesOf = () => 1;

/** So many pieces of one part wanted at one spot, by a figure or by figures that are never shown together. */
export interface Claim {
  readonly id: string;
  readonly figures: readonly string[];
  readonly spot: string;
  readonly quantity: number;
  readonly takes: Takes;
  /** Claims of a lower order are served first; those of one order together. */
  readonly order: string;
}

/**
 * Pieces of a lot that go to one figure, whoever else would be served first. `isOrdered`: they were ordered for it, and are kept for it while
 * they are on their way and as far as it wants them still.
 */
export interface Pin {
  readonly lot: number;
  readonly figure: string;
  readonly quantity: number;
  readonly isOrdered?: boolean;
}

/** Pieces of a run that serve a claim. `isBound`: built in or pinned, so that no order takes them away. */
export interface Given {
  readonly claim: Claim;
  readonly run: ServingRun;
  readonly quantity: number;
  readonly isBound: boolean;
}

export interface Served {
  readonly given: readonly Given[];
  /** Pieces of each run that serve nobody and are kept for nobody. */
  readonly free: ReadonlyMap<number, number>;
}

const NEARNESS: Readonly<Record<Reach, number>> = { built: 0, loose: 1, sealed: 2, coming: 2, donor: 3, whole: 4 };
const GRADES: Readonly<Record<Condition, number>> = { worn: 1, used: 2, new: 3 };
const LEAST_GRADE: Readonly<Record<Takes, number>> = { anything: 0, unflawed: 1, new: 3 };

/** How good pieces are, 0 flawed to 3 new. */
const gradeOf = ({ isFlawed, condition }: ServingRun): number => (isFlawed ? 0 : GRADES[condition]);

/**
 * The cheaper run first: the nearer to hand; of donors the one that gives most of what is lacked, so that few are taken apart, then the one
 * that lacks most already, as it loses least; of equals the worse one, so that the better is left for who needs it. The cost of a piece
 * does not depend on whom it serves.
 */
const byCost =
  (gives: GivesOf) =>
  (a: ServingRun, b: ServingRun): number =>
    NEARNESS[a.reach] - NEARNESS[b.reach] ||
    (a.reach === 'donor' ? gives(b.place) - gives(a.place) : 0) ||
    b.holes - a.holes ||
    gradeOf(a) - gradeOf(b) ||
    a.id - b.id;

const byText = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0);
/** In line, and where that is the same by what they are: who is served never depends on who was entered first. */
const inLine = (a: Claim, b: Claim): number => byText(a.order, b.order) || byText(a.id, b.id);
const leastStrictFirst = (a: Claim, b: Claim): number => LEAST_GRADE[a.takes] - LEAST_GRADE[b.takes] || byText(a.id, b.id);

/**
 * Decides which pieces of one part serve which claims (wardrobe, *Promises*): what is built in stays, what lies on a figure's tray is
 * kept for it, what is pinned goes where it is pinned, what was ordered for a figure waits for it, then claims are served in their order. Claims of one order are served together: as many as can be, at the least summed cost.
 *
 * Exact: sets of pieces that can serve the claims of one order are the independent sets of a transversal matroid, and as a piece costs the
 * same whomever it serves, taking the cheapest that still fits gives a largest set of least cost (Edmonds 1971). What claims take is nested, so
 * *fits* is Hall's condition at three levels.
 *
 * @param claims all that is wanted of the part
 * @param runs all pieces of the part that could serve
 * @param gives how much of what is lacked each donor gives
 * For example: one piece, wanted by a figure due in May and by one due in June gives the one due in May gets it.
 */
export function serve(claims: readonly Claim[], runs: readonly ServingRun[], pins: readonly Pin[] = [], gives = GIVES_ONE): Served {
  const serving = new Serving(claims, runs, gives);
  serving.keepWhatIsBuilt();
  serving.keepWhatIsOnTrays();
  for (const pin of pins) if (!pin.isOrdered) serving.keepPinned(pin);
  for (const pin of pins) if (pin.isOrdered) serving.keepOrdered(pin);
  serving.inOrder();
  return { given: serving.given, free: serving.free() };
}

class Serving {
  readonly given: Given[] = [];
  private readonly runs: readonly ServingRun[];
  private readonly left = new Map<ServingRun, number>();
  private readonly wanting = new Map<Claim, number>();

  private readonly claims: readonly Claim[];

  constructor(claims: readonly Claim[], runs: readonly ServingRun[], gives: GivesOf) {
    this.claims = claims.length > 1 ? [...claims].sort(inLine) : claims;
    this.runs = runs.length > 1 ? [...runs].sort(byCost(gives)) : runs;
    for (const run of runs) this.left.set(run, run.quantity);
    for (const claim of claims) this.wanting.set(claim, claim.quantity);
  }

  /** Built in is built in, even where the look does not want it any more: nobody else is given it. */
  keepWhatIsBuilt(): void {
    for (const run of this.runs) if (run.reach === 'built') this.keep(run, run.figure ?? '', run.quantity);
  }

  /** What was fetched for a figure, or stands for it, is kept for it as far as it wants it; what it does not want serves whoever does. */
  keepWhatIsOnTrays(): void {
    for (const run of this.runs) if (run.reach !== 'built' && run.figure !== null) this.keep(run, run.figure, this.wantedBy(run.figure));
  }

  keepPinned({ lot, figure, quantity }: Pin): void {
    let wanted = quantity;
    for (const run of this.runs) if (run.lot === lot && run.reach !== 'built') wanted -= this.keep(run, figure, wanted);
  }

  keepOrdered({ lot, figure, quantity }: Pin): void {
    for (const run of this.runs)
      if (run.lot === lot && run.reach === 'coming') this.keep(run, figure, Math.min(quantity, this.wantedBy(figure)));
  }

  inOrder(): void {
    const orders = new Map<string, Claim[]>();
    for (const claim of this.claims) {
      if ((this.wanting.get(claim) ?? 0) === 0) continue;
      const together = orders.get(claim.order);
      if (together) together.push(claim);
      else orders.set(claim.order, [claim]);
    }
    for (const order of [...orders.keys()].sort()) this.serveTogether(orders.get(order) ?? []);
  }

  free(): ReadonlyMap<number, number> {
    return new Map(this.runs.map((run) => [run.id, this.left.get(run) ?? 0]));
  }

  /** Keeps pieces of a run for a figure, whether its claims want all of them or not; returns how many. */
  private keep(run: ServingRun, figure: string, most: number): number {
    const kept = Math.min(most, this.left.get(run) ?? 0);
    this.left.set(run, (this.left.get(run) ?? 0) - kept);
    let rest = kept;
    for (const claim of this.claims) if (rest > 0 && claim.figures.includes(figure)) rest -= this.give(claim, run, rest, true);
    return kept;
  }

  private wantedBy(figure: string): number {
    return this.claims.reduce((all, claim) => all + (claim.figures.includes(figure) ? (this.wanting.get(claim) ?? 0) : 0), 0);
  }

  private serveTogether(claims: readonly Claim[]): void {
    const demand = (least: number): number =>
      claims.reduce((all, claim) => all + (LEAST_GRADE[claim.takes] <= least ? (this.wanting.get(claim) ?? 0) : 0), 0);
    // Of pieces up to a grade, no more can serve than there are claims that take as bad as that.
    const room = [demand(0), demand(1), demand(1), demand(3)];
    const chosen: { readonly run: ServingRun; quantity: number }[] = [];
    for (const run of this.runs) {
      const left = this.left.get(run) ?? 0;
      if (left === 0) continue;
      const grade = gradeOf(run);
      const quantity = Math.min(left, ...room.slice(grade));
      if (quantity === 0) continue;
      for (let level = grade; level < room.length; level += 1) room[level] = entryAt(room, level) - quantity;
      this.left.set(run, left - quantity);
      chosen.push({ run, quantity });
      if (entryAt(room, 3) === 0) break;
    }
    // The worse a piece, the fewer claims take it: it is dealt out first, to the least strict.
    const lenient = [...claims].sort(leastStrictFirst);
    chosen.sort((a, b) => gradeOf(a.run) - gradeOf(b.run));
    for (const part of chosen)
      for (const claim of lenient)
        if (part.quantity > 0 && LEAST_GRADE[claim.takes] <= gradeOf(part.run))
          part.quantity -= this.give(claim, part.run, part.quantity, false);
  }

  private give(claim: Claim, run: ServingRun, most: number, isBound: boolean): number {
    const quantity = Math.min(most, this.wanting.get(claim) ?? 0);
    if (quantity === 0) return 0;
    this.wanting.set(claim, (this.wanting.get(claim) ?? 0) - quantity);
    this.given.push({ claim, run, quantity, isBound });
    return quantity;
  }
}
