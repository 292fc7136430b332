import { describe, expect, test } from '@jest/globals';
import { copiesOf, soundLines } from '@/features/errands/form/lines';
import { draftOf, limit, settingsFrom } from '@/features/errands/form/rules';

describe('the rules of a trip as they are typed', () => {
  test('nothing typed is no rule; a slip is told and keeps the trip from being planned', () => {
    expect([limit(''), limit('3'), limit('0'), limit('2.5'), limit('many')]).toEqual([null, 3, 'bad', 'bad', 'bad']);
    expect(settingsFrom({ ...draftOf({}, 'EUR'), days: 'soon' }, 'EUR')).toBeNull();
    expect(settingsFrom({ ...draftOf({}, 'EUR'), budget: '-3' }, 'EUR')).toBeNull();
  });

  test('come back as they were given', () => {
    const settings = {
      maxParcels: 2,
      withinDays: 9,
      budgetMinor: 4050,
      condition: 'new' as const,
      trustedOnly: true,
      allowThirdParty: false,
      useDonors: true,
      matchArms: false,
      resaleShare: 0.5,
      pointMinor: 35,
    };
    expect(settingsFrom(draftOf(settings, 'EUR'), 'EUR')).toEqual(settings);
  });

  test('begin with used or better, nothing for leftovers and 0.20 for a point', () => {
    expect(draftOf({}, 'EUR')).toMatchObject({ parcels: '', budget: '', days: '', condition: 'used', resale: '0', point: '0.20' });
  });
});

describe('the looks of a trip', () => {
  const line = (copies: string, group = '') => ({ figure: 'f', look: 'l', copies, group });

  test('have whole copies from 1 to 500', () => {
    expect(['1', '500', '0', '501', '1.5', '', 'x'].map(copiesOf)).toEqual([1, 500, null, null, null, null, null]);
  });

  test('are sound together or not at all; a group is a letter or none', () => {
    expect(soundLines([line('2', 'A'), line('1')])).toEqual([
      { look: 'l', copies: 2, group: 'A' },
      { look: 'l', copies: 1, group: null },
    ]);
    expect(soundLines([line('2'), line('')])).toBeNull();
    expect(soundLines([])).toBeNull();
  });
});
