import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { SellerDto } from '../src/api';
import { draftOf, emptySeller, readDraft, type SellerDraft } from '../src/features/market/byHand/draft';

const complete = (change: Partial<SellerDraft> = {}): SellerDraft => ({
  ...emptySeller('EUR'),
  ...{ name: 'The Tin Drawer', country: 'NL', steps: [{ upToG: '100', cost: '2,50' }] },
  ...change,
});
const sellerOf = (draft: SellerDraft) => {
  const read = readDraft(draft);
  if ('fault' in read) throw new Error(read.fault);
  return read.seller;
};
const faultOf = (draft: SellerDraft): string | null => {
  const read = readDraft(draft);
  return 'fault' in read ? read.fault : null;
};

describe('a seller that is written down', () => {
  test('is sent with its terms in minor units; country and currency in capitals, what is not said at nothing', () => {
    expect(sellerOf(complete({ country: 'nl ', currency: 'eur', minimum: '10', freeFrom: '45,00' }))).toEqual({
      ...{ name: 'The Tin Drawer', country: 'NL', currency: 'EUR', days: 5, trusted: true, thirdParty: false },
      postage: [{ upToG: 100, costMinor: 250 }],
      ...{ minimumMinor: 1000, handlingMinor: 0, freePostageFromMinor: 4500 },
    });
    expect(sellerOf(complete()).freePostageFromMinor).toBeNull();
  });

  test('says what cannot be read, the first of it', () => {
    expect(faultOf(complete({ name: ' ', minimum: 'ten' }))).toBe('What is the seller called?');
    expect(faultOf(complete({ steps: [{ upToG: '1.5', cost: '1' }] }))).toBe('Postage is up to so many whole grams.');
    expect(faultOf(complete({ steps: [{ upToG: '100', cost: 'little' }] }))).toBe('Postage is an amount such as 3.95.');
    for (const field of ['minimum', 'handling', 'freeFrom'] as const)
      expect(faultOf(complete({ [field]: 'some' }))).toBe('Amounts are written such as 3.95.');
  });

  test('is read by the decimals of its currency, and of no other', () => {
    const yen = (cost: string) => complete({ currency: 'JPY', steps: [{ upToG: '100', cost }] });
    expect(sellerOf(yen('250')).postage).toEqual([{ upToG: 100, costMinor: 250 }]);
    expect(faultOf(yen('2,50'))).toBe('Postage is an amount such as 395.');
    expect(faultOf(complete({ currency: 'ABC' }))).toBe('“ABC” is no currency. Write its three letters, such as EUR.');
    expect(emptySeller('SEK').currency).toBe('SEK');
  });

  test('opened again is the same seller to the last minor unit, also one that asks another money than the workspace reckons in', () => {
    const some = fc.record({
      currency: fc.constantFrom('EUR', 'SEK', 'JPY', 'KWD'),
      minimumMinor: fc.nat(99_999),
      handlingMinor: fc.nat(999),
      freePostageFromMinor: fc.option(fc.integer({ min: 1, max: 99_999 })),
      costs: fc.array(fc.nat(9999), { minLength: 1, maxLength: 4 }),
    });
    fc.assert(
      fc.property(some, ({ costs, currency, ...terms }) => {
        const own = { ...terms, postage: costs.map((costMinor, i) => ({ upToG: (i + 1) * 100, costMinor })) };
        const told = { ...sellerOf(complete({ currency, steps: [{ upToG: '100', cost: '2' }] })), asked: own } as unknown as SellerDto;
        expect(sellerOf(draftOf(told))).toMatchObject({ currency, ...own });
      }),
    );
  });
});
