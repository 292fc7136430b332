import { describe, expect, test } from '@jest/globals';
import { applyEdits, EditRefused, spotOf, wornParts, type Look, type LookEdit } from '../../src/index.js';
import { CATALOGUE, lookOf } from '../fixture.js';

const after = (look: Look | string, ...edits: LookEdit[]): Look =>
  applyEdits(typeof look === 'string' ? lookOf(look) : look, edits, CATALOGUE);
const spots = (look: Look): readonly string[] => look.parts.map((part) => `${spotOf(part)} ${part.variant}`);
const hold = (variant: string, place: number): LookEdit => ({ action: 'put on', position: 'held.L', variant, place });

describe('stacks', () => {
  const BUILT = after('', hold('HE-1·brown', 0), hold('HE-3·brown', 1), hold('HE-4·brown', 2));

  test('a thing is built up in a hand, one element on the other', () => {
    expect(spots(BUILT)).toEqual(['held.L HE-1·brown', 'held.L~1 HE-3·brown', 'held.L~2 HE-4·brown']);
  });

  test('a place beyond the end is the next one; a place that is taken is replaced', () => {
    expect(spots(after(BUILT, hold('HE-1·brown', 9))).at(-1)).toBe('held.L~3 HE-1·brown');
    expect(spots(after(BUILT, hold('HE-1·brown', 1)))).toContain('held.L~1 HE-1·brown');
    expect(after(BUILT, hold('HE-1·brown', 1)).parts).toHaveLength(3);
  });

  test('what is taken from the middle lets the rest down', () => {
    expect(spots(after(BUILT, { action: 'take off', position: 'held.L', place: 1 }))).toEqual(['held.L HE-1·brown', 'held.L~1 HE-4·brown']);
    expect(spots(after(BUILT, { action: 'take off', position: 'held.L' }))).toEqual(['held.L HE-3·brown', 'held.L~1 HE-4·brown']);
  });

  test('any number of companions stand beside, up to a dozen', () => {
    const dogs = Array.from({ length: 12 }, (_, place): LookEdit => ({
      action: 'put on',
      position: 'beside',
      variant: 'BE-1·brown',
      place,
    }));
    const pack = after('', ...dogs);
    expect(pack.parts).toHaveLength(12);
    expect(() => after(pack, { action: 'put on', position: 'beside', variant: 'BE-1·brown', place: 12 })).toThrow(EditRefused);
  });

  test('a built figure is an ordered list of any elements', () => {
    const droid = after(
      '',
      ...['HT-1·red', 'TO-1·red', 'FT-1·black'].map((variant, place): LookEdit => ({
        action: 'put on',
        position: 'built',
        variant,
        place,
      })),
    );
    expect(wornParts(droid, CATALOGUE).map((item) => item.mould.number)).toEqual(['HT-1', 'TO-1', 'FT-1']);
  });
});

describe('two-sided capes', () => {
  test('turned, the lining is outside', () => {
    const look = after('neck.1 CP-2·red+blue');
    const cape = { parts: [{ position: 'neck.1' as const, variant: 'CP-2·red·blue', turned: true }], overrules: [] };
    expect(look.parts).toHaveLength(1);
    expect(wornParts(cape, CATALOGUE)[0]?.variant.colours).toEqual(['blue', 'red']);
  });

  test('a plain cape has no other side', () => {
    expect(() => after('neck.1 CP-1·crimson', { action: 'turn', position: 'neck.1' })).toThrow(/two-sided cape/);
  });
});

describe('alterations', () => {
  const rub = (what: string): LookEdit => ({
    action: 'alter',
    position: 'torso',
    alteration: 'remove print',
    what,
    note: 'masked the rest',
  });

  test('rubbed off, a motif is not worn any more; the rest is', () => {
    const [torso] = wornParts(after('torso TO-1·red·jacket', rub('jacket')), CATALOGUE);
    expect(torso?.print?.motifs.map((motif) => motif.motif)).toEqual(['neckline']);
    expect(wornParts(after('torso TO-1·red·jacket', rub('')), CATALOGUE)[0]?.print).toBeNull();
  });

  test('paint covers the first colour, and is refused in a colour nobody knows', () => {
    const paint = (what: string): LookEdit => ({ action: 'alter', position: 'torso', alteration: 'paint', what, note: '' });
    expect(wornParts(after('torso TO-1·red', paint('blue')), CATALOGUE)[0]?.variant.colours).toEqual(['blue']);
    expect(() => after('torso TO-1·red', paint('puce'))).toThrow('There is no colour “puce” to paint it in.');
  });

  test('what was planned can be dropped again', () => {
    const look = after('torso TO-1·red·jacket', rub('jacket'), rub('neckline'), { action: 'drop alteration', position: 'torso', index: 0 });
    expect(look.parts[0]?.alterations).toEqual([{ kind: 'remove print', what: 'neckline', note: 'masked the rest' }]);
  });
});

describe('what else is kept with a look', () => {
  const note = (variant: string): LookEdit => ({ action: 'note substitute', position: 'headgear', variant, reason: ` as ${variant} ` });

  test('substitutes keep their order of preference, and can be moved up', () => {
    const look = after('', note('HA-1·black'), note('HA-2·black'), note('HA-1·brown'));
    expect(look.substitutes?.map((row) => row.variant)).toEqual(['HA-1·black', 'HA-2·black', 'HA-1·brown']);
    expect(look.substitutes?.[0]?.reason).toBe('as HA-1·black');
    const preferred = after(look, { action: 'prefer substitute', position: 'headgear', variant: 'HA-1·brown' });
    expect(preferred.substitutes?.map((row) => row.variant)).toEqual(['HA-1·black', 'HA-1·brown', 'HA-2·black']);
    expect(after(look, { action: 'drop substitute', position: 'headgear', variant: 'HA-1·black' }).substitutes).toHaveLength(2);
    // One of another position in between is passed over: it is no choice for the same place.
    const mixed = {
      ...look,
      substitutes: [look.substitutes?.[0], { position: 'hips', variant: 'LG-1·brown', reason: '' }, look.substitutes?.[1]],
    } as Look;
    const up = after(mixed, { action: 'prefer substitute', position: 'headgear', variant: 'HA-2·black' });
    expect(up.substitutes?.map((row) => row.variant)).toEqual(['HA-2·black', 'HA-1·black', 'LG-1·brown']);
    expect(() => after('', { action: 'note substitute', position: 'torso', variant: 'HA-1·black', reason: '' })).toThrow(EditRefused);
  });

  test('the verdict stands beside and survives leaving it as it is', () => {
    const look = after('', { action: 'judge', stars: 4, words: ' nearly ' }, { action: 'leave as it is', leave: true });
    expect(look.verdict).toEqual({ stars: 4, words: 'nearly', leave: true });
    expect(() => after('', { action: 'judge', stars: 6, words: '' })).toThrow('A verdict is 0 to 5, or none.');
  });

  test('a look may show another year', () => {
    expect(after('', { action: 'vary', year: 1890, skinSchool: null }).variation).toEqual({ year: 1890 });
    expect(after('', { action: 'vary', year: null, skinSchool: 'house' }).variation).toEqual({ skinSchool: 'house' });
  });
});
