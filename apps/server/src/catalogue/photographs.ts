import { Body, Controller, Get, Header, Injectable, Param, Post, Query, StreamableFile } from '@nestjs/common';
import {
  ApiBody,
  ApiConsumes,
  ApiCreatedResponse,
  ApiOkResponse,
  ApiOperation,
  ApiProduces,
  ApiProperty,
  ApiPropertyOptional,
  ApiTags,
} from '@nestjs/swagger';
import { IsIn, IsOptional, IsString, MaxLength } from 'class-validator';
import { Clock } from '../common/clock.js';
import { FileStore } from '../common/fileStore.js';
import { notFound } from '../common/problem.js';
import { PICTURE_TYPES, redraw } from '../common/rasters.js';
import { CatalogueService } from './catalogue.service.js';

const LONGEST_SIDE = 1200;
const PHOTOGRAPHED = ['print', 'variant', 'mould'] as const;
const FACES = ['front', 'back', 'left', 'right', 'second face'] as const;

class PhotographOf {
  @ApiProperty({ enum: PHOTOGRAPHED }) @IsIn(PHOTOGRAPHED) kind: (typeof PHOTOGRAPHED)[number];
  @ApiProperty() @IsString() @MaxLength(500) item: string;
  @ApiPropertyOptional({ enum: FACES }) @IsOptional() @IsIn(FACES) face?: (typeof FACES)[number];
}

export class PhotographDto {
  @ApiProperty({ description: 'Name of the file, under /api/photographs' }) id: string;
  @ApiProperty({ enum: PHOTOGRAPHED }) kind: (typeof PHOTOGRAPHED)[number];
  @ApiProperty() item: string;
  @ApiProperty({ enum: FACES }) face: (typeof FACES)[number];
  @ApiProperty() width: number;
  @ApiProperty() height: number;
}

/** Photographs of a person's own entries, one for each face. They are drawn anew: size limited, nothing hidden kept. */
@Injectable()
export class PhotographsService {
  constructor(
    private readonly catalogue: CatalogueService,
    private readonly files: FileStore,
    private readonly clock: Clock,
  ) {}

  of({ kind, item }: PhotographOf): PhotographDto[] {
    return this.catalogue.connection
      .prepare('SELECT id, kind, item, face, width, height FROM photograph WHERE kind = ? AND item = ? ORDER BY face')
      .all(kind, item) as PhotographDto[];
  }

  async add({ kind, item, face = 'front' }: PhotographOf, body: unknown): Promise<PhotographDto[]> {
    const catalogue = await this.catalogue.catalogue();
    const there = { print: catalogue.hasPrint(item), variant: catalogue.has(item), mould: catalogue.hasMould(item) }[kind];
    if (!there) throw notFound(kind, item);
    const { data, width, height } = await redraw(body, LONGEST_SIDE);
    const id = await this.files.put(data);
    this.catalogue.connection
      .prepare(
        `INSERT INTO photograph (id, kind, item, face, width, height, addedAt) VALUES (?, ?, ?, ?, ?, ?, ?)
           ON CONFLICT (kind, item, face) DO UPDATE SET id = excluded.id, width = excluded.width, height = excluded.height, addedAt = excluded.addedAt`,
      )
      .run(id, kind, item, face, width, height, this.clock.now().toISOString());
    return this.of({ kind, item });
  }

  file(id: string): Buffer {
    const bytes = this.files.read(id);
    if (!bytes) throw notFound('photograph', id);
    return bytes;
  }
}

@ApiTags('catalogue')
@Controller()
export class PhotographsController {
  constructor(private readonly service: PhotographsService) {}

  @Get('catalogue/photographs')
  @ApiOperation({ operationId: 'listPhotographs' })
  @ApiOkResponse({ type: [PhotographDto] })
  list(@Query() query: PhotographOf): PhotographDto[] {
    return this.service.of(query);
  }

  @Post('catalogue/photographs')
  @ApiOperation({ operationId: 'addPhotograph' })
  @ApiConsumes(...PICTURE_TYPES)
  @ApiBody({ schema: { type: 'string', format: 'binary' } })
  @ApiCreatedResponse({ type: [PhotographDto] })
  add(@Query() query: PhotographOf, @Body() body: unknown): Promise<PhotographDto[]> {
    return this.service.add(query, body);
  }

  @Get('photographs/:id')
  @ApiOperation({ operationId: 'readPhotograph' })
  @ApiProduces('image/webp')
  @Header('Cache-Control', 'private, max-age=31536000, immutable')
  file(@Param('id') id: string): StreamableFile {
    return new StreamableFile(this.service.file(id), { type: 'image/webp' });
  }
}
