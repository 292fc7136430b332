import { describe, expect, test } from '@jest/globals';
import { AGE_BANDS, P40, SYSTEM_MEASURES } from '@outfit/core';
import fc from 'fast-check';
import { draftOfSystem, systemOfDraft, wrongField } from '../src/features/catalogue/systems/draft';

const draft = draftOfSystem(P40);

describe('a toy line in the form', () => {
  test('is the same line when it is read again', () => {
    const again = systemOfDraft(draft, P40.id);
    expect({ ...again, bandHeightMm: 0 }).toEqual({ ...P40, bandHeightMm: 0 });
    for (const band of AGE_BANDS) expect(again.bandHeightMm[band]).toBeCloseTo(P40.bandHeightMm[band], 2);
    expect(wrongField(draft)).toBeNull();
  });

  test('a new one is called after its name', () => {
    expect(systemOfDraft({ ...draft, name: ' Pocket Folk 30 ' }, null)).toMatchObject({ id: 'pocket-folk-30', name: 'Pocket Folk 30' });
  });

  test('a number is typed with a comma as well; what lies beyond is told by the name of its field', () => {
    fc.assert(
      fc.property(fc.constantFrom(...SYSTEM_MEASURES), fc.nat(100), ([key, name, least, most], percent) => {
        const typed = (text: string) => ({ ...draft, measures: { ...draft.measures, [key]: text } });
        const within = Math.min(most, Math.ceil((least + ((most - least) * percent) / 100) * 10) / 10);
        expect(wrongField(typed(String(within).replace('.', ',')))).toBeNull();
        expect(wrongField(typed(String(most + 1)))).toContain(`“${name}” lies between`);
        expect(wrongField(typed('tall'))).toContain(name);
      }),
    );
  });

  test('a band nobody grows into by years has no age; half a year is none', () => {
    const [first = 'adult', ...others] = AGE_BANDS;
    expect(systemOfDraft({ ...draft, ages: { ...draft.ages, [first]: ' ' } }, 'x').bandsByAge.map(({ band }) => band)).not.toContain(first);
    expect(wrongField({ ...draft, ages: { ...draft.ages, [others[0] ?? first]: '7.5' } })).toContain('is a whole number');
    expect(wrongField({ ...draft, heights: { ...draft.heights, [first]: '0' } })).toContain('between 0.1 and 500 mm');
  });
});
