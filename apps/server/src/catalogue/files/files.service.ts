import { readerOf } from '@outfit/formats/kept';
import { Injectable } from '@nestjs/common';
import { type CatalogueKind, type CatalogueRow, FOREIGN_FIELDS, quote, SHAPE_FAMILIES, type ShapeFamily } from '@outfit/core';
import { CATALOGUE_TABLES, type CatalogueTable, lookAtForeign, UnreadableFile, writeArchive, writeCatalogueTable } from '@outfit/formats';
import { Clock } from '../../platform/clock/index.js';
import { Database } from '../../platform/db/index.js';
import { Problem } from '../../platform/http/index.js';
import { FileTurns } from '../../platform/importing/index.js';
import { JobsService, workerBeside } from '../../platform/jobs/index.js';
import { CatalogueService } from '../catalogue.service.js';
import type { ForeignLookDto, What } from './files.dto.js';
import type { ForeignTask, ImportOutcome, ImportTask } from './import.worker.js';
import type { ImportJobDto, ImportProgress, ImportReport } from './importReport.js';

const KIND = 'import';
/** So much of a file is enough to tell what its columns hold. */
const MOST_HEAD = 200_000;
const LINE_FEED = 10;

/** The catalogue in files and out of them: one CSV per kind, or everything as one JSON archive. */
@Injectable()
export class CatalogueFilesService {
  constructor(
    private readonly database: Database,
    private readonly catalogue: CatalogueService,
    private readonly jobs: JobsService,
    private readonly clock: Clock,
    turns: FileTurns,
  ) {
    turns.register('catalogue', {
      worker: workerBeside(import.meta.url, 'turn.worker'),
      after: async () => {
        await this.catalogue.readAgain();
        await this.catalogue.tellMade();
      },
    });
    jobs.register({
      kind: KIND,
      worker: workerBeside(import.meta.url, 'import.worker'),
      words: {
        closed: 'Outfit was closed while this ran. Nothing was imported; choose the file again.',
        broken: 'The import broke off. Nothing was imported; try again.',
      },
    });
  }

  /** Looks at the head of a file in somebody else's columns: a few hundred rows tell. */
  look(body: unknown): ForeignLookDto {
    const bytes = bytesOfFile(body).subarray(0, MOST_HEAD);
    // The last line may be cut in its middle, within a letter or a quotation mark: it is left out.
    const end = bytes.lastIndexOf(LINE_FEED);
    try {
      return { ...lookAtForeign(bytes.length < MOST_HEAD || end < 0 ? bytes : bytes.subarray(0, end)) } as ForeignLookDto;
    } catch (error) {
      if (error instanceof UnreadableFile) throw new Problem(422, error.message);
      throw error;
    }
  }

  async start(what: What | 'foreign', agree: ImportTask['agree'], body: unknown, columns?: string): Promise<ImportJobDto> {
    const bytes = bytesOfFile(body);
    const foreign = what === 'foreign' ? readColumns(columns ?? '') : null;
    const job = await this.database.write(() => this.jobs.create(KIND, null));
    this.jobs.run<Omit<ImportTask, 'stop' | 'port'>, ImportProgress, ImportOutcome>(job, {
      task: { databaseFile: this.database.file, bytes, what, foreign, agree, at: this.clock.now().toISOString(), job: job.id },
      transfer: [bytes.buffer],
      news: (progress) => ({ progress }),
      ended: (outcome) => {
        if ('report' in outcome) return { state: 'done', result: outcome.report };
        if ('refused' in outcome) return { state: 'failed', error: outcome.refused };
        return { state: 'stopped', error: 'Stopped. Nothing was imported.' };
      },
      after: (outcome) => this.noteTaken(outcome),
      outcomeOf: (result) => ({ report: result as ImportReport }),
    });
    return this.jobs.toDto(job) as ImportJobDto;
  }

  /** After an import that changed something: the catalogue is read again, and whoever planned what is made now is told. */
  private async noteTaken(outcome: ImportOutcome): Promise<void> {
    if (!('report' in outcome) || outcome.report.importedCount === 0) return;
    await this.catalogue.readAgain();
    outcome.report.noticeCount = await this.catalogue.tellMade();
  }

  table(what: CatalogueKind): string {
    const { data } = this.catalogue.now();
    return writeCatalogueTable(
      CATALOGUE_TABLES[what] as CatalogueTable<CatalogueRow<CatalogueKind>>,
      data[what] as readonly CatalogueRow<CatalogueKind>[],
    );
  }

  archive(): string {
    return writeArchive(this.catalogue.now().data);
  }
}

function bytesOfFile(body: unknown): Uint8Array<ArrayBuffer> {
  if (!Buffer.isBuffer(body) || body.length === 0) throw new Problem(400, 'Send the file as the body of the request.');
  return new Uint8Array(body);
}

const readSent = readerOf<{ readonly mapping?: unknown; readonly kinds?: unknown }>({ type: 'object' });

/** Which column tells what, and what kinds of parts were said to be, as it was sent; refused with the field that is wrong. */
function readColumns(text: string): ForeignTask {
  let sent: { readonly mapping?: unknown; readonly kinds?: unknown };
  try {
    sent = readSent(JSON.parse(text));
  } catch {
    throw new Problem(422, 'Which column tells what was not sent as JSON. Choose the file again.');
  }
  const entriesOf = (value: unknown): [string, unknown][] => (typeof value === 'object' && value !== null ? Object.entries(value) : []);
  const [mapping, kinds] = [entriesOf(sent.mapping), entriesOf(sent.kinds)];
  for (const [field, header] of mapping)
    if (!Object.hasOwn(FOREIGN_FIELDS, field) || typeof header !== 'string')
      throw new Problem(422, `${quote(field)} is nothing that a column can tell.`);
  for (const [, family] of kinds)
    if (!(SHAPE_FAMILIES as readonly unknown[]).includes(family)) throw new Problem(422, `${quote(family)} is no family of shapes.`);
  if (!mapping.some(([field]) => field === 'name')) throw new Problem(422, 'Say which column tells what a part is called.');
  if (!mapping.some(([field]) => field === 'colourHex' || field === 'colourName'))
    throw new Problem(422, 'Say which column tells the colour.');
  return {
    mapping: Object.fromEntries(mapping) as ForeignTask['mapping'],
    kinds: Object.fromEntries(kinds) as Record<string, ShapeFamily>,
  };
}
