import { Body, Controller, Delete, Get, Header, Param, Post, Put, Query, StreamableFile } from '@nestjs/common';
import { ApiCreatedResponse, ApiOkResponse, ApiOperation, ApiProduces, ApiTags } from '@nestjs/swagger';
import { ChangeDto } from '../../platform/history/index.js';
import { VersionQuery } from '../../platform/http/index.js';
import { AlternativesService } from './alternatives.service.js';
import { readEdit } from './edits.js';
import { EditionDto, EditLookDto, FigureDto, LookDto, NamedDto, PictureQuery, ReturnDto } from '../record/index.js';
import { LooksService } from './looks.service.js';
import { PictureService } from './picture.service.js';

@ApiTags('looks')
@Controller('looks/:id')
export class LooksController {
  constructor(
    private readonly looks: LooksService,
    private readonly alternatives: AlternativesService,
    private readonly pictures: PictureService,
  ) {}

  @Post('edits')
  @ApiOperation({ operationId: 'editLook' })
  @ApiCreatedResponse({ type: LookDto })
  edit(@Param('id') id: string, @Query() { version }: VersionQuery, @Body() body: EditLookDto): Promise<LookDto> {
    return this.looks.edit(id, body.edits.map(readEdit), body.label, { seen: version, on: body.on });
  }

  @Post('undo')
  @ApiOperation({ operationId: 'undoLook' })
  @ApiCreatedResponse({ type: LookDto })
  undo(@Param('id') id: string): Promise<LookDto> {
    return this.looks.step(id, 'undo');
  }

  @Post('redo')
  @ApiOperation({ operationId: 'redoLook' })
  @ApiCreatedResponse({ type: LookDto })
  redo(@Param('id') id: string): Promise<LookDto> {
    return this.looks.step(id, 'redo');
  }

  @Get('history')
  @ApiOperation({ operationId: 'readHistory' })
  @ApiOkResponse({ type: [ChangeDto] })
  history(@Param('id') id: string): ChangeDto[] {
    return this.looks.changes(id);
  }

  @Post('snapshots')
  @ApiOperation({ operationId: 'nameSnapshot' })
  @ApiCreatedResponse({ type: [ChangeDto] })
  snapshot(@Param('id') id: string, @Body() { name }: NamedDto): Promise<ChangeDto[]> {
    return this.looks.snapshot(id, name);
  }

  @Post('return')
  @ApiOperation({ operationId: 'returnLook' })
  @ApiCreatedResponse({ type: LookDto })
  returnTo(@Param('id') id: string, @Body() { change }: ReturnDto): Promise<LookDto> {
    return this.looks.returnTo(id, change);
  }

  @Post('editions')
  @ApiOperation({ operationId: 'addEdition' })
  @ApiCreatedResponse({ type: FigureDto })
  edition(@Param('id') id: string, @Body() { name, skin }: EditionDto): Promise<FigureDto> {
    return this.alternatives.edition(id, name, skin);
  }

  @Put('name')
  @ApiOperation({ operationId: 'renameLook' })
  @ApiOkResponse({ type: FigureDto })
  rename(@Param('id') id: string, @Body() { name }: NamedDto): Promise<FigureDto> {
    return this.alternatives.rename(id, name);
  }

  @Delete()
  @ApiOperation({ operationId: 'binLook' })
  @ApiOkResponse({ type: FigureDto })
  bin(@Param('id') id: string): Promise<FigureDto> {
    return this.alternatives.bin(id, true);
  }

  @Post('restore')
  @ApiOperation({ operationId: 'restoreLook' })
  @ApiCreatedResponse({ type: FigureDto })
  restore(@Param('id') id: string): Promise<FigureDto> {
    return this.alternatives.bin(id, false);
  }

  @Get('picture.svg')
  @ApiOperation({ operationId: 'drawLookSvg' })
  @ApiProduces('image/svg+xml')
  @Header('Content-Disposition', 'attachment; filename="look.svg"')
  svg(@Param('id') id: string, @Query() { view }: PictureQuery): StreamableFile {
    return new StreamableFile(Buffer.from(this.pictures.svg(id, view ?? 'front')), { type: 'image/svg+xml' });
  }

  @Get('picture.png')
  @ApiOperation({ operationId: 'drawLookPng' })
  @ApiProduces('image/png')
  @Header('Content-Disposition', 'attachment; filename="look.png"')
  async png(@Param('id') id: string, @Query() { view }: PictureQuery): Promise<StreamableFile> {
    return new StreamableFile(await this.pictures.png(id, view ?? 'front'), { type: 'image/png' });
  }
}
