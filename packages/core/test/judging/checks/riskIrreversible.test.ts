import { describe, expect, test } from '@jest/globals';
import { riskIrreversible } from '../../../src/judging/checks/school/riskIrreversible.js';
import { type Alteration, type Look } from '../../../src/index.js';
import { seen } from '../../fixture.js';

const altered = (variant: string, ...alterations: Alteration[]): Look => ({
  parts: [{ position: 'torso', variant, turned: false, alterations }],
  overrules: [],
});

describe('risk.irreversible', () => {
  test('print rubbed off a torso that was made without it says since when', () => {
    const [mark] = riskIrreversible(seen(altered('TO-1·red·belted', { kind: 'remove print', what: '', note: '' })));
    expect(mark?.severity).toBe('shows');
    expect(mark?.sentence).toContain('It was made so since 2015: Torso in red.');
    expect(mark?.proposals().map((remedy) => remedy.label)).toEqual(['Put on Torso in red', 'Leave it unaltered']);
  });

  test('a cut carries its caution', () => {
    const [mark] = riskIrreversible(seen(altered('TO-1·red', { kind: 'cut', what: 'hem', note: '' })));
    expect(mark).toMatchObject({ severity: 'note' });
    expect(mark?.sentence).toMatch(/^Torso, cut: hem: Cut away from the hand with a guarded blade/);
  });

  test('a sticker comes off again', () => {
    expect(riskIrreversible(seen(altered('TO-1·red', { kind: 'sticker', what: 'star', note: '' })))).toEqual([]);
  });
});
