import { type ForeignField, type ForeignMapping, type ForeignRow, guessMapping } from '@outfit/core';
import { readAnyTable, UnreadableFile } from '../table/index.js';
import { CATALOGUE_LIMITS } from './columns.js';

/** What a file in somebody else's columns holds, as far as its first rows tell. */
export interface ForeignLook {
  readonly headers: readonly string[];
  readonly samples: readonly (readonly string[])[];
  readonly mapping: ForeignMapping;
}

const MOST_SAMPLES = 6;

/** Looks at the head of a file in somebody else's columns. Throws UnreadableFile for what is no table. */
export function lookAtForeign(bytes: Uint8Array): ForeignLook {
  const { headers, rows } = readAnyTable(bytes, CATALOGUE_LIMITS);
  const samples = rows.slice(0, MOST_SAMPLES).map((row) => headers.map((_, i) => row.cells[i] ?? ''));
  return { headers, samples, mapping: guessMapping(headers, samples) };
}

/** The rows of such a file by what its columns were said to tell. Throws UnreadableFile where a column that was named is not there. */
export function readForeignTable(bytes: Uint8Array, mapping: ForeignMapping): readonly ForeignRow[] {
  const { headers, rows } = readAnyTable(bytes, CATALOGUE_LIMITS);
  const places = (Object.entries(mapping) as [ForeignField, string][]).map(([field, header]) => {
    const at = headers.indexOf(header);
    if (at < 0) throw new UnreadableFile(`There is no column “${header}” in this file. Say anew which column tells what.`);
    return [field, at] as const;
  });
  return rows.map(({ line, cells }) => ({ line, cells: Object.fromEntries(places.map(([field, at]) => [field, cells[at] ?? ''])) }));
}
