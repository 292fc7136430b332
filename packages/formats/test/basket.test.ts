import { describe, expect, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { EXAMPLE, EXAMPLE_PLAN } from '../../core/test/basket/example.js';
import { BASKET_PLAN_SCHEMA, BASKET_PROBLEM_SCHEMA, isBasketPlan, readBasketProblem } from '../src/index.js';

const faultsOf = (json: unknown) => {
  const reading = readBasketProblem(json);
  return 'faults' in reading ? reading.faults : [];
};
const change = (path: string, value: unknown): unknown => {
  const copy = structuredClone(EXAMPLE) as unknown as Record<string, unknown>;
  const keys = path.split('/').slice(1);
  const last = keys.pop() ?? '';
  const parent = keys.reduce<Record<string, unknown>>((at, key) => at[key] as Record<string, unknown>, copy);
  parent[last] = value;
  return copy;
};

describe('a basket problem as JSON', () => {
  test('the worked example is read as it stands', () => {
    expect(readBasketProblem(structuredClone(EXAMPLE))).toEqual({ problem: EXAMPLE });
  });

  test.each<[string, unknown]>([
    ['/offers/0/priceMinor', -1],
    ['/offers/0/priceMinor', 0.5],
    ['/offers/0/priceMinor', 1e12],
    ['/offers/0/priceMinor', Number.NaN],
    ['/offers/0/multiple', 0],
    ['/offers/0/condition', 'mint'],
    ['/items/0/yields', []],
    ['/items/0/weightG', -2],
    ['/needs/0/options', []],
    ['/needs/0/quantity', 1.5],
    ['/sellers/0/postage', []],
    ['/rules/resaleShare', 2],
    ['/effort/seconds', 0],
    ['/currency', 'euro'],
    ['/needs', []],
  ])('%s of %p is refused at its path', (path, value) => {
    expect(faultsOf(change(path, value)).map((fault) => fault.path)).toContain(path);
  });

  test('unknown and missing keys are refused by name', () => {
    expect(faultsOf(change('/sellers/0/rating', 5))).toEqual([
      { path: '/sellers/0/rating', sentence: '“rating” is not known here: leave it out.' },
    ]);
    expect(faultsOf(change('/rules', {}))).toContainEqual({
      path: '/rules/maxParcels',
      sentence: 'Max parcels of rules is missing: say it.',
    });
  });

  test('names that refer to nothing, and sums beyond counting, are refused after the shape', () => {
    expect(faultsOf(change('/offers/0/item', 'a kite'))[0]?.path).toBe('/offers/0/item');
    expect(faultsOf({ ...EXAMPLE, offers: EXAMPLE.offers.map((offer) => ({ ...offer, priceMinor: 1e9, stock: 1e6 })) })[0]?.path).toBe(
      '/offers/0/stock',
    );
  });

  test.each([null, 7, 'x', []])('%p is no problem', (json) => expect(faultsOf(json).length).toBeGreaterThan(0));

  test('a plan has the shape its schema says', () => {
    expect(isBasketPlan(EXAMPLE_PLAN)).toBe(true);
    expect(isBasketPlan({ ...EXAMPLE_PLAN, note: 'x' })).toBe(false);
  });

  test('the schemas in docs/formats are these', () => {
    const written = (name: string): unknown => JSON.parse(readFileSync(new URL(`../../../docs/formats/${name}`, import.meta.url), 'utf8'));
    expect(written('basket-problem.schema.json')).toEqual(JSON.parse(JSON.stringify(BASKET_PROBLEM_SCHEMA)));
    expect(written('basket-plan.schema.json')).toEqual(JSON.parse(JSON.stringify(BASKET_PLAN_SCHEMA)));
  });
});
