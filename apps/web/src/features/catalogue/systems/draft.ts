import { AGE_BANDS, type AgeBand, type Position, type System, SYSTEM_MEASURES, type SystemMeasure } from '@outfit/core';
import { slug } from '../slug';

/** A toy line as it stands in the form: every number is the text that was typed. */
export interface SystemDraft {
  readonly name: string;
  readonly positions: readonly Position[];
  readonly needs: readonly Position[];
  readonly measures: Readonly<Record<SystemMeasure, string>>;
  readonly heights: Readonly<Record<AgeBand, string>>;
  /** The last year of age in each band; empty for a band nobody grows into by years. */
  readonly ages: Readonly<Record<AgeBand, string>>;
  readonly riskFromMinor: number;
}

const perBand = (of: (band: AgeBand) => string): Record<AgeBand, string> =>
  Object.fromEntries(AGE_BANDS.map((band) => [band, of(band)])) as Record<AgeBand, string>;

/** What a system that is there looks like in the form. */
export const draftOfSystem = (system: System): SystemDraft => ({
  name: system.name,
  positions: system.positions,
  needs: system.needs,
  measures: Object.fromEntries(SYSTEM_MEASURES.map(([measure]) => [measure, String(system[measure])])) as Record<SystemMeasure, string>,
  heights: perBand((band) => String(Math.round(system.bandHeightMm[band] * 100) / 100)),
  ages: perBand((band) => String(system.bandsByAge.find((row) => row.band === band)?.upTo ?? '')),
  riskFromMinor: system.riskFromMinor,
});

const numberOf = (text: string): number => Number(text.trim().replace(',', '.'));
const isNumber = (text: string, least: number, most: number): boolean =>
  text.trim() !== '' && numberOf(text) >= least && numberOf(text) <= most;

/** The first field that is no number it could be, as it is called in the form; null when all are. */
export function wrongField({ measures, heights, ages }: SystemDraft): string | null {
  const measure = SYSTEM_MEASURES.find(([key, , least, most]) => !isNumber(measures[key], least, most));
  if (measure) return `“${measure[1]}” lies between ${measure[2]} and ${measure[3]} ${measure[4]}.`;
  const height = AGE_BANDS.find((band) => !isNumber(heights[band], 0.1, 500));
  if (height) return `How tall a ${height} stands lies between 0.1 and 500 mm.`;
  const age = AGE_BANDS.find((band) => ages[band].trim() !== '' && !/^\d{1,4}$/.test(ages[band].trim()));
  return age ? `The last year of age of a ${age} is a whole number.` : null;
}

/** The system a draft describes; its own name keeps the id of the one it was taken from. */
export const systemOfDraft = (draft: SystemDraft, id: string | null): System => ({
  id: id ?? slug(draft.name),
  name: draft.name.trim(),
  positions: draft.positions,
  needs: draft.needs,
  riskFromMinor: draft.riskFromMinor,
  bandHeightMm: Object.fromEntries(AGE_BANDS.map((band) => [band, numberOf(draft.heights[band])])) as Record<AgeBand, number>,
  bandsByAge: AGE_BANDS.filter((band) => draft.ages[band].trim() !== '').map((band) => ({ band, upTo: Number(draft.ages[band]) })),
  ...(Object.fromEntries(SYSTEM_MEASURES.map(([measure]) => [measure, numberOf(draft.measures[measure])])) as Record<
    SystemMeasure,
    number
  >),
});
