import { type Claimant, claimsOf, partyOf } from './claims.js';
import { dealWhole, type IsKept, Lookalikes, type StandsFor } from './whole.js';
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
  private readonly lookalikes = new Lookalikes();
  private standsFor: StandsFor = new Map();
  private isDealt = true;
  private asked: { readonly others: readonly Claimant[]; readonly standsFor: StandsFor } | null = null;

  constructor(private readonly isSeen: IsSeen) {}

  /** States all pieces of a part that could serve. */
  setRuns(variant: string, runs: readonly ServingRun[]): void {
    this.forget(variant);
    this.lookalikes.setRuns(this.runsOf(variant), runs);
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
    this.lookalikes.add(claimant);
    this.dealAnew();
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
    this.lookalikes.remove(known);
    this.dealAnew();
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
    this.settle();
    let promises = this.decided.get(variant);
    if (!promises) {
      const parties = [...(this.wanting.get(variant) ?? NOTHING)].map((party) => this.membersOf(party));
      promises = this.decide(variant, parties, this.standsFor);
      this.decided.set(variant, promises);
    }
    return promises;
  }

  /**
   * Who would get which piece of a part if some figures wanted something else: for looks that are not chosen, and for so many copies of
   * them. Nothing of it is kept.
   */
  ofWith(variant: string, others: readonly Claimant[]): PartPromises {
    this.settle();
    return this.decide(variant, this.partiesWith(variant, others), this.dealWith(others));
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
    this.dealAnew();
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
    const apart = this.runsWith(variant, this.standsFor).reduce((all, run) => all + (isApart(run) ? run.quantity : 0), 0);
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

  /** Who wants a part together, if some figures wanted something else. */
  private partiesWith(variant: string, others: readonly Claimant[]): readonly (readonly Claimant[])[] {
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
    return [...parties.values()];
  }

  private membersOf(party: string): readonly Claimant[] {
    return [...(this.parties.get(party) ?? NOTHING)].flatMap((id) => this.claimants.get(id) ?? NOTHING);
  }

  private dealAnew(): void {
    this.isDealt = false;
    this.asked = null;
  }

  /** Deals whole figures anew where something has changed; of parts that are dealt otherwise now, what was decided holds no longer. */
  private settle(): void {
    if (this.isDealt) return;
    const before = this.standsFor;
    const now = this.dealWith([]);
    for (const place of new Set([...before.keys(), ...now.keys()])) {
      if (before.get(place) === now.get(place)) continue;
      for (const variant of this.onDonors.get(place) ?? NOTHING) this.forget(variant);
    }
    this.standsFor = now;
    this.isDealt = true;
  }

  /** Which whole figure stands for which figure, if some figures wanted something else. */
  private dealWith(others: readonly Claimant[]): StandsFor {
    if (this.asked?.others === others) return this.asked.standsFor;
    const alike = this.lookalikes.among(this.runs, this.claimants, others);
    const nobodys = new Map(alike.flatMap(({ donors }) => donors.map(({ place }) => [place, null] as const)));
    const inLine = new Map<string, readonly Given[]>();
    /** Who would get what of a part if these whole figures were the last to be taken apart, and stood for nobody. */
    const givenInLine = (variant: string): readonly Given[] => {
      let given = inLine.get(variant);
      if (!given) {
        given = this.serveParties(variant, this.partiesWith(variant, others), nobodys);
        inLine.set(variant, given);
      }
      return given;
    };
    const isKept: IsKept = ({ runs }, { id, order }) =>
      runs.some(
        (run) =>
          this.pins.get(run.variant)?.some((pin) => pin.lot === run.lot && pin.figure !== id) ||
          givenInLine(run.variant).some((row) => row.run.id === run.id && row.claim.order < order && !row.claim.figures.includes(id)),
      );
    const standsFor = new Map(alike.flatMap(({ donors, wearing }) => [...dealWhole(donors, wearing, isKept)]));
    this.asked = { others, standsFor };
    return standsFor;
  }

  /** All pieces of a part, those of whole figures that stand for somebody told as that. */
  private runsWith(variant: string, standsFor: ReadonlyMap<string, string | null>): readonly ServingRun[] {
    const runs = this.runsOf(variant);
    if (standsFor.size === 0) return runs;
    return runs.map((run) => {
      const figure = run.reach === 'donor' ? standsFor.get(run.place) : undefined;
      return figure === undefined ? run : { ...run, reach: 'whole', figure };
    });
  }

  private serveParties(
    variant: string,
    parties: readonly (readonly Claimant[])[],
    standsFor: ReadonlyMap<string, string | null>,
  ): readonly Given[] {
    const runs = this.runsWith(variant, standsFor);
    return serve(this.claimsOn(variant, parties, runs), runs, this.pins.get(variant)).given;
  }

  private claimsOn(variant: string, parties: readonly (readonly Claimant[])[], runs: readonly ServingRun[]): readonly Claim[] {
    const isSeen = runs.some((run) => run.isFlawed) ? this.isSeen : (): boolean => true;
    return parties.flatMap((members) => claimsOn(variant, members, isSeen));
  }

  private decide(variant: string, parties: readonly (readonly Claimant[])[], standsFor: StandsFor): PartPromises {
    const runs = this.runsWith(variant, standsFor);
    const claims = this.claimsOn(variant, parties, runs);
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
