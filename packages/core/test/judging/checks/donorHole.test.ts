import { describe, expect, test } from '@jest/globals';
import { donorHole } from '../../../src/judging/checks/supply/donorHole.js';
import { seen, supplyOf } from '../../fixture.js';

const donor = (holeMinor: number | null, owned: string[] = []) => ({
  ...supplyOf(owned),
  donor: (variant: string) => (variant === 'HA-1·black' ? { donor: 'Dock worker', holeMinor } : null),
});

describe('donor.hole', () => {
  test('a part that is only on a donor leaves a hole, and what it costs is said', () => {
    expect(donorHole(seen('headgear HA-1·black', {}, donor(42)))[0]?.sentence).toBe(
      'Crop in black comes off Dock worker, which then lacks it: €0.42 to make it whole.',
    );
    expect(donorHole(seen('headgear HA-1·black', {}, donor(null)))[0]?.sentence).toContain('nobody sells another');
  });

  test('where nobody sells another, the nearest that is sold is named with its price', () => {
    const sold = { ...donor(null), landedMinor: (id: string) => (id === 'HA-1·brown' ? 55 : null) };
    expect(donorHole(seen('headgear HA-1·black', {}, sold))[0]?.sentence).toContain(
      'nobody sells another, and the nearest that is sold, Crop in brown, costs €0.55',
    );
  });

  test('what is sold is bought, and no donor is taken apart for it', () => {
    expect(donorHole(seen('headgear HA-1·black', {}, { ...donor(42), landedMinor: () => 30 }))).toEqual([]);
  });

  test('a loose piece leaves none', () => {
    expect(donorHole(seen('headgear HA-1·black', {}, donor(42, ['HA-1·black'])))).toEqual([]);
  });

  test('without donors there is nothing to say', () => {
    expect(donorHole(seen('headgear HA-1·black'))).toEqual([]);
  });
});
