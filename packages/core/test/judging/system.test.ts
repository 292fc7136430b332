import { describe, expect, test } from '@jest/globals';
import { Catalogue, judge, NO_SUPPLY, P40, type Position, rowFaults, NOTHING_KNOWN, type System, subject } from '../../src/index.js';
import { wholeness } from '../../src/figure/index.js';
import { BRIEF, CATALOGUE, DATA, lookOf } from '../fixture.js';

/** A smaller line: a peg of 2 mm for the head, one neck layer, lower bodies of one piece, nothing on wrists or feet. */
const B28: System = {
  ...P40,
  id: 'B28',
  name: 'Peg folk, 28 mm',
  positions: ['headgear', 'head', 'neck.1', 'torso', 'arm.L', 'arm.R', 'lower', 'held.L', 'held.R'],
  needs: ['head', 'torso', 'arm.L', 'arm.R', 'hips'],
  neckPostMm: 2,
  headWantsMm: 1.4,
  headNeedsMm: 0.8,
  torsoMm: 9,
  headMm: 7,
  bandHeightMm: { child: 22, youth: 24, adult: 26, giant: 28 },
  bandToleranceMm: 1,
};
const WITH_BOTH = new Catalogue({ ...DATA, systems: [P40, B28] });
const BODY = 'head HD-1·light·face, torso TO-1·red, arm.L AR-1·red, arm.R AR-1·red, hand.L HN-1·light, hand.R HN-1·light';
const marksIn = (system: System, look: string): readonly string[] =>
  judge(lookOf(look), BRIEF, WITH_BOTH, system, NO_SUPPLY).marks.open.map(({ check, sentence }) => `${check}: ${sentence}`);

describe('a system is data', () => {
  test('a figure is of the toy line its brief names, else of the first; files that say nothing are of the one brought along', () => {
    expect(WITH_BOTH.systemOf({}).id).toBe('P40');
    expect(WITH_BOTH.systemOf({ system: 'B28' })).toBe(B28);
    expect(WITH_BOTH.systemOf({ system: 'gone' }).id).toBe('P40');
    expect(new Catalogue({ ...DATA, systems: [] }).systemOf({})).toBe(P40);
    expect(new Catalogue({ ...DATA, systems: [B28] }).systemOf({})).toBe(B28);
  });

  test('the same figure is of its age in one line and too tall in another', () => {
    const look = `${BODY}, hips LG-1·brown`;
    expect(marksIn(P40, look).filter((mark) => mark.startsWith('height.band'))).toEqual([]);
    expect(marksIn(B28, look).filter((mark) => mark.startsWith('height.band'))).toHaveLength(1);
  });

  test('a part on a place the line does not have goes on nothing, and taking it off mends that', () => {
    const marks = judge(lookOf(`${BODY}, lower LG-2·brown`), BRIEF, WITH_BOTH, B28, NO_SUPPLY).marks.open;
    const nowhere = marks.filter((mark) => mark.check === 'fit.position');
    expect(nowhere.map((mark) => mark.sentence)).toEqual([
      'Hand has nothing to go on: figures of Peg folk, 28 mm have no place “Left hand”.',
      'Hand has nothing to go on: figures of Peg folk, 28 mm have no place “Right hand”.',
    ]);
    expect(nowhere[0]?.remedies()[0]?.edits).toEqual([{ action: 'take off', position: 'hand.L' }]);
    expect(marksIn(P40, `${BODY}, lower LG-2·brown`).filter((mark) => mark.startsWith('fit.position'))).toEqual([]);
  });

  test('what a figure cannot stand without is the line’s to say: peg folk have no hands', () => {
    const handless = 'head HD-1·light·face, torso TO-1·red, arm.L AR-1·red, arm.R AR-1·red, lower LG-2·brown';
    const lacking = (system: System): readonly Position[] =>
      wholeness(subject(lookOf(handless), BRIEF, CATALOGUE, system, NO_SUPPLY).worn, system).lacking;
    expect(lacking(P40)).toEqual(['hand.L', 'hand.R']);
    expect(lacking(B28)).toEqual([]);
  });
});

describe('faults of a system', () => {
  const faultOf = (changed: Partial<System>): string | undefined =>
    rowFaults({ systems: [{ ...B28, ...changed }] }, NOTHING_KNOWN)[0]?.reason;

  test('a sound one has none: it needs hips, which its lower bodies of one piece fill', () => {
    expect(faultOf({})).toBeUndefined();
    expect(rowFaults({ systems: [P40] }, NOTHING_KNOWN)).toEqual([]);
  });

  test.each<[Partial<System>, string]>([
    [{ positions: [] }, 'A figure has places for parts: name at least one.'],
    [{ positions: ['head', 'head'], needs: [] }, 'head is there twice.'],
    [{ needs: ['hand.L'] }, 'A figure cannot need hand.L, which this system does not have.'],
    [{ headNeedsMm: 1.5 }, 'What the head holds on is more than what it sits well on.'],
    [{ headWantsMm: 2.5 }, 'The head wants more than the whole neck post.'],
    [
      {
        bandsByAge: [
          { band: 'youth', upTo: 17 },
          { band: 'child', upTo: 20 },
        ],
      },
      'child follows youth: its last year of age must be later.',
    ],
    [{ bandHeightMm: { child: 25, youth: 24, adult: 26, giant: 28 } }, 'A child stands taller than youth.'],
  ])('%j', (changed, reason) => expect(faultOf(changed)).toBe(reason));
});
