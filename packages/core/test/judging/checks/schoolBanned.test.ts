import { describe, expect, test } from '@jest/globals';
import { schoolBanned } from '../../../src/judging/checks/school/schoolBanned.js';
import { seen } from '../../fixture.js';

describe('school.banned', () => {
  test('nothing banned, nothing said', () => {
    expect(schoolBanned(seen('torso TO-1·red·starred'))).toEqual([]);
  });

  test('what a banned figure wears is out, wherever else it may come from', () => {
    const [mark] = schoolBanned(seen('torso TO-1·red·starred, hips LG-1·brown', { bannedFigures: ['S-2-a'] }));
    expect(mark).toMatchObject({ severity: 'blocks', position: 'torso' });
    expect(mark?.sentence).toBe('Torso in red, starred is ruled out by the brief: Captain wears it.');
    expect(mark?.proposals()[0]?.label).toMatch(/^Put on Torso in red/);
  });

  test('a source rules out only what comes from nowhere else', () => {
    expect(schoolBanned(seen('headgear HT-1·red', { bannedSources: ['S-2'] }))).toEqual([]);
    expect(schoolBanned(seen('headgear HT-1·red', { bannedSources: ['S-2', 'S-3'] }))[0]?.sentence).toContain(
      'it comes from S-2, S-3 alone',
    );
  });

  test('what comes from no known source is not ruled out', () => {
    expect(schoolBanned(seen('headgear HA-1·black', { bannedSources: ['S-1', 'S-2', 'S-3'] }))).toEqual([]);
  });
});
