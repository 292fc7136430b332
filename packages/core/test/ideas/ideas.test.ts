import { describe, expect, test } from '@jest/globals';
import { type Chance, creditOf, inOrderOfChance, lateFirst, standingOfOwed } from '../../src/ideas/index.js';

const chance = (id: string, change: Partial<Chance> = {}): Chance => ({
  ...{ kind: 'build', id, title: id, why: '', isReady: false, owedBy: null, isOwed: false, costMinor: null, votes: 0 },
  ...change,
});

test('what could be done now: ready and owed, ready, owed, then the cheapest, then what most like', () => {
  const rows = [
    chance('liked', { votes: 9 }),
    chance('dear', { costMinor: 900 }),
    chance('cheap', { costMinor: 20 }),
    chance('owed later', { isOwed: true, owedBy: '2027-01-01' }),
    chance('owed first', { isOwed: true, owedBy: '2026-01-01' }),
    chance('owed some day', { isOwed: true }),
    chance('ready', { isReady: true, costMinor: 0 }),
    chance('ready and owed', { isReady: true, isOwed: true }),
    chance('heard', { votes: 1 }),
  ];
  expect(inOrderOfChance(rows).map(({ id }) => id)).toEqual([
    ...['ready and owed', 'ready', 'owed first', 'owed later', 'owed some day', 'cheap', 'dear', 'liked', 'heard'],
  ]);
});

describe('what is owed', () => {
  const built = { figure: 'a', name: 'A', waits: 'built', isDone: true };
  test('is done when it was given, late after its day, ready when every figure of it is built', () => {
    expect(standingOfOwed({ doneOn: '2026-01-01', dueOn: '2020-01-01' }, [], '2026-06-01')).toBe('done');
    expect(standingOfOwed({ doneOn: null, dueOn: '2026-05-31' }, [built], '2026-06-01')).toBe('late');
    expect(standingOfOwed({ doneOn: null, dueOn: '2026-06-01' }, [built], '2026-06-01')).toBe('ready');
    expect(standingOfOwed({ doneOn: null, dueOn: null }, [built, { ...built, isDone: false }], '2026-06-01')).toBe('waits');
    expect(standingOfOwed({ doneOn: null, dueOn: null }, [], '2026-06-01')).toBe('waits');
  });

  test('stands by its day, without one after those, and done last', () => {
    const row = (who: string, dueOn: string | null, doneOn: string | null = null) => ({ who, dueOn, doneOn });
    const rows = [row('done', '2020-01-01', '2020-01-01'), row('never', null), row('soon', '2026-02-01'), row('late', '2025-01-01')];
    expect(lateFirst(rows).map(({ who }) => who)).toEqual(['late', 'soon', 'never', 'done']);
  });
});

test('the credit names who, and where it was heard', () => {
  expect(creditOf({ who: 'Ines', heardAt: 'the pier' })).toBe('Ines (the pier)');
  expect(creditOf({ who: 'Ines', heardAt: '' })).toBe('Ines');
  expect(creditOf({ who: '', heardAt: 'the pier' })).toBe('');
});
