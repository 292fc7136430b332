import { describe, expect, test } from '@jest/globals';
import { Companies, type Look, type Position, type WantElsewhere } from '../../src/index.js';

const look = (...parts: [Position, string][]): Look =>
  ({ parts: parts.map(([position, variant]) => ({ position, variant, turned: false })) }) as unknown as Look;
const member = (id: string, worn: Look, copies = 1, lineUp = 'crew') => ({ id, lineUp, name: id.toUpperCase(), copies, look: worn });

describe('the company of a figure', () => {
  const members = [
    member('ada', look(['head', 'calm'])),
    member('bo', look(['head', 'merry'])),
    member('guards', look(['head', 'calm']), 3),
    member('cy', look(['head', 'grim']), 1, 'dock'),
  ];
  const WANTS: Readonly<Record<string, readonly WantElsewhere[]>> = {
    hat: [
      { name: 'BO', count: 1, isServedBefore: true },
      { name: 'DI', count: 2, isServedBefore: false },
    ],
  };
  const wants = (variant: string): readonly WantElsewhere[] => WANTS[variant] ?? [];
  const companies = new Companies(members, wants);

  test('is the faces of its own line-up; its own, and those of an army, are none', () => {
    expect(companies.of('ada').faces.map((face) => [face.figure, face.head])).toEqual([['BO', 'merry']]);
    expect(companies.of('cy').faces).toEqual([]);
    expect(companies.of('guards').faces).toEqual([]);
  });

  test('is whoever else wants a piece, once for each piece, and of them whoever is served before', () => {
    expect(companies.of('guards').wantedBy('hat')).toEqual(['BO', 'DI', 'DI']);
    expect(companies.of('guards').servedBefore?.('hat')).toEqual(['BO']);
    expect(companies.of('guards').wantedBy('arm')).toEqual([]);
    expect(new Companies(members).of('ada').wantedBy('hat')).toEqual([]);
  });

  test('keeps its key until something in it changes that can matter', () => {
    const key = (change: Partial<(typeof members)[number]>, wanted = wants, variants = ['hat']): string =>
      new Companies(
        members.map((row) => (row.id === 'bo' ? { ...row, ...change } : row)),
        wanted,
      ).keyOf('ada', variants);
    const known = companies.keyOf('ada', ['hat']);
    expect(key({})).toBe(known);
    expect(key({}, wants, ['hat', 'hat'])).toBe(known);
    expect(key({ look: look(['head', 'merry'], ['waist', 'belt']) })).toBe(known);
    expect(key({}, () => [])).not.toBe(known);
    expect(key({ look: look(['head', 'calm']) })).not.toBe(known);
  });
});
