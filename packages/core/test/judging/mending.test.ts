import { describe, expect, test } from '@jest/globals';
import { type Brief, isFree, judge, type Mark, P40, type Supply } from '../../src/index.js';
import { printLeak } from '../../src/judging/checks/print/printLeak.js';
import { BRIEF, CATALOGUE, feature, lookOf, seen, supplyOf } from '../fixture.js';

const BODY = 'head HD-1·light·face, torso TO-1·red, arm.L AR-1·red, arm.R AR-1·red, hand.L HN-1·light, hand.R HN-1·light, hips LG-1·brown';
const SOLD: Supply = { currency: 'EUR', owned: () => 0, landedMinor: () => 100 };

const marksOf = (look: string, brief: Partial<Brief> = {}, supply: Supply = SOLD): readonly Mark[] =>
  judge(lookOf(look), { ...BRIEF, ...brief }, CATALOGUE, P40, supply).marks.open;
const remediesOf = (check: string, ...of: Parameters<typeof marksOf>) =>
  marksOf(...of)
    .find((mark) => mark.check === check)
    ?.remedies() ?? [];

describe('remedies are judged before they are offered', () => {
  test('three belts: taking off one leaves two, so what goes with it goes too', () => {
    const belts = BODY.replace('TO-1·red', 'TO-1·red·belted').replace('hips LG-1·brown', 'hips LG-1·brown·hip-belt, waist WS-1·brown');
    const remedies = remediesOf('print.belt', belts);
    expect(remedies.length).toBeGreaterThan(0);
    for (const remedy of remedies) expect(remedy.edits.length).toBeGreaterThan(1);
  });

  test('rubbing a print off is not offered to a school that forbids it', () => {
    const unwanted = { features: [feature('absence', 'torso', 'star')] };
    const starred = BODY.replace('TO-1·red', 'TO-1·red·starred');
    expect(remediesOf('print.leak', starred, unwanted).map((row) => row.label)).not.toContain('Rub off the star (irreversible)');
    // The check proposes it all the same: it does not know what comes of it.
    expect(
      printLeak(seen(starred, unwanted))[0]
        ?.proposals()
        .map((row) => row.label),
    ).toContain('Rub off the star (irreversible)');
  });

  test('each says what it does to the likeness and to the money to pay', () => {
    const wants = { features: [feature('colour', 'hands', 'dark')] };
    const hands = BODY.replaceAll('HN-1·light', 'HN-1·dark');
    const [remedy] = remediesOf('skin.match', hands, wants, supplyOf(['HN-1·dark', 'HN-1·dark'], { 'HN-1·light': 30 }));
    // Both hands are owned as they are, and two others cost 30 each; the wish for dark hands is lost.
    expect(remedy).toMatchObject({ label: 'Put on Hand in light', costMinor: 60, loses: [wants.features[0]?.label] });
    expect(remedy?.likenessGain).toBeLessThan(0);
    expect(remedy && isFree(remedy)).toBe(false);
  });

  test('one that takes a part off a whole figure names it, and what it lacks then', () => {
    const hands = BODY.replaceAll('HN-1·light', 'HN-1·dark');
    const donor = (id: string) => (id === 'HN-1·light' ? { donor: 'Dock worker', holeMinor: 30, quantity: 2 } : null);
    const [remedy] = remediesOf('skin.match', hands, {}, { ...SOLD, landedMinor: () => 35, donor });
    expect(remedy?.label).toBe('Put on Hand in light, off Dock worker, which then lacks it: €0.30');
  });

  test('one that costs nothing goes before one that loses a wish', () => {
    // Two headpieces on one stud: the hat is wished for, the crop is not.
    const both = lookOf(`${BODY}, headgear HT-1·red`);
    const two = { ...both, parts: [...both.parts, { position: 'headgear' as const, variant: 'HA-1·brown', turned: false }] };
    const brief = { ...BRIEF, features: [feature('colour', 'headgear', 'red')] };
    const [mark] = judge(two, brief, CATALOGUE, P40, SOLD).marks.open.filter((row) => row.check === 'fit.position');
    const gains = mark?.remedies().map((row) => row.likenessGain) ?? [];
    expect(gains).toEqual([...gains].sort((a, b) => b - a));
  });

  test('they are looked for once, when somebody asks', () => {
    const [mark] = marksOf(BODY.replace('hand.R HN-1·light', 'hand.R HN-1·dark')).filter((row) => row.check === 'skin.match');
    expect(mark?.remedies()).toBe(mark?.remedies());
  });
});
