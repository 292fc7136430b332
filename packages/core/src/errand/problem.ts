import type { BasketProblem, Item, Need, Offer, OwnedStock, Rules, Seller, Whole } from '../basket/index.js';
import type { Condition, YieldKind } from '../catalogue/index.js';

/** An offer of the market: a loose part, a bundle, a figure or a whole source. Money in one currency. */
export interface MarketOffer {
  readonly id: string;
  readonly seller: string;
  readonly item: { readonly kind: YieldKind; readonly id: string };
  readonly priceMinor: number;
  readonly stock: number;
  readonly multiple: number;
  readonly condition: Condition;
}

/** Another part a person would take, and what a unit of it is taken to cost on top: the likeness it loses, in money. */
export interface Substitute {
  readonly variant: string;
  readonly penaltyMinor: number;
}

/** What a person adjusted on a plan, to be kept when it is planned again. */
export interface Adjustments {
  /** Lines kept as they were bought: the offer, and how many units of it. */
  readonly locked: readonly { readonly offer: string; readonly quantity: number }[];
  /** Sellers not to be bought from. */
  readonly banned: readonly string[];
  /** Parts to be bought from one seller, whatever others ask. */
  readonly pinned: readonly { readonly variant: string; readonly seller: string }[];
  /** Substitutes accepted, by the part they stand in for. */
  readonly accepted: readonly { readonly variant: string; readonly substitute: string }[];
}

export const NO_ADJUSTMENTS: Adjustments = { locked: [], banned: [], pinned: [], accepted: [] };

export interface ErrandInput {
  readonly currency: string;
  /** Variant to number wanted: looks × copies, added up. */
  readonly demand: ReadonlyMap<string, number>;
  /** The figures it is for, their needs by variant. */
  readonly wholes: readonly Whole[];
  readonly substitutes: (variant: string) => readonly Substitute[];
  /** Wants all bought units from one seller: parts that must match. */
  readonly sameSeller: (variant: string) => boolean;
  readonly owned: readonly OwnedStock[];
  /** Pieces of whole figures that may be taken apart. */
  readonly donors: readonly DonorStock[];
  readonly offers: readonly MarketOffer[];
  readonly sellers: readonly Seller[];
  /** What one unit of an item yields, by variant. */
  readonly yieldsOf: (item: MarketOffer['item']) => ReadonlyMap<string, number>;
  readonly massG: (variantId: string) => number;
  readonly resale: BasketProblem['resale'];
  readonly rules: Rules;
  readonly adjustments: Adjustments;
  readonly effort: BasketProblem['effort'];
}

/**
 * What a unit that stays unfilled is taken to cost when a plan is made, in minor units: dearer than any part anybody would
 * buy, so a plan falls short only of what cannot be had, and says so.
 */
export const SHORT_COST_MINOR = 100_000;

/** Between a variant and where it must come from, in the names of a problem: variants have no spaces. */
const FROM = ' from ';

/** A piece of a whole figure that may be taken apart; `costMinor` is the hole it leaves. */
export interface DonorStock extends OwnedStock {
  /** The whole figure it comes off. */
  readonly donor: string;
}

const OFF = 'off ';

/**
 * The name under which a donor's piece fills a need, apart from the loose ones that leave no hole.
 *
 * @example donorNameOf('HA-118·woad', 'place-96') // 'HA-118·woad from off place-96'
 */
export const donorNameOf = (variant: string, donor: string): string => `${variant}${FROM}${OFF}${donor}`;

/** What donors were called in problems made before each was told apart. */
const ANY_DONOR = 'a donor';

/**
 * The donor behind a name of the problem; null where the piece comes from elsewhere, "" where it is not known which donor it was.
 *
 * @example donorBehind('HA-118·woad from off place-96') // 'place-96'
 */
export function donorBehind(name: string): string | null {
  const from = name.split(FROM).slice(1).join(FROM);
  return from === ANY_DONOR ? '' : from.startsWith(OFF) ? from.slice(OFF.length) : null;
}

/**
 * The catalogue's variant behind a name of the problem.
 *
 * @example variantBehind('HA-118·woad from tin-drawer') // 'HA-118·woad'
 */
export const variantBehind = (name: string): string => name.split(FROM)[0] ?? name;

/** The market's offer behind a name of the problem: the locked part of an offer is the offer. */
export const offerBehind = (name: string): string => name.split(FROM)[0] ?? name;

/** Name of an item: a variant's own id, or the kind before the id. */
const itemNameOf = ({ kind, id }: MarketOffer['item']): string => (kind === 'variant' ? id : `${kind} ${id}`);

/**
 * Builds the basket problem of an errand. Offers that yield nothing wanted are left out. What was locked or pinned becomes a
 * need of its own that only those units fill, so that the problem says it in its own terms.
 */
export function basketFor(input: ErrandInput): BasketProblem {
  const build = new ErrandProblem(input);
  return build.problem();
}

class ErrandProblem {
  private readonly needs: Need[] = [];
  private readonly items = new Map<string, Item>();
  private readonly offers: Offer[] = [];
  private readonly wanted = new Set<string>();
  /** Units of each variant that locked lines already fill. */
  private readonly lockedUnits = new Map<string, number>();

  constructor(private readonly input: ErrandInput) {}

  problem(): BasketProblem {
    const { input } = this;
    for (const variant of input.demand.keys()) {
      this.wanted.add(variant);
      for (const substitute of this.input.substitutes(variant)) this.wanted.add(substitute.variant);
    }
    const locks = this.locks();
    for (const offer of input.offers) this.addOffer(offer, locks.get(offer.id) ?? null);
    for (const [variant, quantity] of input.demand) this.addNeed(variant, quantity - (this.lockedUnits.get(variant) ?? 0));
    const sellers = new Set(this.offers.map((offer) => offer.seller));
    const banned = new Set(input.adjustments.banned);
    const allowed = input.rules.sellers?.filter((id) => sellers.has(id) && !banned.has(id)) ?? null;
    return {
      currency: input.currency,
      needs: this.needs,
      wholes: input.wholes,
      owned: [
        ...input.owned.filter((row) => this.wanted.has(row.variant)),
        ...input.donors
          .filter((row) => input.demand.has(row.variant))
          .map(({ variant, donor, quantity, costMinor }) => ({ variant: donorNameOf(variant, donor), quantity, costMinor })),
      ],
      items: [...this.items.values()],
      sellers: input.sellers.filter((seller) => sellers.has(seller.id)),
      offers: this.offers,
      resale: input.rules.resaleShare > 0 ? input.resale : [],
      rules: { ...input.rules, sellers: allowed ?? (banned.size > 0 ? [...sellers].filter((id) => !banned.has(id)) : null) },
      effort: input.effort,
    };
  }

  private pinOf(variant: string): string | null {
    return this.input.adjustments.pinned.find((row) => row.variant === variant)?.seller ?? null;
  }

  /** Each locked offer with the wanted variant that holds it and the units of it. */
  private locks(): ReadonlyMap<string, { readonly variant: string; readonly quantity: number }> {
    const locks = new Map<string, { variant: string; quantity: number }>();
    for (const { offer: id, quantity } of this.input.adjustments.locked) {
      const offer = this.input.offers.find((row) => row.id === id);
      const [variant, each] = offer ? ([...this.input.yieldsOf(offer.item)].find(([name]) => this.input.demand.has(name)) ?? []) : [];
      if (!offer || variant === undefined || each === undefined) continue;
      const kept = Math.min(quantity, offer.stock, Math.ceil((this.input.demand.get(variant) ?? 0) / each));
      if (kept > 0) locks.set(id, { variant, quantity: kept });
    }
    return locks;
  }

  private addOffer(offer: MarketOffer, lock: { readonly variant: string; readonly quantity: number } | null): void {
    const yields = this.input.yieldsOf(offer.item);
    if (![...yields.keys()].some((variant) => this.wanted.has(variant))) return;
    const pinned = new Map(
      [...yields.keys()].flatMap((variant) => (this.pinOf(variant) === offer.seller ? [[variant, offer.seller] as const] : [])),
    );
    const { id, seller, priceMinor, stock, multiple, condition } = offer;
    const kept = lock ? Math.ceil(lock.quantity / multiple) * multiple : 0;
    if (lock && kept > 0) {
      const name = `${id}${FROM}the last plan`;
      const units = kept * (yields.get(lock.variant) ?? 1);
      const used = Math.min(units, (this.input.demand.get(lock.variant) ?? 0) - (this.lockedUnits.get(lock.variant) ?? 0));
      if (used > 0) {
        this.lockedUnits.set(lock.variant, (this.lockedUnits.get(lock.variant) ?? 0) + used);
        this.offers.push({
          id: name,
          seller,
          item: this.item(offer, new Map([[lock.variant, id]])),
          priceMinor,
          stock: kept,
          multiple,
          condition,
        });
        this.needs.push(this.need(lock.variant, used, [{ variant: `${lock.variant}${FROM}${id}`, penaltyMinor: 0 }], false));
      }
    }
    if (stock - kept >= multiple)
      this.offers.push({ id, seller, item: this.item(offer, pinned), priceMinor, stock: stock - kept, multiple, condition });
  }

  /** The item an offer sells; some of its variants renamed to say where they come from. Returns its id. */
  private item(offer: MarketOffer, renamed: ReadonlyMap<string, string>): string {
    const plain = itemNameOf(offer.item);
    const id = renamed.size === 0 ? plain : `${plain}${FROM}${[...renamed.values()].join(', ')}`;
    if (!this.items.has(id)) {
      const yields = [...this.input.yieldsOf(offer.item)];
      const weightG = yields.reduce((all, [variant, quantity]) => all + this.input.massG(variant) * quantity, 0);
      this.items.set(id, {
        id,
        weightG: Math.round(weightG * 1000) / 1000,
        yields: yields.map(([variant, quantity]) => ({
          variant: renamed.has(variant) ? `${variant}${FROM}${renamed.get(variant) ?? ''}` : variant,
          quantity,
        })),
      });
    }
    return id;
  }

  private addNeed(variant: string, quantity: number): void {
    if (quantity <= 0) return;
    const seller = this.pinOf(variant);
    const others = [
      ...this.input.donors
        .filter((row) => row.variant === variant)
        .map((row) => ({ variant: donorNameOf(variant, row.donor), penaltyMinor: 0 })),
      ...this.input.substitutes(variant).filter((option) => option.variant !== variant),
    ];
    const sameSeller = this.input.sameSeller(variant);
    if (seller === null) {
      this.needs.push(this.need(variant, quantity, [{ variant, penaltyMinor: 0 }, ...others], sameSeller));
      return;
    }
    // A pin says where to buy; what is owned already is still used first.
    const owned = Math.min(quantity, this.input.owned.find((row) => row.variant === variant)?.quantity ?? 0);
    if (owned > 0) this.needs.push(this.need(variant, owned, [{ variant, penaltyMinor: 0 }], false));
    const pinned = `${variant}${FROM}${seller}`;
    if (quantity > owned)
      this.needs.push(this.need(variant, quantity - owned, [{ variant: pinned, penaltyMinor: 0 }, ...others], sameSeller));
  }

  /** A need of a variant goes by the name of what fills it exactly: that may say where it must come from. */
  private need(variant: string, quantity: number, options: Need['options'], sameSeller: boolean): Need {
    const id = options[0]?.variant ?? variant;
    return { id, quantity, options, shortCostMinor: SHORT_COST_MINOR, sameSeller, ...(id !== variant && { servesAs: variant }) };
  }
}
