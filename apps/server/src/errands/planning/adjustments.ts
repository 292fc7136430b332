import type { Adjustments } from '@outfit/core';
import { quote } from '@outfit/core';
import { Problem } from '../../platform/http/index.js';

interface Known {
  readonly sellers: ReadonlyMap<string, string>;
  isVariant(id: string): boolean;
  /** Null when there is no such offer. */
  sellerOf(offer: string): string | null;
}

/** Refuses adjustments of things that are not there, or that contradict each other: the first fault by its path. */
export function refuseUnsound({ locked, banned, pinned, accepted }: Adjustments, known: Known): void {
  const refuse = (path: string, sentence: string): never => {
    throw new Problem(422, sentence, [{ path: `/adjustments${path}`, sentence }]);
  };
  const out = new Set(banned);
  banned.forEach((seller, i) => {
    if (!known.sellers.has(seller)) refuse(`/banned/${i}`, `There is no seller ${quote(seller)} to rule out.`);
  });
  locked.forEach(({ offer }, i) => {
    const seller = known.sellerOf(offer) ?? refuse(`/locked/${i}/offer`, `There is no offer ${quote(offer)} to keep.`);
    if (out.has(seller))
      refuse(
        `/locked/${i}/offer`,
        `An offer of ${known.sellers.get(seller) ?? seller} is kept, and the seller is ruled out. Keep one of the two.`,
      );
    if (locked.findIndex((other) => other.offer === offer) !== i)
      refuse(`/locked/${i}/offer`, `The offer ${quote(offer)} is kept twice; once says how many.`);
  });
  const pins = new Map<string, string>();
  pinned.forEach(({ variant, seller }, i) => {
    if (!known.isVariant(variant)) refuse(`/pinned/${i}/variant`, `There is no part ${quote(variant)} to buy at a seller.`);
    if (!known.sellers.has(seller)) refuse(`/pinned/${i}/seller`, `There is no seller ${quote(seller)} to buy at.`);
    if (out.has(seller))
      refuse(
        `/pinned/${i}/seller`,
        `${known.sellers.get(seller) ?? seller} is ruled out, and a part is to be bought there. Keep one of the two.`,
      );
    if (pins.has(variant)) refuse(`/pinned/${i}/variant`, `${quote(variant)} is to be bought at two sellers. Keep one.`);
    pins.set(variant, seller);
  });
  accepted.forEach(({ variant, substitute }, i) => {
    if (!known.isVariant(substitute)) refuse(`/accepted/${i}/substitute`, `There is no part ${quote(substitute)} to stand in for another.`);
    if (!known.isVariant(variant)) refuse(`/accepted/${i}/variant`, `There is no part ${quote(variant)} that another could stand in for.`);
    if (variant === substitute) refuse(`/accepted/${i}/substitute`, `${quote(variant)} cannot stand in for itself.`);
  });
}
