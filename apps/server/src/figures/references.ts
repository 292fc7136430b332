import { Body, Controller, Delete, Get, Injectable, Param, Post, Put, Query } from '@nestjs/common';
import { ApiBody, ApiConsumes, ApiCreatedResponse, ApiOkResponse, ApiOperation, ApiProperty, ApiTags } from '@nestjs/swagger';
import { InjectDataSource } from '@nestjs/typeorm';
import { Type } from 'class-transformer';
import { ArrayMaxSize, IsArray, IsNumber, IsString, Length, Max, Min, ValidateNested } from 'class-validator';
import { randomUUID } from 'node:crypto';
import { DataSource, IsNull } from 'typeorm';
import { Clock } from '../common/clock.js';
import { FileStore } from '../common/fileStore.js';
import { notFound, Problem } from '../common/problem.js';
import { PICTURE_TYPES, redraw } from '../common/rasters.js';
import { FigureEntity, ReferencePictureEntity, type Pin } from './figures.entities.js';

const LONGEST_SIDE = 2400;
const MOST_PICTURES = 24;

export class PinDto implements Pin {
  @ApiProperty({ description: 'Share of the width' }) @IsNumber() @Min(0) @Max(1) x: number;
  @ApiProperty({ description: 'Share of the height' }) @IsNumber() @Min(0) @Max(1) y: number;
  @ApiProperty() @IsString() @Length(1, 300) note: string;
}

class PinsDto {
  @ApiProperty({ type: [PinDto] })
  @IsArray()
  @ArrayMaxSize(60)
  @ValidateNested({ each: true })
  @Type(() => PinDto)
  pins: PinDto[];
}

class PictureName {
  @ApiProperty() @IsString() @Length(1, 120) name: string;
}

export class ReferencePictureDto {
  @ApiProperty() id: string;
  @ApiProperty() name: string;
  @ApiProperty({ description: 'Name of the file, under /api/photographs' }) file: string;
  @ApiProperty() width: number;
  @ApiProperty() height: number;
  @ApiProperty({ type: [PinDto] }) pins: readonly PinDto[];
}

/** Reference pictures of a brief: drawn anew, pinned with notes, put in a bin and taken out of it. */
@Injectable()
export class ReferencesService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly files: FileStore,
    private readonly clock: Clock,
  ) {}

  async of(figure: string): Promise<ReferencePictureDto[]> {
    const rows = await this.database.manager.find(ReferencePictureEntity, {
      where: { figure, removedAt: IsNull() },
      order: { place: 'ASC' },
    });
    return rows.map(({ id, name, file, width, height, pins }) => ({ id, name, file, width, height, pins }));
  }

  async add(figure: string, name: string, body: unknown): Promise<ReferencePictureDto[]> {
    const { manager } = this.database;
    if (!(await manager.existsBy(FigureEntity, { id: figure }))) throw notFound('figure', figure);
    if ((await manager.countBy(ReferencePictureEntity, { figure, removedAt: IsNull() })) >= MOST_PICTURES)
      throw new Problem(409, `A brief has at most ${MOST_PICTURES} pictures. Put one in the bin first.`);
    const { data, width, height } = await redraw(body, LONGEST_SIDE);
    const file = await this.files.put(data);
    const place = await manager.countBy(ReferencePictureEntity, { figure });
    await manager.insert(ReferencePictureEntity, {
      id: randomUUID(),
      figure,
      place,
      name,
      file,
      width,
      height,
      pins: [],
      addedAt: this.clock.now().toISOString(),
      removedAt: null,
    });
    return this.of(figure);
  }

  async pin(id: string, pins: readonly Pin[]): Promise<ReferencePictureDto[]> {
    return this.change(id, { pins });
  }

  async bin(id: string, away: boolean): Promise<ReferencePictureDto[]> {
    return this.change(id, { removedAt: away ? this.clock.now().toISOString() : null });
  }

  private async change(id: string, part: Partial<Pick<ReferencePictureEntity, 'pins' | 'removedAt'>>): Promise<ReferencePictureDto[]> {
    const picture = await this.database.manager.findOneBy(ReferencePictureEntity, { id });
    if (!picture) throw notFound('picture', id);
    await this.database.manager.save(ReferencePictureEntity, { ...picture, ...part });
    return this.of(picture.figure);
  }
}

@ApiTags('figures')
@Controller()
export class ReferencesController {
  constructor(private readonly service: ReferencesService) {}

  @Get('figures/:id/references')
  @ApiOperation({ operationId: 'listReferences' })
  @ApiOkResponse({ type: [ReferencePictureDto] })
  list(@Param('id') id: string): Promise<ReferencePictureDto[]> {
    return this.service.of(id);
  }

  @Post('figures/:id/references')
  @ApiOperation({ operationId: 'addReference' })
  @ApiConsumes(...PICTURE_TYPES)
  @ApiBody({ schema: { type: 'string', format: 'binary' } })
  @ApiCreatedResponse({ type: [ReferencePictureDto] })
  add(@Param('id') id: string, @Query() { name }: PictureName, @Body() body: unknown): Promise<ReferencePictureDto[]> {
    return this.service.add(id, name, body);
  }

  @Put('references/:id/pins')
  @ApiOperation({ operationId: 'pinReference' })
  @ApiOkResponse({ type: [ReferencePictureDto] })
  pin(@Param('id') id: string, @Body() { pins }: PinsDto): Promise<ReferencePictureDto[]> {
    return this.service.pin(id, pins);
  }

  @Delete('references/:id')
  @ApiOperation({ operationId: 'binReference' })
  @ApiOkResponse({ type: [ReferencePictureDto] })
  bin(@Param('id') id: string): Promise<ReferencePictureDto[]> {
    return this.service.bin(id, true);
  }

  @Post('references/:id/restore')
  @ApiOperation({ operationId: 'restoreReference' })
  @ApiCreatedResponse({ type: [ReferencePictureDto] })
  restore(@Param('id') id: string): Promise<ReferencePictureDto[]> {
    return this.service.bin(id, false);
  }
}
