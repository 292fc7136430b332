import { Body, Controller, Get, Header, Param, Post, Put, Query, StreamableFile } from '@nestjs/common';
import { ApiCreatedResponse, ApiOkResponse, ApiOperation, ApiProduces, ApiPropertyOptional, ApiTags } from '@nestjs/swagger';
import { IsIn, IsOptional } from 'class-validator';
import { VIEWS, type View } from '@outfit/drawing';
import { readEdit } from './edits.js';
import {
  BriefDto,
  ChangeDto,
  ChosenLookDto,
  EditLookDto,
  FigureDto,
  LineUpDto,
  LookDto,
  NewFigureDto,
  NewLookDto,
  OrderDto,
} from './figures.dto.js';
import { FiguresService } from './figures.service.js';
import { LooksService } from './looks.service.js';
import { PictureService } from './picture.service.js';

class PictureQuery {
  @ApiPropertyOptional({ enum: VIEWS }) @IsOptional() @IsIn(VIEWS) view?: View;
}

@ApiTags('figures')
@Controller()
export class FiguresController {
  constructor(
    private readonly figures: FiguresService,
    private readonly looks: LooksService,
    private readonly pictures: PictureService,
  ) {}

  @Get('line-ups')
  @ApiOperation({ operationId: 'listLineUps' })
  @ApiOkResponse({ type: [LineUpDto] })
  lineUps(): Promise<LineUpDto[]> {
    return this.figures.lineUps();
  }

  @Put('line-ups/:id/order')
  @ApiOperation({ operationId: 'orderLineUp' })
  @ApiOkResponse({ type: LineUpDto })
  order(@Param('id') id: string, @Body() body: OrderDto): Promise<LineUpDto> {
    return this.figures.reorder(id, body.figures);
  }

  @Post('figures')
  @ApiOperation({ operationId: 'createFigure' })
  @ApiCreatedResponse({ type: FigureDto })
  create(@Body() body: NewFigureDto): Promise<FigureDto> {
    return this.figures.create(body);
  }

  @Put('figures/:id/brief')
  @ApiOperation({ operationId: 'saveBrief' })
  @ApiOkResponse({ type: FigureDto })
  saveBrief(@Param('id') id: string, @Body() body: BriefDto): Promise<FigureDto> {
    return this.figures.saveBrief(id, body);
  }

  @Put('figures/:id/chosen-look')
  @ApiOperation({ operationId: 'chooseLook' })
  @ApiOkResponse({ type: FigureDto })
  choose(@Param('id') id: string, @Body() body: ChosenLookDto): Promise<FigureDto> {
    return this.figures.choose(id, body.look);
  }

  @Post('figures/:id/looks')
  @ApiOperation({ operationId: 'addLook' })
  @ApiCreatedResponse({ type: FigureDto })
  addLook(@Param('id') id: string, @Body() body: NewLookDto): Promise<FigureDto> {
    return this.figures.addLook(id, body);
  }

  @Post('looks/:id/edits')
  @ApiOperation({ operationId: 'editLook' })
  @ApiCreatedResponse({ type: LookDto })
  edit(@Param('id') id: string, @Body() body: EditLookDto): Promise<LookDto> {
    return this.looks.edit(id, body.edits.map(readEdit), body.label);
  }

  @Post('looks/:id/undo')
  @ApiOperation({ operationId: 'undoLook' })
  @ApiCreatedResponse({ type: LookDto })
  undo(@Param('id') id: string): Promise<LookDto> {
    return this.looks.step(id, 'undo');
  }

  @Post('looks/:id/redo')
  @ApiOperation({ operationId: 'redoLook' })
  @ApiCreatedResponse({ type: LookDto })
  redo(@Param('id') id: string): Promise<LookDto> {
    return this.looks.step(id, 'redo');
  }

  @Get('looks/:id/history')
  @ApiOperation({ operationId: 'readHistory' })
  @ApiOkResponse({ type: [ChangeDto] })
  history(@Param('id') id: string): Promise<ChangeDto[]> {
    return this.looks.history(id);
  }

  @Get('looks/:id/picture.svg')
  @ApiOperation({ operationId: 'drawLookSvg' })
  @ApiProduces('image/svg+xml')
  @Header('Content-Disposition', 'attachment; filename="look.svg"')
  async svg(@Param('id') id: string, @Query() { view }: PictureQuery): Promise<StreamableFile> {
    return new StreamableFile(Buffer.from(await this.pictures.svg(id, view ?? 'front')), { type: 'image/svg+xml' });
  }

  @Get('looks/:id/picture.png')
  @ApiOperation({ operationId: 'drawLookPng' })
  @ApiProduces('image/png')
  @Header('Content-Disposition', 'attachment; filename="look.png"')
  async png(@Param('id') id: string, @Query() { view }: PictureQuery): Promise<StreamableFile> {
    return new StreamableFile(await this.pictures.png(id, view ?? 'front'), { type: 'image/png' });
  }
}
