import { Body, Controller, Get, Param, Post, Put } from '@nestjs/common';
import { ApiCreatedResponse, ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { AlternativesService } from './alternatives.service.js';
import { BriefDto } from './brief.dto.js';
import { FigureDto, LineUpDto, NewFigureDto, OrderDto } from './figures.dto.js';
import { FiguresService } from './figures.service.js';
import { ChosenLookDto, NewLookDto } from './looks.dto.js';

@ApiTags('figures')
@Controller()
export class FiguresController {
  constructor(
    private readonly figures: FiguresService,
    private readonly alternatives: AlternativesService,
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
    return this.alternatives.choose(id, body.look);
  }

  @Post('figures/:id/looks')
  @ApiOperation({ operationId: 'addLook' })
  @ApiCreatedResponse({ type: FigureDto })
  addLook(@Param('id') id: string, @Body() body: NewLookDto): Promise<FigureDto> {
    return this.alternatives.add(id, body);
  }
}
