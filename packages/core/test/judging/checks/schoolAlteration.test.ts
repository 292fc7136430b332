import { describe, expect, test } from '@jest/globals';
import { strictestSchool } from '../../../src/judging/checks/school/schoolAlteration.js';
import { schoolAlteration } from '../../../src/judging/checks/school/schoolAlteration.js';
import { CATALOGUE, seen } from '../../fixture.js';

const IMAGINED = 'headgear HA-2·red';
const WORKSHOP = 'headgear HX-1·black';

describe('school.alteration', () => {
  test('official parts satisfy the strictest school', () => {
    expect(schoolAlteration(seen('headgear HA-2·black'))).toEqual([]);
    expect(strictestSchool(seen('headgear HA-2·black').worn, CATALOGUE)).toEqual({ school: 'as moulded', reasons: [] });
  });

  test('an imagined colour blocks in every school but on paper, and made ones of the mould are offered', () => {
    const [mark] = schoolAlteration(seen(IMAGINED, { alterationSchool: 'open bench' }));
    expect(mark).toMatchObject({
      severity: 'blocks',
      sentence: 'Knot in red belongs to “on paper”: nobody has made it in this colour. The brief says “open bench”.',
    });
    expect(mark?.proposals().map((remedy) => remedy.label)).toEqual(['Put on Knot in black', 'Put on Knot in brown']);
    expect(schoolAlteration(seen(IMAGINED, { alterationSchool: 'on paper' }))).toEqual([]);
  });

  test('a workshop part wants the open bench', () => {
    expect(schoolAlteration(seen(WORKSHOP, { alterationSchool: 'altered' }))).toHaveLength(1);
    expect(schoolAlteration(seen(WORKSHOP, { alterationSchool: 'open bench' }))).toEqual([]);
  });

  test('the look says which school it satisfies and why not a stricter one', () => {
    expect(strictestSchool(seen(`${WORKSHOP}, torso TO-1·red`).worn, CATALOGUE)).toEqual({
      school: 'open bench',
      reasons: ['Workshop hair in black: it is a third-party part'],
    });
  });
});
