import { Injectable } from '@nestjs/common';
import {
  type Adjustments,
  type Catalogue,
  demandOf,
  type DonorStock,
  holdersOf,
  type ErrandInput,
  type ErrandLine,
  likenessWith,
  type LookPart,
  lowestLandedOf,
  NO_RULES,
  type Rules,
  type Substitute,
  summariseByCondition,
  USUAL_CONDITION,
  wholesOf,
} from '@outfit/core';
import { lineUpOfSpares, sparesOf } from '@outfit/core/lineup';
import { setImmediate as nextTurn } from 'node:timers/promises';
import { CatalogueService } from '../../catalogue/index.js';
import { FiguresService, LooksService, type StoredLook } from '../../figures/index.js';
import { type Item, MarketService, piecesIn, type PricedOffer } from '../../market/index.js';
import { Problem } from '../../platform/http/index.js';
import { DonorsService, PromisesService, WardrobeService } from '../../wardrobe/index.js';
import type { StoredLine } from '../record/errand.entity.js';
import type { ErrandSettingsDto } from '../errands.dto.js';

const EFFORT = { gap: 0.005, seconds: 30 };
/** A point of likeness is worth this much unless the person says otherwise, in minor units. */
const POINT_MINOR = 20;
/** Of one leftover part so many find a buyer. */
const RESOLD_OF_EACH = 3;

/** Gathers what an errand needs to know: looks, what is owned, what is asked for, what would do instead. */
@Injectable()
export class ErrandPlanner {
  constructor(
    private readonly catalogue: CatalogueService,
    private readonly figures: FiguresService,
    private readonly looks: LooksService,
    private readonly wardrobe: WardrobeService,
    private readonly promises: PromisesService,
    private readonly donors: DonorsService,
    private readonly market: MarketService,
  ) {}

  /** The looks of an errand's lines. Refuses empty looks, binned ones, one that is there twice, and parts that were never made. */
  lines(lines: readonly StoredLine[]): readonly (ErrandLine & { readonly look: StoredLook })[] {
    const catalogue = this.catalogue.now();
    return lines.map(({ look: id, copies, group }, i) => {
      const refuse = (sentence: string): never => {
        throw new Problem(422, sentence, [{ path: `/lines/${i}/look`, sentence }]);
      };
      const whole = this.donors.toMakeWhole(id) ?? this.sparesLook(id);
      // A whole figure's holes, and the spares of a line-up, are shopped for like a look that wears them.
      if (whole) return { look: { id, figure: id, isBinned: false, overrules: [], ...whole }, copies, group };
      const look = this.looks.look(id);
      if (look.isBinned) refuse(`“${look.name}” is in the bin. Take it out first, or choose another look.`);
      if (lines.findIndex((line) => line.look === id) !== i) refuse(`“${look.name}” is there twice; one line says how many copies.`);
      if (look.parts.length === 0) refuse(`“${look.name}” has no parts yet. Put some on in Fitting first.`);
      refuseImagined(
        look.parts.map((part) => part.variant),
        catalogue,
      );
      return { look, copies, group };
    });
  }

  /** What a whole figure is called whose holes a line fills; null for a line of any other kind. */
  wholeFigureOf(figure: string): string | null {
    return this.donors.nameOf(figure);
  }

  /** The spares of a line-up, as something to shop for; null for anything else, and where none are wanted. */
  private sparesLook(id: string): { readonly name: string; readonly parts: readonly LookPart[] } | null {
    const lineUp = lineUpOfSpares(id);
    if (lineUp === null) return null;
    const { name, plan, figures } = this.figures.lineUp(lineUp);
    const wanted = sparesOf(
      plan,
      figures.map(({ role, faction, brief }) => ({ role, faction, copies: brief.copies })),
    );
    const parts = [...wanted].flatMap(([variant, count]) => Array.from({ length: count }, () => variant));
    if (parts.length === 0) return null;
    return { name: `Spares of ${name}`, parts: parts.map((variant, place) => ({ position: 'beside', variant, turned: false, place })) };
  }

  /** The variants that are owned. */
  ownedVariants(): ReadonlySet<string> {
    return new Set(this.wardrobe.quantities().keys());
  }

  /**
   * All an errand is planned from, gathered in several turns of the event loop: others are answered between. `also` are parts that may
   * be bought besides those wanted and their substitutes.
   */
  async input(
    stored: readonly StoredLine[],
    settings: ErrandSettingsDto,
    adjustments: Adjustments,
    also: readonly string[] = [],
  ): Promise<ErrandInput> {
    const catalogue = this.catalogue.now();
    const { lines, demand, penalties, items } = await this.gather(stored, settings, adjustments, also);
    const view = this.market.viewOf(items);
    await nextTurn();
    const offers = view.offers.filter((offer) => offer.stock > 0);
    const landed = landedOf(offers);
    const served = await this.servedOf(lines, items);
    // Loose pieces leave no hole, so they cost nothing.
    return {
      currency: this.market.currency(),
      demand,
      wholes: wholesOf(lines, isFigure),
      substitutes: (variant) => penalties.get(variant) ?? [],
      sameSeller: (variant) => (settings.matchArms ?? false) && isArm(variant, catalogue),
      owned: [...served.owned].map(([variant, quantity]) => ({ variant, quantity, costMinor: 0 })),
      donors: (settings.useDonors ?? true) ? donorsFor(served.onDonors, landed) : [],
      offers: view.basketOffers().filter((offer) => offer.stock > 0),
      sellers: view.sellers,
      yieldsOf: ({ kind, id }) => piecesIn({ kind, id }, catalogue) ?? new Map([[id, 1]]),
      massG: (id) => catalogue.mouldOf(catalogue.variant(id)).geometry.massG,
      resale: settings.resaleShare ? resaleOf(offers) : [],
      rules: rulesFrom(settings),
      adjustments,
      effort: EFFORT,
    };
  }

  /**
   * What figures and the wardrobe say to an errand, as text: while it reads the same, and the market and the catalogue are as they were, so does
   * all that the errand is planned from. Found out without asking the market.
   */
  async stateOf(stored: readonly StoredLine[], settings: ErrandSettingsDto, adjustments: Adjustments): Promise<string> {
    const { lines, penalties, items } = await this.gather(stored, settings, adjustments);
    const { owned, onDonors } = await this.servedOf(lines, items);
    const looks = lines.map(({ look, copies, group }) => [look.parts, copies, group]);
    return JSON.stringify([looks, [...penalties], [...owned], [...onDonors].map(([variant, given]) => [variant, [...given]])]);
  }

  /** What is asked for: the looks, the parts they want, what may stand in for these, and what of the market could yield any of it. */
  private async gather(stored: readonly StoredLine[], settings: ErrandSettingsDto, adjustments: Adjustments, also: readonly string[] = []) {
    const lines = this.lines(stored);
    const demand = demandOf(lines);
    const penalties = this.penalties(lines, adjustments, settings.pointMinor ?? POINT_MINOR);
    await nextTurn();
    return { lines, demand, penalties, items: itemsFor([...demand.keys(), ...also], penalties.values(), this.catalogue.now()) };
  }

  private servedOf(lines: ReturnType<ErrandPlanner['lines']>, items: readonly Item[]) {
    return this.promises.servedWith(
      lines,
      items.flatMap(({ kind, id }) => (kind === 'variant' ? [id] : [])),
    );
  }

  /** Substitutes a person takes, by the part they stand in for: those of the looks and those accepted on a plan. */
  private penalties(
    lines: readonly { readonly look: StoredLook }[],
    { accepted }: Adjustments,
    pointMinor: number,
  ): ReadonlyMap<string, readonly Substitute[]> {
    const found = new Map<string, Substitute[]>();
    for (const { look } of lines) {
      const lost = this.lostIn(look);
      for (const { position, variant } of look.parts) {
        const noted = (look.substitutes ?? []).filter((row) => row.position === position).map((row) => row.variant);
        const taken = accepted.filter((row) => row.variant === variant).map((row) => row.substitute);
        for (const substitute of new Set([...noted, ...taken])) {
          if (substitute === variant || found.get(variant)?.some((row) => row.variant === substitute)) continue;
          const penaltyMinor = Math.round(Math.max(0, lost(variant, substitute)) * pointMinor);
          found.set(variant, [...(found.get(variant) ?? []), { variant: substitute, penaltyMinor }]);
        }
      }
    }
    return found;
  }

  /** Points of likeness a look loses with one part in place of another. */
  lostIn(look: StoredLook): (variant: string, substitute: string) => number {
    const catalogue = this.catalogue.now();
    // What makes a whole figure whole again is like nothing else.
    if (look.figure === look.id) return () => 0;
    const { brief } = this.figures.figure(look.figure);
    const before = likenessWith(look, brief, catalogue, catalogue.systemOf(brief));
    return (variant, substitute) => {
      const parts = look.parts.map((part) => (part.variant === variant ? { ...part, variant: substitute } : part));
      return before - likenessWith({ ...look, parts }, brief, catalogue, catalogue.systemOf(brief));
    };
  }
}

/** What an errand looks at in the market: the parts it wants, what holds them, and what else is in that, which may be sold on. */
function itemsFor(wanted: Iterable<string>, substitutes: Iterable<readonly Substitute[]>, catalogue: Catalogue): readonly Item[] {
  const variants = new Set([...wanted, ...[...substitutes].flatMap((rows) => rows.map((row) => row.variant))]);
  const whole = new Map(
    [...variants].flatMap((variant) => holdersOf(variant, catalogue)).map((holder) => [`${holder.kind} ${holder.id}`, holder]),
  );
  const beside = [...whole.values()].flatMap((holder) => [...(piecesIn(holder, catalogue)?.keys() ?? [])]);
  return [...[...new Set([...variants, ...beside])].map((id): Item => ({ kind: 'variant', id })), ...whole.values()];
}

/** Pieces that come off whole figures; what a hole costs is what its piece costs to buy again. */
const donorsFor = (onDonors: ReadonlyMap<string, ReadonlyMap<string, number>>, landed: ReadonlyMap<string, number>): DonorStock[] =>
  [...onDonors].flatMap(([variant, given]) =>
    [...given].map(([donor, quantity]) => ({ variant, donor, quantity, costMinor: landed.get(variant) ?? 0 })),
  );

/** Does a line stand for figures? The spares of a line-up do not. */
export const isFigure = ({ look: { id } }: { readonly look: { readonly id: string } }): boolean => lineUpOfSpares(id) === null;

const isArm = (variant: string, catalogue: Catalogue): boolean =>
  catalogue.has(variant) &&
  catalogue.mouldOf(catalogue.variant(variant)).fills.some((fills) => fills.includes('arm.L') || fills.includes('arm.R'));

export const landedOf = (offers: readonly PricedOffer[]): ReadonlyMap<string, number> => {
  const loose = offers.filter((offer) => offer.kind === 'variant').map((offer) => ({ ...offer, variant: offer.item }));
  return new Map([...lowestLandedOf(loose)].map(([variant, price]) => [variant, price.landedMinor]));
};

/** What leftovers would fetch: the lower quartile of what is asked for them. */
export function resaleOf(offers: readonly PricedOffer[]) {
  const by = new Map<string, PricedOffer[]>();
  for (const offer of offers) if (offer.kind === 'variant') by.set(offer.item, [...(by.get(offer.item) ?? []), offer]);
  return [...by].flatMap(([variant, own]) => {
    const sums = summariseByCondition(own);
    const summary = (sums.find((row) => row.condition === USUAL_CONDITION) ?? sums[0])?.summary;
    return summary ? [{ variant, valueMinor: summary.lowerQuartileMinor, upTo: RESOLD_OF_EACH }] : [];
  });
}

/** An imagined part can be planned on paper, not bought. */
function refuseImagined(variants: readonly string[], catalogue: Catalogue): void {
  const imagined = [...new Set(variants)].map((id) => catalogue.variant(id)).filter((variant) => variant.made === undefined);
  if (imagined.length === 0) return;
  const faults = imagined.map((variant) => ({ path: '/look', sentence: `${catalogue.nameOf(variant)} has never been made.` }));
  throw new Problem(422, `${faults[0]?.sentence ?? ''} Put on a made part in Fitting, then plan the errand.`, faults);
}

function rulesFrom(wanted: ErrandSettingsDto): Rules {
  return {
    ...NO_RULES,
    maxParcels: wanted.maxParcels ?? null,
    budgetMinor: wanted.budgetMinor ?? null,
    withinDays: wanted.withinDays ?? null,
    condition: wanted.condition ?? USUAL_CONDITION,
    trustedOnly: wanted.trustedOnly ?? false,
    allowThirdParty: wanted.allowThirdParty ?? false,
    resaleShare: wanted.resaleShare ?? 0,
    standFirst: wanted.standFirst ?? true,
    fillFirst: wanted.fillFirst ?? true,
  };
}
