import { Body, Controller, Get, HttpCode, Injectable, Post, Query, Res, StreamableFile } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import {
  ApiAcceptedResponse,
  ApiBody,
  ApiConsumes,
  ApiOperation,
  ApiProduces,
  ApiProperty,
  ApiPropertyOptional,
  ApiTags,
} from '@nestjs/swagger';
import { CATALOGUE_KINDS, type CatalogueKind, type CatalogueRow } from '@outfit/core';
import { CATALOGUE_LIMITS, CATALOGUE_TABLES, writeArchive, writeCatalogueTable, type CatalogueTable } from '@outfit/formats';
import { IsIn, IsOptional } from 'class-validator';
import { raw, type NextFunction, type Request, type Response } from 'express';
import { DataSource } from 'typeorm';
import { Clock } from '../common/clock.js';
import { Problem, type ProblemBody } from '../common/problem.js';
import { ImportProgress, JobDto, JobsService, toDto } from '../jobs/index.js';
import { CatalogueService } from './catalogue.service.js';
import type { ImportOutcome, ImportTask } from './import.worker.js';

const WHAT = [...CATALOGUE_KINDS, 'archive'] as const;
type What = (typeof WHAT)[number];

class CarryQuery {
  @ApiProperty({ enum: WHAT }) @IsIn(WHAT) what: What;
}

class ImportQuery extends CarryQuery {
  @ApiPropertyOptional({
    enum: ['all', 'sound'],
    description: 'Absent: only look. all: import if every row is sound. sound: import the sound rows.',
  })
  @IsOptional()
  @IsIn(['all', 'sound'])
  agree?: 'all' | 'sound';
}

const TOO_LARGE = `The file is over ${CATALOGUE_LIMITS.maxBytes / 1_000_000} MB. Import it in parts, one kind at a time.`;
const readBody = raw({ type: () => true, limit: CATALOGUE_LIMITS.maxBytes + 1000 });

/** Reads catalogue files of any type as bytes. A file that is too large is refused by its announced length, unread. */
export function catalogueBody(request: Request, response: Response, next: NextFunction): void {
  if (Number(request.headers['content-length'] ?? 0) <= CATALOGUE_LIMITS.maxBytes) return readBody(request, response, next);
  response.setHeader('Connection', 'close');
  response.status(413).json({ status: 413, message: TOO_LARGE, faults: [] } satisfies ProblemBody);
  // The rest is let run into the void, or the client would see a broken connection and not the answer.
  request.resume();
}

/** Carrying the catalogue in and out: one CSV per kind, or everything as one JSON archive. */
@Injectable()
export class CarryService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly catalogue: CatalogueService,
    private readonly jobs: JobsService,
    private readonly clock: Clock,
  ) {}

  async start(what: What, agree: ImportTask['agree'], body: unknown): Promise<JobDto> {
    if (!Buffer.isBuffer(body) || body.length === 0) throw new Problem(400, 'Send the file as the body of the request.');
    const bytes = new Uint8Array(body);
    const job = await this.database.transaction((manager) => this.jobs.create(manager, 'import'));
    const databaseFile = String(this.database.options.database);
    this.jobs.run<Omit<ImportTask, 'stop' | 'port'>, ImportProgress, ImportOutcome>(job, {
      task: { databaseFile, bytes, what, agree, at: this.clock.now().toISOString() },
      transfer: [bytes.buffer],
      news: (progress) => ({ progress }),
      ended: (outcome) => {
        this.catalogue.changed();
        if ('report' in outcome) return { state: 'done', result: outcome.report };
        if ('refused' in outcome) return { state: 'failed', error: outcome.refused };
        return { state: 'stopped', error: 'Stopped. Nothing was imported.' };
      },
    });
    return toDto(job);
  }

  async table(what: CatalogueKind): Promise<string> {
    const { data } = await this.catalogue.catalogue();
    return writeCatalogueTable(
      CATALOGUE_TABLES[what] as CatalogueTable<CatalogueRow<CatalogueKind>>,
      data[what] as readonly CatalogueRow<CatalogueKind>[],
    );
  }

  async archive(): Promise<string> {
    return writeArchive((await this.catalogue.catalogue()).data);
  }
}

@ApiTags('catalogue')
@Controller('catalogue')
export class CarryController {
  constructor(private readonly service: CarryService) {}

  @Post('import')
  @HttpCode(202)
  @ApiOperation({ operationId: 'importCatalogue' })
  @ApiConsumes('text/csv', 'application/json')
  @ApiBody({ schema: { type: 'string', format: 'binary' } })
  @ApiAcceptedResponse({ type: JobDto })
  import(@Query() { what, agree }: ImportQuery, @Body() body: unknown): Promise<JobDto> {
    return this.service.start(what, agree ?? null, body);
  }

  @Get('export')
  @ApiOperation({ operationId: 'exportCatalogue' })
  @ApiProduces('text/csv', 'application/json')
  async export(@Query() { what }: CarryQuery, @Res({ passthrough: true }) response: Response): Promise<StreamableFile> {
    const isArchive = what === 'archive';
    response.setHeader('Content-Disposition', `attachment; filename="catalogue-${what}.${isArchive ? 'json' : 'csv'}"`);
    const text = isArchive ? await this.service.archive() : await this.service.table(what);
    return new StreamableFile(Buffer.from(text), { type: isArchive ? 'application/json' : 'text/csv; charset=utf-8' });
  }
}
