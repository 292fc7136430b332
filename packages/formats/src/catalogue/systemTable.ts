import { AGE_BANDS, type AgeBand, isPosition, type Position, type System, SYSTEM_MEASURES } from '@outfit/core';
import { type Column, nameColumn, type Refusal, refuse, wholeNumber } from '../table/index.js';
import { type CatalogueTable, cell, decimal, list } from './columns.js';

/** "head; torso; arm.L" */
const positions = (name: string): Column<readonly Position[]> => ({
  name,
  read: (text) => {
    const names = text
      .split(';')
      .map((item) => item.trim())
      .filter(Boolean);
    const unknown = names.find((item) => !isPosition(item));
    return unknown === undefined ? names.filter(isPosition) : refuse(`“${unknown}” is no position.`);
  },
});

/** "child 12; youth 17": the last year of age in each band. */
function readAges(text: string): System['bandsByAge'] | Refusal {
  const ages: { band: AgeBand; upTo: number }[] = [];
  for (const one of text.split(';').filter((item) => item.trim() !== '')) {
    const [, name, year] = /^\s*(\w+)\s+(\d{1,3})\s*$/.exec(one) ?? [];
    const band = AGE_BANDS.find((known) => known === name);
    if (!band) return refuse(`Write a band and its last year of age, such as “child 12”. Bands are ${AGE_BANDS.join(', ')}.`);
    ages.push({ band, upTo: Number(year) });
  }
  return ages;
}

const measureColumn = ([measure, words, least, most, unit]: (typeof SYSTEM_MEASURES)[number]) =>
  [
    measure,
    cell(decimal(`${words.toLowerCase()} ${unit === '°' ? 'degrees' : unit}`, least, most), (row: System) => String(row[measure])),
  ] as const;
const bandColumn = (band: AgeBand) =>
  [band, cell(decimal(`${band} mm`, 0.1, 500), (row: System) => String(row.bandHeightMm[band]))] as const;

type Cells = Omit<System, 'bandHeightMm'> & Readonly<Record<AgeBand, number>>;

/** Toy lines: a row each, with every measure in a column of its own. */
export const systemTable: CatalogueTable<System> = {
  columns: {
    id: cell(nameColumn('system'), (row) => row.id),
    name: cell(nameColumn('name'), (row) => row.name),
    positions: cell(positions('positions'), (row) => list(row.positions)),
    needs: cell({ ...positions('needs'), optional: [] }, (row) => list(row.needs)),
    ...Object.fromEntries(AGE_BANDS.map(bandColumn)),
    bandsByAge: cell({ name: 'ages', optional: [], read: readAges }, (row) =>
      list(row.bandsByAge.map(({ band, upTo }) => `${band} ${upTo}`)),
    ),
    riskFromMinor: cell(wholeNumber('named before swapping from', 0, 100_000_000), (row) => String(row.riskFromMinor)),
    ...Object.fromEntries(SYSTEM_MEASURES.map(measureColumn)),
  },
  row: ({ child, youth, adult, giant, ...rest }: Cells): System => ({ ...rest, bandHeightMm: { child, youth, adult, giant } }),
};
