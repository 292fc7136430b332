import { CATALOGUE_KINDS, type CatalogueData, type CatalogueKind, type CatalogueRow, type CatalogueRows, quote } from '@outfit/core';
import type { ValidateFunction } from 'ajv/dist/2020.js';
import { shapeCheck, shapeFault } from '../shape/index.js';
import { decodeText, UnreadableFile } from '../table/index.js';
import { CATALOGUE_LIMITS } from './columns.js';
import { ARCHIVE_FORMAT, ARCHIVE_VERSION, ROW_SCHEMAS } from './schema.js';

const CHECKS = Object.fromEntries(CATALOGUE_KINDS.map((kind) => [kind, shapeCheck(ROW_SCHEMAS[kind])])) as Record<
  CatalogueKind,
  () => ValidateFunction
>;

/** What is wrong with one row of an archive; `path` is a JSON pointer into the document. */
interface ArchiveProblem {
  readonly kind: CatalogueKind;
  readonly index: number;
  readonly path: string;
  readonly reason: string;
}

export interface ArchiveReport {
  /** Rows whose shape is sound, with their place in the document. */
  readonly rows: CatalogueRows;
  readonly places: Readonly<Record<CatalogueKind, readonly number[]>>;
  readonly problems: readonly ArchiveProblem[];
  readonly rowCount: number;
}

/**
 * Reads a catalogue archive row by row. Throws UnreadableFile for what is no archive at all: not UTF-8, not JSON,
 * another format or version, too large, or a kind nobody knows.
 */
export function readArchive(bytes: Uint8Array): ArchiveReport {
  if (bytes.byteLength > CATALOGUE_LIMITS.maxBytes)
    throw new UnreadableFile(`The file is over ${CATALOGUE_LIMITS.maxBytes / 1_000_000} MB. Export it in parts, one kind at a time.`);
  const document = parse(decodeText(bytes));
  const problems: ArchiveProblem[] = [];
  const places = Object.fromEntries(CATALOGUE_KINDS.map((kind) => [kind, [] as number[]])) as Record<CatalogueKind, number[]>;
  const rows: Partial<Record<CatalogueKind, CatalogueRow<CatalogueKind>[]>> = {};
  let rowCount = 0;
  for (const kind of CATALOGUE_KINDS) {
    const list = document[kind] ?? [];
    if (!Array.isArray(list)) throw new UnreadableFile(`“${kind}” is no list of rows.`);
    rowCount += list.length;
    if (rowCount > CATALOGUE_LIMITS.maxRows)
      throw new UnreadableFile(`The file has over ${CATALOGUE_LIMITS.maxRows} rows. Import it in parts.`);
    const sound: CatalogueRow<CatalogueKind>[] = [];
    const check = CHECKS[kind]();
    list.forEach((row: unknown, index) => {
      if (check(row)) {
        sound.push(row as CatalogueRow<CatalogueKind>);
        places[kind].push(index);
        return;
      }
      const [error] = check.errors ?? [];
      problems.push({ kind, index, path: `/${kind}/${index}${error?.instancePath ?? ''}`, reason: shapeFault(error).sentence });
    });
    if (list.length > 0) rows[kind] = sound;
  }
  return { rows: rows as CatalogueRows, places, problems, rowCount };
}

function parse(text: string): Record<string, unknown> {
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch {
    throw new UnreadableFile('The file is no valid JSON. Look for a missing bracket, comma or quote.');
  }
  if (typeof json !== 'object' || json === null || Array.isArray(json))
    throw new UnreadableFile('The file is not a catalogue archive: it is not one object.');
  const document = json as Record<string, unknown>;
  if (document['format'] !== ARCHIVE_FORMAT)
    throw new UnreadableFile(`The file is not a catalogue archive: its “format” is not “${ARCHIVE_FORMAT}”.`);
  if (document['version'] !== ARCHIVE_VERSION)
    throw new UnreadableFile(`This is version ${quote(document['version'])} of the archive; version ${ARCHIVE_VERSION} can be read.`);
  const unknown = Object.keys(document).find((key) => !['format', 'version', ...CATALOGUE_KINDS].includes(key));
  if (unknown !== undefined)
    throw new UnreadableFile(`The archive holds ${quote(unknown)}, which is not known. Known are ${CATALOGUE_KINDS.join(', ')}.`);
  return document;
}

/** The whole catalogue as one JSON document. */
export const writeArchive = (data: CatalogueData): string =>
  JSON.stringify({
    format: ARCHIVE_FORMAT,
    version: ARCHIVE_VERSION,
    ...Object.fromEntries(CATALOGUE_KINDS.map((kind) => [kind, data[kind]])),
  });

/** What is wrong with the shape of one row, or null. */
export function rowShapeFault(kind: CatalogueKind, row: unknown): { readonly path: string; readonly reason: string } | null {
  const check = CHECKS[kind]();
  if (check(row)) return null;
  const [error] = check.errors ?? [];
  const { path, sentence } = shapeFault(error);
  return { path, reason: sentence };
}
