import { describe, expect, test } from '@jest/globals';
import { basketFor, donatedBy, donorBehind, donorNameOf, fillersOf, fillerWords, variantBehind } from '../../src/index.js';
import { input, offer, seller, solve } from './example.js';

const money = (minor: number): string => (minor / 100).toFixed(2);
const seller4 = (terms: object) => ({ ...seller('near', 100), ...terms });
const hat = new Map([['hat', 1]]);

describe('what a plan takes off whole figures', () => {
  test('is told by figure, with what each loses and nobody pays', async () => {
    const donors = [
      { variant: 'hat', donor: 'guard', quantity: 1, costMinor: 90 },
      { variant: 'arm', donor: 'guard', quantity: 1, costMinor: 35 },
      { variant: 'arm', donor: 'clerk', quantity: 1, costMinor: 35 },
    ];
    const problem = basketFor(input({ donors }));
    const plan = await solve(problem);
    expect(donatedBy(problem, plan)).toEqual([
      { donor: 'clerk', pieces: [{ variant: 'arm', quantity: 1 }], losesMinor: 35 },
      {
        donor: 'guard',
        pieces: [
          { variant: 'arm', quantity: 1 },
          { variant: 'hat', quantity: 1 },
        ],
        losesMinor: 125,
      },
    ]);
    expect(plan).toMatchObject({ paidMinor: 0, costMinor: 160 });
  });

  test('a name says its donor; one of a plan made before donors were told apart says that it is one', () => {
    expect(donorBehind(donorNameOf('hat', 'place-96'))).toBe('place-96');
    expect(variantBehind(donorNameOf('hat', 'place-96'))).toBe('hat');
    expect(['hat from a donor', 'hat', 'hat from near'].map(donorBehind)).toEqual(['', null, null]);
  });
});

describe('what a plan buys only to fill up', () => {
  const fillersIn = async (terms: object, offers: ReturnType<typeof offer>[], demand = hat) => {
    const problem = basketFor(input({ demand, sellers: [seller4(terms)], offers }));
    const plan = await solve(problem);
    return { plan, fillers: fillersOf(problem, plan), bought: plan.fills.reduce((all, fill) => all + fill.quantity, 0) };
  };

  test('for a least order: a second hat, which is left over from the first', async () => {
    const { plan, fillers, bought } = await fillersIn({ minimumMinor: 500 }, [offer('near', 'hat', 250)]);
    expect(fillers).toEqual([{ offer: 'near/hat', quantity: 1, cause: { kind: 'least order', minor: 500 } }]);
    expect([plan.leftovers, bought]).toEqual([[{ variant: 'hat', quantity: 1 }], 1]);
    expect(fillers.map((row) => fillerWords(row.cause, money))).toEqual(['Nothing needs it: it only reaches the least order of 5.00.']);
  });

  test('for free postage: 250 and 250 for 500, as 250 and 300 of postage would be more', async () => {
    const { fillers } = await fillersIn({ postage: [{ upToG: 500, costMinor: 300 }], freePostageFromMinor: 500 }, [
      offer('near', 'hat', 250),
    ]);
    expect(fillers.map((row) => row.cause)).toEqual([{ kind: 'free postage', minor: 500 }]);
  });

  test('for a lot: three wanted of lots of two leave one', async () => {
    const { fillers } = await fillersIn({}, [offer('near', 'hat', 10, { multiple: 2 })], new Map([['hat', 3]]));
    expect(fillers).toEqual([{ offer: 'near/hat', quantity: 1, cause: { kind: 'lot', of: 2 } }]);
  });

  test('not what comes with a whole figure of which something is used, nor anything where all is used', async () => {
    const { fillers } = await fillersIn({}, [offer('near', 'F', 90)], new Map([['hat', 1], ['arm', 2]])); // prettier-ignore
    expect(fillers).toEqual([]);
  });
});
