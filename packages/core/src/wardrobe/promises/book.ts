import { type Claimant, claimsOf, partyOf } from './claims.js';
import { type Claim, type Given, type Pin, serve, type Served, type ServingRun } from './serve.js';

/** Is a part in sight where a figure wears it? Asked only where there is a flawed piece that could serve. */
export type IsSeen = (figure: string, spot: string) => boolean;

/** What is promised of one part. */
export interface PartPromises extends Served {
  readonly variant: string;
  readonly runs: readonly ServingRun[];
  readonly claims: readonly Claim[];
}

const NOTHING: readonly never[] = [];

/**
 * Who gets which piece, kept up to date: a change of a figure, of pieces or of pins has only the parts it touches decided anew, when they
 * are next asked for. Parts are decided apart from each other, as a piece serves no other part.
 */
export class PromiseBook {
  private readonly runs = new Map<string, readonly ServingRun[]>();
  private readonly pins = new Map<string, readonly Pin[]>();
  private readonly claimants = new Map<string, Claimant>();
  private readonly parties = new Map<string, Set<string>>();
  /** Parties that want each part. */
  private readonly wanting = new Map<string, Set<string>>();
  private readonly decided = new Map<string, PartPromises>();

  constructor(private readonly isSeen: IsSeen) {}

  /** States all pieces of a part that could serve. */
  setRuns(variant: string, runs: readonly ServingRun[]): void {
    if (runs.length === 0) this.runs.delete(variant);
    else this.runs.set(variant, runs);
    this.decided.delete(variant);
  }

  /** States all pins of lots of a part. */
  setPins(variant: string, pins: readonly Pin[]): void {
    if (pins.length === 0) this.pins.delete(variant);
    else this.pins.set(variant, pins);
    this.decided.delete(variant);
  }

  /** States what a figure wants; it takes the place of what it wanted before. */
  set(claimant: Claimant): void {
    const party = partyOf(claimant);
    this.remove(claimant.id);
    this.claimants.set(claimant.id, claimant);
    const members = this.parties.get(party);
    if (members) members.add(claimant.id);
    else this.parties.set(party, new Set([claimant.id]));
    for (const { variant } of claimant.parts) {
      const wanting = this.wanting.get(variant);
      if (wanting) wanting.add(party);
      else this.wanting.set(variant, new Set([party]));
      this.decided.delete(variant);
    }
  }

  remove(id: string): void {
    const known = this.claimants.get(id);
    if (!known) return;
    const party = partyOf(known);
    this.claimants.delete(id);
    const members = this.parties.get(party);
    members?.delete(id);
    if (members?.size === 0) this.parties.delete(party);
    for (const { variant } of known.parts) {
      this.decided.delete(variant);
      if (!this.membersOf(party).some((member) => member.parts.some((part) => part.variant === variant)))
        this.wanting.get(variant)?.delete(party);
    }
  }

  claimant(id: string): Claimant | undefined {
    return this.claimants.get(id);
  }

  all(): Iterable<Claimant> {
    return this.claimants.values();
  }

  /** Every part that is wanted or that there are pieces of. */
  variants(): ReadonlySet<string> {
    return new Set([...this.runs.keys(), ...this.wanting.keys()]);
  }

  runsOf(variant: string): readonly ServingRun[] {
    return this.runs.get(variant) ?? NOTHING;
  }

  /** Who gets which piece of a part. */
  of(variant: string): PartPromises {
    let promises = this.decided.get(variant);
    if (!promises) {
      const parties = [...(this.wanting.get(variant) ?? NOTHING)].map((party) => this.membersOf(party));
      promises = this.decide(variant, parties);
      this.decided.set(variant, promises);
    }
    return promises;
  }

  /**
   * Who would get which piece of a part if some figures wanted something else: for looks that are not chosen, and for so many copies of
   * them. Nothing of it is kept.
   */
  ofWith(variant: string, others: readonly Claimant[]): PartPromises {
    const replaced = new Set(others.map((claimant) => claimant.id));
    const parties = new Map<string, Claimant[]>();
    const add = (claimant: Claimant): void => {
      if (!claimant.parts.some((part) => part.variant === variant)) return;
      const party = partyOf(claimant);
      parties.set(party, [...(parties.get(party) ?? []), claimant]);
    };
    for (const party of this.wanting.get(variant) ?? NOTHING)
      for (const member of this.membersOf(party)) if (!replaced.has(member.id)) add(member);
    others.forEach(add);
    return this.decide(variant, [...parties.values()]);
  }

  /** What serves a figure's parts, spot by spot, and how many pieces each lacks. */
  servedTo(figure: string): readonly SpotServed[] {
    const claimant = this.claimants.get(figure);
    if (!claimant) return [];
    return claimant.parts.map(({ spot, variant }) => {
      const given = this.of(variant).given.filter(({ claim }) => claim.spot === spot && claim.figures.includes(figure));
      const got = Math.min(
        claimant.copies,
        given.reduce((all, row) => all + row.quantity, 0),
      );
      return { spot, variant, given, lacks: claimant.copies - got };
    });
  }

  private membersOf(party: string): readonly Claimant[] {
    return [...(this.parties.get(party) ?? NOTHING)].flatMap((id) => this.claimants.get(id) ?? NOTHING);
  }

  private decide(variant: string, parties: readonly (readonly Claimant[])[]): PartPromises {
    const runs = this.runsOf(variant);
    const isSeen = runs.some((run) => run.isFlawed) ? this.isSeen : (): boolean => true;
    const claims = parties.flatMap((members) =>
      claimsOf(
        members.map((member) => ({ ...member, parts: member.parts.filter((part) => part.variant === variant) })),
        isSeen,
      ),
    );
    return { variant, runs, claims, ...serve(claims, runs, this.pins.get(variant)) };
  }
}

/** One part of a figure's look with the pieces that serve it, over all copies. */
export interface SpotServed {
  readonly spot: string;
  readonly variant: string;
  readonly given: readonly Given[];
  readonly lacks: number;
}
