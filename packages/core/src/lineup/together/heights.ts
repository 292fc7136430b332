import { type AgeBand, type System } from '../../anatomy/index.js';
import { ageOf, bandOf } from '../../brief/index.js';
import { bodyHeight, overallHeight } from '../../figure/index.js';
import { mm } from '../../kernel/index.js';
import type { Seen } from './member.js';

/** How tall a figure stands in its line-up. Lengths in mm. */
export interface HeightOf {
  readonly figure: string;
  /** Without headgear and neck layers: what is compared. With them, what is drawn. */
  readonly bodyMm: number;
  readonly overallMm: number;
  readonly band: AgeBand;
  /** Age in the year of the story; null when the years do not say. */
  readonly age: number | null;
  /** How far above its band it stands, negative below; 0 within what is tolerated. */
  readonly offMm: number;
}

/** Heights side by side, with who stands out of their band by how much. */
export interface Heights {
  readonly rows: readonly HeightOf[];
  readonly remarks: readonly { readonly sentence: string; readonly figures: readonly string[] }[];
}

/** @param year the year of the story everybody is looked at in; null for the one each brief names */
export function heightsOf(figures: readonly Seen[], systemOf: (seen: Seen) => System, year: number | null = null): Heights {
  const rows = figures
    .filter(({ worn }) => worn.length > 0)
    .map((seen): HeightOf => {
      const system = systemOf(seen);
      const brief = year === null ? seen.brief : { ...seen.brief, year };
      const band = bandOf(brief, system);
      const bodyMm = bodyHeight(seen.worn).total;
      const off = bodyMm - system.bandHeightMm[band];
      return {
        figure: seen.id,
        bodyMm,
        overallMm: overallHeight(seen.worn).total,
        band,
        age: ageOf(brief),
        offMm: Math.abs(off) <= system.bandToleranceMm ? 0 : off,
      };
    });
  const nameOf = new Map(figures.map(({ id, name }) => [id, name]));
  return {
    rows,
    remarks: rows
      .filter(({ offMm }) => offMm !== 0)
      .map(({ figure, offMm, band }) => ({
        sentence: `${nameOf.get(figure) ?? ''} stands ${mm(Math.abs(offMm))} mm ${offMm > 0 ? 'above' : 'below'} ${article(band)} ${band}.`,
        figures: [figure],
      })),
  };
}

const article = (word: string): string => (/^[aeiou]/.test(word) ? 'an' : 'a');
