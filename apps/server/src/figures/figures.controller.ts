import { Body, Controller, Get, Param, Post, Put, Query } from '@nestjs/common';
import { ApiCreatedResponse, ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { VersionQuery } from '../platform/http/index.js';
import { AlternativesService } from './looks/index.js';
import {
  BriefDto,
  ChosenLookDto,
  RoleDto,
  FigureDto,
  FigureNameDto,
  LineUpDto,
  LineUpNamesDto,
  NewFigureDto,
  NewLookDto,
} from './record/index.js';
import { FiguresService } from './figures.service.js';

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
  lineUps(): LineUpDto[] {
    return this.figures.lineUps();
  }

  @Get('line-ups/names')
  @ApiOperation({ operationId: 'listNames' })
  @ApiOkResponse({ type: [LineUpNamesDto] })
  names(): LineUpNamesDto[] {
    return this.figures.names();
  }

  @Get('line-ups/:id')
  @ApiOperation({ operationId: 'readLineUp' })
  @ApiOkResponse({ type: LineUpDto })
  lineUp(@Param('id') id: string): LineUpDto {
    return this.figures.lineUp(id);
  }

  @Post('figures')
  @ApiOperation({ operationId: 'createFigure' })
  @ApiCreatedResponse({ type: FigureDto })
  create(@Body() body: NewFigureDto): Promise<FigureDto> {
    return this.figures.create(body);
  }

  @Get('figures/:id')
  @ApiOperation({ operationId: 'readFigure' })
  @ApiOkResponse({ type: FigureDto })
  figure(@Param('id') id: string): FigureDto {
    return this.figures.figure(id);
  }

  @Get('figures/wearing/:variant')
  @ApiOperation({ operationId: 'listWearing' })
  @ApiOkResponse({ type: [FigureNameDto] })
  listWearers(@Param('variant') variant: string): FigureNameDto[] {
    return this.figures.wearersOf(variant);
  }

  @Put('figures/:id/brief')
  @ApiOperation({ operationId: 'saveBrief' })
  @ApiOkResponse({ type: FigureDto })
  saveBrief(@Param('id') id: string, @Query() { version }: VersionQuery, @Body() body: BriefDto): Promise<FigureDto> {
    return this.figures.saveBrief(id, body, version);
  }

  @Put('figures/:id/role')
  @ApiOperation({ operationId: 'setRole' })
  @ApiOkResponse({ type: FigureDto })
  setRole(@Param('id') id: string, @Body() { role }: RoleDto): Promise<FigureDto> {
    return this.figures.setRole(id, role);
  }

  @Put('figures/:id/chosen-look')
  @ApiOperation({ operationId: 'chooseLook' })
  @ApiOkResponse({ type: FigureDto })
  choose(@Param('id') id: string, @Query() { version }: VersionQuery, @Body() body: ChosenLookDto): Promise<FigureDto> {
    return this.alternatives.choose(id, body.look, version);
  }

  @Post('figures/:id/looks')
  @ApiOperation({ operationId: 'addLook' })
  @ApiCreatedResponse({ type: FigureDto })
  addLook(@Param('id') id: string, @Body() body: NewLookDto): Promise<FigureDto> {
    return this.alternatives.add(id, body);
  }
}
