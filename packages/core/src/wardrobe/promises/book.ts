import { type Claimant, claimsOf, partyOf } from './claims.js';
import { type Claim, type Given, type GivesOf, type Pin, serve, type Served, type ServingRun } from './serve.js';

/** Is a part in sight where a figure wears it? Asked only where there is a flawed piece that could serve. */
export type IsSeen = (figure: string, spot: string) => boolean;

/** What is promised of one part. */
export interface PartPromises extends Served {
  readonly variant: string;
  readonly runs: readonly ServingRun[];
  readonly claims: readonly Claim[];
}

const NOTHING: readonly never[] = [];

/** Pieces that serve without a whole figure being taken apart. */
const isApart = ({ reach }: ServingRun): boolean => reach !== 'donor';

/**
 * Who gets which piece, kept up to date: a change of a figure, of pieces or of pins has only the parts it touches decided anew, when they
 * are next asked for. A piece serves no other part, so that parts are decided one by one; only which whole figure gives a piece depends on
 * what else it could give.
 */
export class PromiseBook {
  private readonly runs = new Map<string, readonly ServingRun[]>();
  private readonly pins = new Map<string, readonly Pin[]>();
  private readonly claimants = new Map<string, Claimant>();
  private readonly parties = new Map<string, Set<string>>();
  /** Parties that want each part. */
  private readonly wanting = new Map<string, Set<string>>();
  private readonly decided = new Map<string, PartPromises>();
  /** The parts on each donor, and how many pieces of each part are lacked while no donor gives any. */
  private readonly onDonors = new Map<string, Set<string>>();
  private readonly lacked = new Map<string, number>();

  constructor(private readonly isSeen: IsSeen) {}

  /** States all pieces of a part that could serve. */
  setRuns(variant: string, runs: readonly ServingRun[]): void {
    this.forget(variant);
    for (const { place, reach } of this.runsOf(variant)) if (reach === 'donor') this.onDonors.get(place)?.delete(variant);
    if (runs.length === 0) this.runs.delete(variant);
    else this.runs.set(variant, runs);
    for (const { place, reach } of runs)
      if (reach === 'donor') this.onDonors.set(place, (this.onDonors.get(place) ?? new Set<string>()).add(variant));
    this.forget(variant);
  }

  /** States all pins of lots of a part. */
  setPins(variant: string, pins: readonly Pin[]): void {
    if (pins.length === 0) this.pins.delete(variant);
    else this.pins.set(variant, pins);
    this.forget(variant);
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
      this.forget(variant);
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
      this.forget(variant);
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

  /** What was decided of a part holds no longer, nor which donor is best to take apart for what lies beside it there. */
  private forget(variant: string): void {
    this.lacked.delete(variant);
    if (this.decided.size === 0) return;
    this.decided.delete(variant);
    for (const { place, reach } of this.runsOf(variant))
      if (reach === 'donor') for (const beside of this.onDonors.get(place) ?? NOTHING) this.decided.delete(beside);
  }

  /** How many pieces of a part are wanted beyond those that serve without taking a whole figure apart. */
  private lackOf(variant: string): number {
    const known = this.lacked.get(variant);
    if (known !== undefined) return known;
    const claims = [...(this.wanting.get(variant) ?? NOTHING)].flatMap((party) => claimsOn(variant, this.membersOf(party), () => true));
    const wanted = claims.reduce((all, claim) => all + claim.quantity, 0);
    const apart = this.runsOf(variant).reduce((all, run) => all + (isApart(run) ? run.quantity : 0), 0);
    const lack = Math.max(0, wanted - apart);
    this.lacked.set(variant, lack);
    return lack;
  }

  /** How many parts each donor could give to parties, of those that are lacked. */
  private givesTo(parties: readonly (readonly Claimant[])[]): GivesOf {
    const wanted = new Set(parties.flatMap((members) => members.flatMap((member) => member.parts.map((part) => part.variant))));
    const known = new Map<string, number>();
    return (place) => {
      let gives = known.get(place);
      if (gives === undefined) {
        gives = [...(this.onDonors.get(place) ?? NOTHING)].filter((variant) => wanted.has(variant) && this.lackOf(variant) > 0).length;
        known.set(place, gives);
      }
      return gives;
    };
  }

  private membersOf(party: string): readonly Claimant[] {
    return [...(this.parties.get(party) ?? NOTHING)].flatMap((id) => this.claimants.get(id) ?? NOTHING);
  }

  private decide(variant: string, parties: readonly (readonly Claimant[])[]): PartPromises {
    const runs = this.runsOf(variant);
    const isSeen = runs.some((run) => run.isFlawed) ? this.isSeen : (): boolean => true;
    const claims = parties.flatMap((members) => claimsOn(variant, members, isSeen));
    const isOfDonors = claims.length > 0 && runs.some((run) => !isApart(run));
    return { variant, runs, claims, ...serve(claims, runs, this.pins.get(variant), isOfDonors ? this.givesTo(parties) : undefined) };
  }
}

/** What a party wants of one part. */
const claimsOn = (variant: string, members: readonly Claimant[], isSeen: IsSeen): readonly Claim[] =>
  claimsOf(
    members.map((member) => ({ ...member, parts: member.parts.filter((part) => part.variant === variant) })),
    isSeen,
  );

/** One part of a figure's look with the pieces that serve it, over all copies. */
export interface SpotServed {
  readonly spot: string;
  readonly variant: string;
  readonly given: readonly Given[];
  readonly lacks: number;
}
