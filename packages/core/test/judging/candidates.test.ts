import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  applyEdit,
  candidateAt,
  checkLook,
  CHECK_IDS,
  likeness,
  NO_SUPPLY,
  P40,
  rankCandidates,
  whyRank,
  type Brief,
  type Candidate,
  type Look,
  type Position,
  type Supply,
} from '../../src/index.js';
import { sameProblem } from '../../src/judging/candidates/markReader.js';
import { RULES } from '../../src/judging/checks/rules.js';
import { BRIEF, CATALOGUE, feature, lookOf, seen, supplyOf } from '../fixture.js';

const BASE = 'head HD-1·light·two-faced, headgear HA-1·black, torso TO-1·red, hips LG-1·brown';
const wishes = { features: [feature('shape', 'headgear', 'tied'), feature('colour', 'headgear', 'black')] };

function rank(look: Look | string, position: Position, brief: Partial<Brief> = {}, supply: Supply = NO_SUPPLY): readonly Candidate[] {
  const worn = typeof look === 'string' ? lookOf(look) : look;
  const ranking = rankCandidates(worn, { ...BRIEF, ...brief }, { position }, CATALOGUE, P40, supply);
  return [...ranking.rows.keys()].map((i) => candidateAt(ranking, i, CATALOGUE, supply)).filter((row) => row !== null);
}

/** The look with a candidate on. */
const worn = (look: Look, row: Candidate): Look =>
  row.worn ? look : applyEdit(look, { action: 'put on', position: row.position, variant: row.variant.id }, CATALOGUE);

describe('candidates', () => {
  test('offers everything that fits the position and nothing else', () => {
    const fitting = CATALOGUE.data.variants.filter((variant) =>
      CATALOGUE.mouldOf(variant).fills.some((alternative) => alternative[0] === 'headgear'),
    );
    expect(
      rank(BASE, 'headgear')
        .map((row) => row.variant.id)
        .sort(),
    ).toEqual(fitting.map((variant) => variant.id).sort());
  });

  test('legs are offered with one-piece lower bodies, each where it goes', () => {
    const places = new Map(rank(BASE, 'hips').map((row) => [row.variant.mould, row.position]));
    expect([...places].sort()).toEqual([
      ['LG-1', 'hips'],
      ['LG-2', 'lower'],
    ]);
  });

  test('the black knot comes first: it is tied, black, and covers the second face', () => {
    const [first] = rank(BASE, 'headgear', wishes);
    expect(first?.variant.id).toBe('HA-2·black');
    expect(first?.settles).toEqual(['head.second-face']);
  });

  test('of two alike the owned one goes first, then the cheaper one', () => {
    const order = (supply: Supply) =>
      rank('', 'headgear', {}, supply)
        .map((row) => row.variant.id)
        .filter((id) => id.startsWith('HA-1'));
    expect(order(supplyOf(['HA-1·brown'], { 'HA-1·black': 1 }))).toEqual(['HA-1·brown', 'HA-1·black']);
    expect(order(supplyOf([], { 'HA-1·black': 50, 'HA-1·brown': 20 }))).toEqual(['HA-1·brown', 'HA-1·black']);
  });

  test('what would block comes last however much it gains', () => {
    const rows = rank(BASE, 'headgear', { features: [feature('colour', 'headgear', 'red', 'must')] });
    expect(rows.filter((row) => row.blocked).map((row) => row.variant.id)).toEqual(rows.slice(-2).map((row) => row.variant.id));
    expect(rows.find((row) => row.variant.id === 'HA-2·red')?.likenessGain).toBeGreaterThan(0);
  });

  test('a place in a stack is filled without disturbing the others', () => {
    const look = applyEdit(
      lookOf('held.L HE-1·brown'),
      { action: 'put on', position: 'held.L', variant: 'HE-3·brown', place: 1 },
      CATALOGUE,
    );
    const ranking = rankCandidates(look, BRIEF, { position: 'held.L', place: 1 }, CATALOGUE, P40, NO_SUPPLY);
    expect(CATALOGUE.data.variants[ranking.worn]?.id).toBe('HE-3·brown');
  });

  test('the bits of a ranking are the checks in their order', () => {
    expect(RULES.map((rule) => rule.id)).toEqual([...CHECK_IDS]);
  });
});

describe('ranking at speed is ranking in full', () => {
  const part = (position: Position): fc.Arbitrary<string> =>
    fc.constantFrom(
      ...CATALOGUE.data.variants
        .filter((variant) => CATALOGUE.mouldOf(variant).fills.some((fills) => fills[0] === position))
        .map((variant) => `${position} ${variant.id}`),
    );
  const looks = fc
    .tuple(
      ...(['head', 'headgear', 'torso', 'hips', 'neck.1', 'waist', 'hand.L', 'held.L', 'headgear.addon'] as const).map((position) =>
        fc.option(part(position), { nil: '' }),
      ),
    )
    .map((parts) => lookOf(parts.join(',')));
  const wish = fc.constantFrom(
    feature('motif', 'torso', 'jacket', 'must'),
    feature('motif', 'face', 'glasses'),
    feature('colour', 'headgear', 'brown'),
    feature('colour', 'headgear', 'black', 'must'),
    feature('colour', 'torso', 'red', 'must'),
    feature('shape', 'headgear', 'tied, length 2'),
    feature('expression', 'face', 'calm'),
    feature('absence', 'torso', 'star'),
    feature('absence', 'whole', 'belt', 'nice'),
    feature('identity', 'face', 'Ann'),
    feature('height', 'whole', 'adult'),
    feature('any with', 'face', 'black brows and calm'),
    feature('words', 'headgear', 'knot tied'),
  );
  const briefs = fc.record({
    features: fc.uniqueArray(wish, { selector: (row) => row.id, maxLength: 6 }),
    bannedFigures: fc.constantFrom([], ['S-2-a']),
    rules: fc.constantFrom([], ['hair tied' as const, 'hands free' as const]),
    alterationSchool: fc.constantFrom('as moulded' as const, 'on paper' as const),
  });
  const positions = fc.constantFrom<Position>('headgear', 'head', 'torso', 'hips', 'neck.1', 'neck.2', 'hand.L', 'held.L', 'waist');

  test('the gain of every candidate is what judging its look in full says, and so are the problems it raises and settles', () => {
    fc.assert(
      fc.property(looks, briefs, positions, (look, brief, position) => {
        const now = seen(look, brief);
        const before = new Set(checkLook(now).open.map(sameProblem));
        for (const row of rank(look, position, brief)) {
          if (row.worn) continue;
          const then = seen(worn(look, row), brief);
          expect(row.likenessGain).toBeCloseTo(likeness(then).score - likeness(now).score, 9);
          const marks = checkLook(then).open.filter((mark) => RULES.find((rule) => rule.id === mark.check)?.ranks);
          const after = new Set(marks.map(sameProblem));
          const raised = CHECK_IDS.filter((id) => marks.some((mark) => mark.check === id && !before.has(sameProblem(mark))));
          expect([row.variant.id, row.raises]).toEqual([row.variant.id, raised]);
          const gone = [...before].filter((key) => !after.has(key)).map((key) => key.split('@')[0]);
          expect(row.settles).toEqual(CHECK_IDS.filter((id) => gone.includes(id) && RULES.find((rule) => rule.id === id)?.ranks));
        }
      }),
      { numRuns: 60 },
    );
  });

  test('why this rank: the terms add up to the rank', () => {
    fc.assert(
      fc.property(looks, briefs, (look, brief) => {
        for (const row of rank(look, 'headgear', brief).slice(0, 5)) {
          if (row.worn) continue;
          const terms = whyRank(look, { ...BRIEF, ...brief }, { position: row.position }, row.variant.id, CATALOGUE, P40, NO_SUPPLY);
          const sum = terms.reduce((all, term) => all + term.value, 0);
          expect(Math.abs(sum - row.rank)).toBeLessThan(0.05 * (brief.features.length + 2));
        }
      }),
      { numRuns: 60 },
    );
  });
});
