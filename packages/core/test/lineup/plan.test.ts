import { describe, expect, test } from '@jest/globals';
import {
  afterHouseChange,
  completePlan,
  EMPTY_PLAN,
  followingOf,
  lineUpOfSpares,
  sparesId,
  sparesOf,
  houseFor,
  type LineUpPlan,
  NO_HOUSE_RULES,
  planFaults,
  promisedAndActual,
  startedFrom,
} from '../../src/lineup/index.js';
import { emptyBrief } from '../../src/index.js';

const EMPTY = emptyBrief('');
const HOUSE = { ...NO_HOUSE_RULES, skinSchool: 'house' as const, colours: ['red'], year: 1908 };

describe('house rules', () => {
  test('are where a brief starts, what was set free excepted', () => {
    expect(startedFrom(emptyBrief('Ann'), HOUSE, ['year'])).toMatchObject({
      skinSchool: 'house',
      colours: ['red'],
      year: null,
      mainColours: 3,
    });
  });

  test('a brief follows, says otherwise, was set free, or nothing was said', () => {
    const brief = { ...startedFrom(emptyBrief('Ann'), HOUSE), year: 1910 };
    expect(['skinSchool', 'year', 'mainColours'].map((key) => followingOf(brief, key as 'year', HOUSE, []))).toEqual([
      'follows',
      'says otherwise',
      'nothing said',
    ]);
    expect(followingOf(brief, 'skinSchool', HOUSE, ['skinSchool'])).toBe('set free');
  });

  test('when they change, who followed follows; who says otherwise or was set free stays', () => {
    const after = { ...HOUSE, skinSchool: 'natural' as const, year: 1912, mainColours: 2, colours: [] };
    const follower = startedFrom(emptyBrief('Ann'), HOUSE);
    expect(afterHouseChange(follower, HOUSE, after, [], EMPTY)).toMatchObject({
      skinSchool: 'natural',
      year: 1912,
      mainColours: 2,
      colours: [],
    });
    const other = { ...follower, year: 1910, mainColours: 5 };
    expect(afterHouseChange(other, HOUSE, after, ['skinSchool'], EMPTY)).toMatchObject({ skinSchool: 'house', year: 1910, mainColours: 5 });
  });

  test('the colours of a faction go before those of the line-up', () => {
    const factions = [{ id: 'f', name: 'F', colours: ['blue'], recipe: '', leader: '', sharesFaces: false }];
    expect(houseFor({ house: HOUSE, factions }, { faction: 'f' }).colours).toEqual(['blue']);
    expect(houseFor({ house: HOUSE, factions }, { faction: '' }).colours).toEqual(['red']);
  });
});

describe('promised and actual', () => {
  test('12 promised, 10 chosen, 7 complete, 2 over in Carrier', () => {
    const plan: LineUpPlan = {
      ...EMPTY_PLAN,
      promised: 12,
      roles: [
        { name: 'Carrier', least: 2, most: 4 },
        { name: 'Sorter', least: 5, most: null },
      ],
    };
    const figures = Array.from({ length: 10 }, (_, i) => ({
      id: String(i),
      role: i < 6 ? 'carrier' : 'Sorter',
      faction: '',
      free: [],
      isChosen: true,
      isComplete: i < 7,
    }));
    const told = promisedAndActual(plan, figures);
    expect(told.sentence).toBe('12 promised, 10 chosen, 7 complete, 2 over in Carrier and 1 lacking in Sorter');
    expect([told.open, told.roles.map(({ is, over, lacking }) => [is, over, lacking])]).toEqual([
      2,
      [
        [6, 2, 0],
        [4, 0, 1],
      ],
    ]);
  });

  test('with nothing promised, how many there are', () => {
    expect(promisedAndActual(EMPTY_PLAN, []).sentence).toBe('0 figures, 0 complete');
  });
});

describe('a plan', () => {
  test('of which nothing was kept is empty, and lacks nothing that was added since', () => {
    expect(completePlan(null)).toEqual(EMPTY_PLAN);
    expect(completePlan({ kind: 'crew' } as LineUpPlan).house).toEqual(NO_HOUSE_RULES);
    expect(planFaults(EMPTY_PLAN)).toEqual([]);
  });

  test('says where it contradicts itself', () => {
    const scope = { kind: 'all' as const, of: '' };
    const part = { position: 'torso' as const, variant: 'x', turned: false };
    const faults = planFaults({
      ...EMPTY_PLAN,
      roles: [
        { name: 'Rower', least: 3, most: 2 },
        { name: 'rower', least: 0, most: null },
      ],
      factions: [
        { id: 'a', name: 'A', colours: [], recipe: '', leader: 'ann', sharesFaces: false },
        { id: 'b', name: 'B', colours: [], recipe: '', leader: 'ann', sharesFaces: false },
      ],
      uniform: [
        { scope, part },
        { scope, part },
        { scope: { kind: 'faction', of: 'gone' }, part },
      ],
      seatings: [
        {
          id: 's',
          name: 'Boat',
          kind: 'seat',
          places: [
            { name: '1', figure: 'ann' },
            { name: '2', figure: 'ann' },
            { name: '3', figure: '' },
          ],
        },
      ],
      builds: [{ id: 't', name: 'Tandem', elements: [{ name: 'wheel', variant: '', count: 2 }], packs: 4, seed: 0 }],
      relations: [{ kind: 'twin of', from: 'ann', to: 'ann' }],
    });
    expect(faults.map(({ at }) => at)).toEqual(['roles', 'roles', 'factions', 'uniform', 'uniform', 'seatings', 'builds', 'relations']);
    expect(faults[6]?.sentence).toBe('Tandem has 2 pieces; they cannot come in 4 packs.');
  });
});

test('spares: two oars a rower for three rowers, one lantern over', () => {
  const spares = [
    { variant: 'oar', count: 2, each: true, scope: { kind: 'role' as const, of: 'rower' } },
    { variant: 'lantern', count: 1, each: false, scope: { kind: 'all' as const, of: '' } },
    { variant: 'flag', count: 1, each: true, scope: { kind: 'faction' as const, of: 'nobody' } },
  ];
  const figures = [
    { role: 'Rower', faction: '', copies: 1 },
    { role: 'Rower', faction: '', copies: 2 },
    { role: 'Drum', faction: '', copies: 1 },
  ];
  expect(Object.fromEntries(sparesOf({ spares }, figures))).toEqual({ oar: 6, lantern: 1 });
  expect(lineUpOfSpares(sparesId('heron-crew'))).toBe('heron-crew');
  expect(lineUpOfSpares('marta-quill-1')).toBeNull();
});
