import { expect, test } from '@jest/globals';
import { whereItGoes } from '../../src/wardrobe/index.js';
import { CATALOGUE } from '../fixture.js';

const run = (variant: string, place: string, quantity = 1) => ({ variant, place, quantity });

test('a piece belongs with its like: the very part before its mould, its mould before its family, most of them first', () => {
  const runs = [
    run('HA-1·brown', 'tin', 2),
    run('HA-1·brown', 'tin', 1),
    run('HA-1·black', 'drawer'),
    run('HA-1·red', 'drawer', 9),
    run('TO-1·red', 'chest', 40),
  ].filter((row) => CATALOGUE.has(row.variant));
  const found = whereItGoes('HA-1·black', runs, CATALOGUE);
  expect(found[0]).toEqual({ place: 'drawer', why: 'part', pieces: 1 });
  expect(found.find((row) => row.place === 'tin')).toEqual({ place: 'tin', why: 'mould', pieces: 3 });
  expect(found.some((row) => row.place === 'chest')).toBe(false);
  expect(whereItGoes('HA-1·black', [], CATALOGUE)).toEqual([]);
});
