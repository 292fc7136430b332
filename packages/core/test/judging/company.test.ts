import { describe, expect, test } from '@jest/globals';
import { Companies, type Look, type Position } from '../../src/index.js';

const look = (...parts: [Position, string][]): Look =>
  ({ parts: parts.map(([position, variant]) => ({ position, variant, turned: false })) }) as unknown as Look;
const member = (id: string, worn: Look, copies = 1, lineUp = 'crew') => ({ id, lineUp, name: id.toUpperCase(), copies, look: worn });

describe('the company of a figure', () => {
  const members = [
    member('ada', look(['head', 'calm'], ['arm.L', 'arm'], ['arm.R', 'arm'])),
    member('bo', look(['head', 'merry'], ['headgear', 'hat'])),
    member('guards', look(['head', 'calm'], ['headgear', 'hat']), 3),
    member('cy', look(['head', 'grim']), 1, 'dock'),
  ];
  const companies = new Companies(members);

  test('is the faces of its own line-up; its own, and those of an army, are none', () => {
    expect(companies.of('ada').faces.map((face) => [face.figure, face.head])).toEqual([['BO', 'merry']]);
    expect(companies.of('cy').faces).toEqual([]);
    expect(companies.of('guards').faces).toEqual([]);
  });

  test('is whoever else wants a piece, once for each piece', () => {
    expect(companies.of('bo').wantedBy('arm')).toEqual(['ADA', 'ADA']);
    expect(companies.of('ada').wantedBy('arm')).toEqual([]);
    expect(companies.of('bo').wantedBy('hat')).toEqual(['GUARDS', 'GUARDS', 'GUARDS']);
    expect(companies.of(null).wantedBy('hat')).toHaveLength(4);
  });

  test('is also whoever stands outside it and wants a piece', () => {
    const outside = (variant: string) => (variant === 'hat' ? [{ name: 'DI', count: 2 }] : []);
    expect(new Companies(members, outside).of('guards').wantedBy('hat')).toEqual(['BO', 'DI', 'DI']);
    expect(new Companies(members, outside).of('guards').wantedBy('arm')).toEqual(['ADA', 'ADA']);
  });

  test('keeps its key until something in it changes that can matter', () => {
    const key = (change: Partial<(typeof members)[number]>, variants = ['hat']): string =>
      new Companies(members.map((row) => (row.id === 'bo' ? { ...row, ...change } : row))).keyOf('ada', variants);
    expect(key({})).toBe(companies.keyOf('ada', ['hat']));
    expect(key({}, ['hat', 'hat'])).toBe(companies.keyOf('ada', ['hat']));
    expect(key({ look: look(['head', 'merry'], ['headgear', 'hat'], ['waist', 'belt']) })).toBe(companies.keyOf('ada', ['hat']));
    expect(key({ look: look(['head', 'merry']) })).not.toBe(companies.keyOf('ada', ['hat']));
    expect(key({ look: look(['head', 'calm'], ['headgear', 'hat']) })).not.toBe(companies.keyOf('ada', ['hat']));
  });
});
