import { describe, expect, test } from '@jest/globals';
import { demoWorld } from '../../../demo/src/index.js';
import { ageOf, bandOf, briefFaults, briefFromOfficial, Catalogue, completeBrief, judge, NO_SUPPLY, P40 } from '../../src/index.js';
import { BRIEF, CATALOGUE, seen } from '../fixture.js';
import { heightBand } from '../../src/judging/checks/fit/heightBand.js';

describe('the year of the story fixes the age', () => {
  const born = (year: number) => ({ ...BRIEF, born: 1896, year });

  test('12 is a child, 13 a youth, 17 still one, 18 an adult', () => {
    expect([1908, 1909, 1913, 1914].map((year) => bandOf(born(year), P40))).toEqual(['child', 'youth', 'youth', 'adult']);
    expect(ageOf(born(1905))).toBe(9);
    expect(bandOf({ ...born(1905), ageBand: 'giant' }, P40)).toBe('giant');
    expect(bandOf({ ...BRIEF, born: 1896 }, P40)).toBe('adult');
  });

  test('the same body is right for its age in one year and too tall in another', () => {
    const look = 'head HD-1·light·face, torso TO-1·red, hips LG-1·brown';
    expect(heightBand(seen(look, born(1914)))).toEqual([]);
    expect(heightBand(seen(look, born(1905)))[0]?.sentence).toBe('5.2 mm too tall for somebody of 9 (child): Standard legs makes it so.');
  });

  test('a story before the birth is a fault', () => {
    expect(briefFaults(born(1890), CATALOGUE)).toEqual([{ path: '/year', sentence: 'The story of 1890 is before the birth in 1896.' }]);
  });
});

test('a brief kept before there was more to say is completed', () => {
  const { name: _, ...rest } = BRIEF;
  expect(completeBrief({ name: 'Test' })).toEqual({ name: 'Test', ...rest });
});

describe('an official figure to make better', () => {
  const catalogue = new Catalogue(demoWorld().catalogue);

  test('its own features are filled in, and it answers nearly all of them itself', () => {
    for (const figure of catalogue.data.officialFigures) {
      const brief = briefFromOfficial(figure, catalogue);
      expect(briefFaults(brief, catalogue)).toEqual([]);
      expect(brief.features.length).toBeGreaterThan(3);
      const { likeness } = judge({ parts: figure.parts, overrules: [] }, brief, catalogue, P40, NO_SUPPLY);
      expect([figure.id, likeness.missing]).toEqual([figure.id, []]);
      expect([figure.id, likeness.score > 60]).toEqual([figure.id, true]);
    }
  });

  test('who it is, what it shows, its colours, mood and height become wishes', () => {
    const keeper = catalogue.data.officialFigures.find((figure) => figure.id === 'LR-07-a');
    if (!keeper) throw new Error('the demo world has its lantern keeper');
    const { name, features } = briefFromOfficial(keeper, catalogue);
    expect(name).toBe('Ibbe Lantry');
    expect(features.map(({ area, kind, target }) => `${area} ${kind} ${target}`)).toEqual(
      expect.arrayContaining([
        'face identity Ibbe Lantry',
        'headgear shape tied, tail, length 3',
        'headgear colour raven',
        'face motif glasses-round',
        'face expression calm',
        'torso motif tunic-diamonds',
        'torso colour saffron',
        'held motif lantern',
        'whole height as its age',
      ]),
    );
  });
});
