import { describe, expect, test } from '@jest/globals';
import { printLeak } from '../../../src/judging/checks/print/printLeak.js';
import { feature, seen } from '../../fixture.js';

describe('print.leak', () => {
  test('a motif the brief does not want shows, with what would get rid of it', () => {
    const [mark] = printLeak(
      seen('torso TO-1·red·jacket', { features: [{ ...feature('absence', 'torso', 'jacket'), label: 'No jacket' }] }),
    );
    expect(mark).toMatchObject({
      severity: 'shows',
      sentence: 'Torso in red, jacket still shows jacket (100 % in sight): the brief says “No jacket”.',
    });
    expect(mark?.proposals().map((remedy) => remedy.label)).toContain('Rub off the jacket (irreversible)');
    expect(mark?.proposals()[0]?.edits[0]).toMatchObject({ action: 'put on', position: 'torso' });
  });

  test('turned away it does too: the back is a side like the front', () => {
    expect(printLeak(seen('torso TO-1·red·jacket!', { features: [feature('absence', 'torso', 'jacket')] }))).toHaveLength(1);
  });

  test('a child of the unwanted motif is unwanted', () => {
    expect(printLeak(seen('torso TO-1·red·starred', { features: [feature('absence', 'torso', 'badge')] }))).toHaveLength(1);
  });

  test("a badge known from one person is noted on somebody else's figure only", () => {
    expect(printLeak(seen('torso TO-1·red·starred'))[0]).toMatchObject({ severity: 'note' });
    expect(printLeak(seen('torso TO-1·red·starred'))[0]?.sentence).toContain('it is known from Bea');
    expect(printLeak(seen('torso TO-1·red·starred', { name: 'Bea' }))).toEqual([]);
    expect(printLeak(seen('torso TO-1·red·starred', { features: [feature('motif', 'torso', 'star')] }))).toEqual([]);
  });
});
