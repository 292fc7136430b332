import { type CatalogueData, type Certainty, piecesOf } from '../../catalogue/index.js';

/** What comes out of one copy of a product: whole figures, each a donor, and loose pieces. */
export interface Unpacked {
  readonly figures: readonly { readonly figure: string; readonly certainty: Certainty }[];
  readonly loose: readonly { readonly variant: string; readonly quantity: number; readonly certainty: Certainty }[];
  /** Blind bags: one of the figures of each is inside, and only the person knows which. */
  readonly asks: readonly { readonly source: string; readonly figures: readonly string[] }[];
}

const weaker = (a: Certainty, b: Certainty): Certainty => (a === 'sure' && b === 'sure' ? 'sure' : 'think so');

/**
 * What is in one copy of a product: its figures, what lies beside them, and the products inside it. A blind bag with several figures holds
 * one of them, which has to be asked; so do the bags in a set. Throws RangeError for a product nobody knows or one inside itself.
 */
export function unpack(source: string, data: Pick<CatalogueData, 'sources' | 'bundles' | 'officialFigures'>): Unpacked {
  const sources = new Map(data.sources.map((row) => [row.id, row]));
  const bundles = new Map(data.bundles.map((row) => [row.id, row]));
  const figures: { figure: string; certainty: Certainty }[] = [];
  const loose = new Map<string, { variant: string; quantity: number; certainty: Certainty }>();
  const asks: { source: string; figures: readonly string[] }[] = [];
  const lay = (variant: string, quantity: number, certainty: Certainty): void => {
    const known = loose.get(variant);
    loose.set(variant, {
      variant,
      quantity: (known?.quantity ?? 0) + quantity,
      certainty: weaker(known?.certainty ?? 'sure', certainty),
    });
  };
  const open = (id: string, times: number, certainty: Certainty, within: readonly string[]): void => {
    const row = sources.get(id);
    if (!row) throw new RangeError(`${id} is no product`);
    if (within.includes(id)) throw new RangeError(`${id} yields itself`);
    const isBlind = row.kind === 'blind bag' && row.yields.filter((item) => item.kind === 'figure').length > 1;
    if (isBlind) {
      const inside = row.yields.flatMap((item) => (item.kind === 'figure' ? [item.item] : []));
      for (let i = 0; i < times; i += 1) asks.push({ source: id, figures: inside });
    }
    for (const item of row.yields) {
      const sure = weaker(item.certainty, certainty);
      const quantity = item.quantity * times;
      if (item.kind === 'figure') {
        if (!isBlind) for (let i = 0; i < quantity; i += 1) figures.push({ figure: item.item, certainty: sure });
      } else if (item.kind === 'source') open(item.item, quantity, sure, [...within, id]);
      else if (item.kind === 'variant') lay(item.item, quantity, sure);
      else for (const part of bundles.get(item.item)?.parts ?? []) lay(part.variant, part.quantity * quantity, sure);
    }
  };
  open(source, 1, 'sure', []);
  return { figures, loose: [...loose.values()], asks };
}

/** What one copy of a product gives of each part: surely, and on average, every figure of a blind bag being as likely as the others. */
export interface Gives {
  readonly surely: ReadonlyMap<string, number>;
  readonly onAverage: ReadonlyMap<string, number>;
}

/**
 * What a product can be counted on for. Of a blind bag that is what all its figures have: which of them is inside is not known.
 *
 * @param partsOf the pieces of an official figure, by its id
 * For example: a bag with a figure in a red hat or one in a blue hat, both with alike legs, surely gives the legs, and half a red hat on average.
 */
export function givesOf({ figures, loose, asks }: Unpacked, partsOf: (figure: string) => ReadonlyMap<string, number>): Gives {
  const [surely, onAverage] = [new Map<string, number>(), new Map<string, number>()];
  const add = (to: Map<string, number>, variant: string, quantity: number): void => void to.set(variant, (to.get(variant) ?? 0) + quantity);
  const addSure = (variant: string, quantity: number): void => [surely, onAverage].forEach((to) => add(to, variant, quantity));
  for (const { figure } of figures) partsOf(figure).forEach((quantity, variant) => addSure(variant, quantity));
  for (const { variant, quantity } of loose) addSure(variant, quantity);
  for (const bag of asks) {
    const inside = bag.figures.map(partsOf);
    const [first, ...others] = inside;
    first?.forEach((quantity, variant) => {
      const least = Math.min(quantity, ...others.map((parts) => parts.get(variant) ?? 0));
      if (least > 0) add(surely, variant, least);
    });
    for (const parts of inside) parts.forEach((quantity, variant) => add(onAverage, variant, quantity / inside.length));
  }
  return { surely, onAverage };
}

/** The pieces of an official figure that are there: all but those ticked off as missing, each named once for every piece. */
export function piecesThere(figure: Parameters<typeof piecesOf>[0], missing: readonly string[]): ReadonlyMap<string, number> {
  const pieces = new Map(piecesOf(figure));
  for (const variant of missing) {
    const left = (pieces.get(variant) ?? 0) - 1;
    if (left > 0) pieces.set(variant, left);
    else pieces.delete(variant);
  }
  return pieces;
}
