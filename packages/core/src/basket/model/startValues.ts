import type { Decision } from '../decision/index.js';
import { dutyOn, mostThatStand, type Seller, unitsByName } from '../problem/index.js';
import type { ReducedMarket, UsableOffer } from '../reduce/index.js';
import type { Column } from './linearModel.js';

/** What a known decision comes to, as far as columns ask. */
export interface DecisionFacts {
  quantity(usable: UsableOffer): number;
  goods(seller: Seller): number;
  weight(seller: Seller): number;
  duty(seller: Seller): number;
  isOpen(seller: Seller): boolean;
  /** Units of a variant that fill a need, from owned pieces (`null`), one seller, or any seller (`undefined`). */
  filled(need: string, variant: string | undefined, from: string | null | undefined): number;
  /** How many of a whole stand. */
  stands(whole: string): number;
  /** Bought units of a variant that fill nothing. */
  leftOver(variant: string): number;
}

/** Remembers how each column's value follows from a decision, so that the solver can start from a known plan. */
export class StartValues {
  private readonly rules: [Column, (facts: DecisionFacts) => number][] = [];

  constructor(private readonly market: ReducedMarket) {}

  set(column: Column, value: (facts: DecisionFacts) => number): Column {
    this.rules.push([column, value]);
    return column;
  }

  /** Values of all columns for a decision. */
  of({ bought, fills }: Decision, columnCount: number): number[] {
    const goods = new Map<string, number>();
    const weight = new Map<string, number>();
    const left = new Map<string, number>();
    const add = (map: Map<string, number>, key: string, by: number): void => void map.set(key, (map.get(key) ?? 0) + by);
    for (const [usable, quantity] of bought) {
      if (quantity === 0) continue;
      add(goods, usable.seller.id, usable.offer.priceMinor * quantity);
      add(weight, usable.seller.id, usable.item.weightG * quantity);
      for (const [variant, each] of usable.yields) add(left, variant, each * quantity);
    }
    const quantities = new Map([...bought].map(([usable, quantity]) => [usable.offer.id, quantity]));
    const filled = new Map<string, number>();
    for (const { need, variant, seller, quantity } of fills) {
      if (seller !== null) {
        add(left, variant, -quantity);
        add(filled, JSON.stringify([need, variant, 'any']), quantity);
      }
      add(filled, JSON.stringify([need, variant, 'from', seller]), quantity);
      add(filled, JSON.stringify([need, 'from', seller]), quantity);
      add(filled, JSON.stringify([need]), quantity);
    }
    const { problem, needs } = this.market;
    const standing = mostThatStand(
      problem.wholes,
      unitsByName(needs, (need) => filled.get(JSON.stringify([need.id])) ?? 0),
    );
    const standOf = new Map(standing.map(({ whole, quantity }) => [whole, quantity]));
    const facts: DecisionFacts = {
      quantity: (usable) => quantities.get(usable.offer.id) ?? 0,
      goods: (seller) => goods.get(seller.id) ?? 0,
      weight: (seller) => Math.round((weight.get(seller.id) ?? 0) * 1e6) / 1e6,
      duty: (seller) => dutyOn(seller, goods.get(seller.id) ?? 0),
      isOpen: (seller) => goods.has(seller.id),
      stands: (whole) => standOf.get(whole) ?? 0,
      leftOver: (variant) => left.get(variant) ?? 0,
      filled: (need, variant, from) => {
        if (variant === undefined) return filled.get(JSON.stringify(from === undefined ? [need] : [need, 'from', from])) ?? 0;
        return filled.get(JSON.stringify(from === undefined ? [need, variant, 'any'] : [need, variant, 'from', from])) ?? 0;
      },
    };
    const values = new Array<number>(columnCount).fill(0);
    for (const [column, value] of this.rules) values[column] = value(facts);
    return values;
  }
}
