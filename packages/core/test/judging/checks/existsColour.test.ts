import { describe, expect, test } from '@jest/globals';
import { existsColour } from '../../../src/judging/checks/supply/existsColour.js';
import { hexDifference } from '../../../src/index.js';
import { seen } from '../../fixture.js';

describe('exists.colour', () => {
  test('an imagined knot names the nearest made colour with its ΔE', () => {
    const [mark] = existsColour(seen('headgear HA-2·red'));
    const deltaE = hexDifference('#A8323A', '#7B4A32').toFixed(1);
    expect(mark).toMatchObject({
      severity: 'note',
      why: expect.stringContaining(`brown differs by ${deltaE}`),
      sentence: 'Knot has never been made in red; the nearest it was made in is brown, some way from it.',
    });
    expect(mark?.proposals()[0]?.edits).toEqual([{ action: 'put on', position: 'headgear', variant: 'HA-2·brown' }]);
  });

  test('in an errand or on the bench it blocks', () => {
    expect(existsColour(seen('headgear HA-2·red', {}, undefined, { stage: 'errand' }))[0]?.severity).toBe('blocks');
    expect(existsColour(seen('headgear HA-2·red', {}, undefined, { stage: 'bench' }))[0]?.severity).toBe('blocks');
  });

  test('what is made exists', () => {
    expect(existsColour(seen('headgear HA-2·black'))).toEqual([]);
  });
});
