import { Injectable } from '@nestjs/common';
import {
  demandOf,
  likenessWith,
  lowestLanded,
  NO_RULES,
  P40,
  piecesOf,
  summariseByCondition,
  type Adjustments,
  type Catalogue,
  type ErrandInput,
  type ErrandLine,
  type OwnedStock,
  type Rules,
  type Substitute,
} from '@outfit/core';
import { CatalogueService } from '../catalogue/index.js';
import { Problem } from '../common/problem.js';
import { FiguresService, LooksService, type StoredLook } from '../figures/index.js';
import { CURRENCY, MarketService, piecesIn, type PricedOffer } from '../market/index.js';
import { WardrobeService } from '../wardrobe/index.js';
import type { StoredLine } from './errand.entity.js';
import type { ErrandSettingsDto } from './errands.dto.js';

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
    private readonly market: MarketService,
  ) {}

  /** The looks of an errand's lines. Refuses empty looks and parts that were never made. */
  async lines(lines: readonly StoredLine[]): Promise<readonly (ErrandLine & { readonly look: StoredLook })[]> {
    const catalogue = await this.catalogue.catalogue();
    return Promise.all(
      lines.map(async ({ look: id, copies, group }, i) => {
        const look = await this.looks.look(id);
        if (look.parts.length === 0)
          throw new Problem(422, `“${look.name}” has no parts yet. Put some on in Fitting first.`, [
            { path: `/lines/${i}`, sentence: 'This look has no parts yet.' },
          ]);
        refuseImagined(
          look.parts.map((part) => part.variant),
          catalogue,
        );
        return { look, copies, group };
      }),
    );
  }

  async input(stored: readonly StoredLine[], settings: ErrandSettingsDto, adjustments: Adjustments): Promise<ErrandInput> {
    const catalogue = await this.catalogue.catalogue();
    refuseUnknownSubstitutes(adjustments, catalogue);
    const lines = await this.lines(stored);
    const demand = demandOf(lines);
    const view = await this.market.view();
    const offers = view.offers.filter((offer) => offer.stock > 0);
    const landed = landedOf(offers);
    const donors = settings.useDonors ? await this.donors(catalogue, demand, (variant) => landed.get(variant) ?? 0) : [];
    const penalties = await this.penalties(lines, adjustments, settings.pointMinor ?? POINT_MINOR);
    return {
      currency: CURRENCY,
      demand,
      substitutes: (variant) => penalties.get(variant) ?? [],
      sameSeller: (variant) => (settings.matchArms ?? false) && isArm(variant, catalogue),
      owned: await this.wardrobe.owned(),
      donors,
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

  /** Pieces of whole figures that may be taken apart; what a hole costs is what its piece costs to buy again. */
  private async donors(
    catalogue: Catalogue,
    demand: ReadonlyMap<string, number>,
    landed: (variant: string) => number,
  ): Promise<OwnedStock[]> {
    const pieces = new Map<string, number>();
    for (const donor of await this.wardrobe.donors()) {
      const figure = catalogue.data.officialFigures.find((row) => row.id === donor.officialFigure);
      if (!figure || donor.keepWhole) continue;
      for (const [variant, quantity] of piecesOf(figure))
        if (demand.has(variant)) pieces.set(variant, (pieces.get(variant) ?? 0) + quantity);
    }
    return [...pieces].map(([variant, quantity]) => ({ variant, quantity, costMinor: landed(variant) }));
  }

  /** Substitutes a person takes, by the part they stand in for: those of the looks and those accepted on a plan. */
  private async penalties(
    lines: readonly { readonly look: StoredLook }[],
    { accepted }: Adjustments,
    pointMinor: number,
  ): Promise<ReadonlyMap<string, readonly Substitute[]>> {
    const found = new Map<string, Substitute[]>();
    for (const { look } of lines) {
      const lost = await this.lostIn(look);
      for (const { position, variant } of look.parts) {
        const acceptable = (look.acceptable ?? []).filter((row) => row.position === position).map((row) => row.variant);
        const taken = accepted.filter((row) => row.variant === variant).map((row) => row.substitute);
        for (const substitute of new Set([...acceptable, ...taken])) {
          if (substitute === variant || found.get(variant)?.some((row) => row.variant === substitute)) continue;
          const penaltyMinor = Math.round(Math.max(0, lost(variant, substitute)) * pointMinor);
          found.set(variant, [...(found.get(variant) ?? []), { variant: substitute, penaltyMinor }]);
        }
      }
    }
    return found;
  }

  /** Points of likeness a look loses with one part in place of another. */
  async lostIn(look: StoredLook): Promise<(variant: string, substitute: string) => number> {
    const catalogue = await this.catalogue.catalogue();
    const { brief } = await this.figures.figure(look.figure);
    const before = likenessWith(look, brief, catalogue, P40);
    return (variant, substitute) => {
      const parts = look.parts.map((part) => (part.variant === variant ? { ...part, variant: substitute } : part));
      return before - likenessWith({ ...look, parts }, brief, catalogue, P40);
    };
  }
}

const isArm = (variant: string, catalogue: Catalogue): boolean =>
  catalogue.has(variant) &&
  catalogue.mouldOf(catalogue.variant(variant)).fills.some((fills) => fills.includes('arm.L') || fills.includes('arm.R'));

export const landedOf = (offers: readonly PricedOffer[]): ReadonlyMap<string, number> => {
  const loose = offers.filter((offer) => offer.kind === 'variant').map((offer) => ({ ...offer, variant: offer.item }));
  return new Map([...lowestLanded(loose)].map(([variant, price]) => [variant, price.landedMinor]));
};

/** What leftovers would fetch: the lower quartile of what is asked for them. */
export function resaleOf(offers: readonly PricedOffer[]) {
  const by = new Map<string, PricedOffer[]>();
  for (const offer of offers) if (offer.kind === 'variant') by.set(offer.item, [...(by.get(offer.item) ?? []), offer]);
  return [...by].flatMap(([variant, own]) => {
    const sums = summariseByCondition(own);
    const summary = (sums.find((row) => row.condition === 'used') ?? sums[0])?.summary;
    return summary ? [{ variant, valueMinor: summary.lowerQuartileMinor, upTo: RESOLD_OF_EACH }] : [];
  });
}

/** A substitute must be a part of the catalogue; whether it is sold or owned shows in the plan. */
function refuseUnknownSubstitutes({ accepted }: Adjustments, catalogue: Catalogue): void {
  const i = accepted.findIndex((row) => !catalogue.has(row.substitute));
  if (i < 0) return;
  const sentence = `There is no part ${accepted[i]?.substitute ?? ''} to stand in for another.`;
  throw new Problem(422, sentence, [{ path: `/adjustments/accepted/${i}/substitute`, sentence }]);
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
    condition: wanted.condition ?? 'used',
    trustedOnly: wanted.trustedOnly ?? false,
    allowThirdParty: wanted.allowThirdParty ?? false,
    resaleShare: wanted.resaleShare ?? 0,
  };
}
