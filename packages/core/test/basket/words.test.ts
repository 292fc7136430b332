import { describe, expect, test } from '@jest/globals';
import { type Reason, reasonWords } from '../../src/index.js';

/** Names that look like words of ours, and ids that are parts of each other. */
const NAMES = {
  currency: 'EUR',
  part: (variant: string): string => ({ cape: 'Cape in raven', 'cape-2': 'within' })[variant] ?? variant,
  seller: (id: string): string => ({ days: 'Days of Wool', part: 'The Parting' })[id] ?? id,
};
const said = (reason: Reason): string => reasonWords(reason, NAMES);

describe('what shapes a plan, in words', () => {
  test('names stand where they belong and nowhere else, whatever a seller is called', () => {
    expect(said({ kind: 'only seller', seller: 'days', variant: 'cape' })).toBe('Only Days of Wool sells Cape in raven.');
    expect(said({ kind: 'rule costs', rule: { rule: 'days', most: 5 }, minor: 280, paidMinor: 330, isProven: true })).toBe(
      'Keeping to delivery within 5 days costs €2.80: without it the trip would come to €3.30.',
    );
    expect(said({ kind: 'more without', rule: { rule: 'budget', minor: 250 }, parts: 1, paidMinor: 330 })).toBe(
      'Without a budget of €2.50, 1 part more could be had: the trip would come to €3.30.',
    );
  });

  test('what cannot be had is told apart from what is left out to keep the rules', () => {
    expect(said({ kind: 'short', variant: 'cape-2', quantity: 2, wanted: 3, available: 1 })).toBe(
      'within: 2 of 3 cannot be had; 1 is owned or for sale under these rules.',
    );
    expect(said({ kind: 'short', variant: 'cape', quantity: 1, wanted: 1, available: 1 })).toContain(
      '1 of 1 is left out to keep the rules; 1 is owned',
    );
    expect(said({ kind: 'short', variant: 'cape', quantity: 14, wanted: 40, available: 28 })).toContain(
      '12 of 40 cannot be had and 2 are left out to keep the rules; 28 are',
    );
    const stand = { kind: 'more stand without', rule: { rule: 'budget', minor: 2000 }, figures: 4, paidMinor: 5625 } as const;
    expect(said(stand)).toBe('Without a budget of €20.00, 4 more figures could stand: the trip would come to €56.25.');
    const banned = { rule: 'banned', sellers: ['days', 'days'] } as const;
    expect(said({ kind: 'rule costs', rule: banned, minor: 369, paidMinor: 3345, isProven: false })).toBe(
      'Keeping to the ban on Days of Wool and Days of Wool costs at least €3.69: without it the trip would come to at most €33.45.',
    );
    expect(said({ kind: 'too few', variant: 'cape', wanted: 3, available: 1 })).toBe(
      'Cape in raven: 3 wanted, 1 can be had under the rules.',
    );
  });

  test('rules that exclude each other are all named', () => {
    const rules = [
      { rule: 'parcels', most: 1 },
      { rule: 'budget', minor: 500 },
      { rule: 'condition', least: 'new' },
      { rule: 'trusted' },
      { rule: 'sellers', count: 36 },
    ] as const;
    expect(said({ kind: 'rules exclude', rules })).toBe(
      'Every part can be had, but not all of them under at most 1 parcel, a budget of €5.00, a condition of new or better, trusted sellers only and only 36 named sellers.',
    );
    expect(said({ kind: 'rules exclude', rules: [] })).toContain('no set of parcels keeps every minimum order');
    expect(said({ kind: 'plan without', rule: { rule: 'trusted' }, paidMinor: 330 })).toBe(
      'Without trusted sellers only there is a plan, for €3.30.',
    );
  });

  test('what was reached, or not settled, is said', () => {
    expect(said({ kind: 'parcels reached', most: 1 })).toBe('The limit of 1 parcel is reached.');
    expect(said({ kind: 'not found' })).toBe('No plan was found in the time given.');
    expect(said({ kind: 'filling unsettled' })).toBe('Whether more of it could be had was not settled in the time given.');
  });
});
