import { describe, expect, test } from '@jest/globals';
import { printTurned } from '../../../src/judging/checks/print/printTurned.js';
import { seen } from '../../fixture.js';

describe('print.turned', () => {
  test('a hood seam belongs behind', () => {
    expect(printTurned(seen('torso TO-1·red·hooded'))).toEqual([]);
    const [mark] = printTurned(seen('torso TO-1·red·hooded!'));
    expect(mark?.sentence).toBe('The torso is turned round, and its hood seam still reads as a back.');
    expect(mark?.proposals()).toEqual([{ label: 'Turn the torso back', edits: [{ action: 'turn', position: 'torso' }] }]);
  });

  test('what reads as anything may be turned', () => {
    expect(printTurned(seen('torso TO-1·red·coat!'))).toEqual([]);
  });
});
