import { Body, Controller, Param, Post, Put, Query } from '@nestjs/common';
import { ApiCreatedResponse, ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { VersionQuery } from '../../platform/http/index.js';
import { LineUpDto, LineUpNamesDto, OrderDto } from '../record/index.js';
import {
  BinnedFlagDto,
  FigureCopiesDto,
  FiguresBinDto,
  FiguresToDto,
  LineUpNameDto,
  LineUpOrderDto,
  NewLineUpDto,
} from './arranging.dto.js';
import { ArrangingService } from './arranging.service.js';

@ApiTags('figures')
@Controller()
export class ArrangingController {
  constructor(private readonly arranging: ArrangingService) {}

  @Post('line-ups')
  @ApiOperation({ operationId: 'createLineUp' })
  @ApiCreatedResponse({ type: LineUpDto })
  create(@Body() { name, copyOf, kind, isBriefsAlone }: NewLineUpDto): Promise<LineUpDto> {
    return this.arranging.create(name, { copyOf, kind, isBriefsAlone });
  }

  @Put('line-ups/order')
  @ApiOperation({ operationId: 'orderLineUps' })
  @ApiOkResponse({ type: [LineUpNamesDto] })
  orderLineUps(@Body() { lineUps }: LineUpOrderDto): Promise<LineUpNamesDto[]> {
    return this.arranging.orderLineUps(lineUps);
  }

  @Put('line-ups/:id/name')
  @ApiOperation({ operationId: 'renameLineUp' })
  @ApiOkResponse({ type: LineUpDto })
  rename(@Param('id') id: string, @Body() { name, on }: LineUpNameDto): Promise<LineUpDto> {
    return this.arranging.rename(id, name, on);
  }

  @Put('line-ups/:id/bin')
  @ApiOperation({ operationId: 'binLineUp' })
  @ApiOkResponse({ type: [LineUpNamesDto] })
  bin(@Param('id') id: string, @Body() { isAway }: BinnedFlagDto): Promise<LineUpNamesDto[]> {
    return this.arranging.bin(id, isAway);
  }

  @Put('line-ups/:id/order')
  @ApiOperation({ operationId: 'orderLineUp' })
  @ApiOkResponse({ type: LineUpDto })
  order(@Param('id') id: string, @Query() { version }: VersionQuery, @Body() body: OrderDto): Promise<LineUpDto> {
    return this.arranging.reorder(id, body.figures, version);
  }

  @Put('figures/line-up')
  @ApiOperation({ operationId: 'moveFigures' })
  @ApiOkResponse({ type: LineUpDto })
  move(@Body() { figures, lineUp }: FiguresToDto): Promise<LineUpDto> {
    return this.arranging.move(figures, lineUp);
  }

  @Post('figures/copies')
  @ApiOperation({ operationId: 'copyFigures' })
  @ApiCreatedResponse({ type: LineUpDto })
  copy(@Body() { figures, lineUp, isBriefsAlone }: FigureCopiesDto): Promise<LineUpDto> {
    return this.arranging.copy(figures, lineUp, isBriefsAlone);
  }

  @Put('figures/bin')
  @ApiOperation({ operationId: 'binFigures' })
  @ApiOkResponse({ type: LineUpDto })
  binFigures(@Body() { figures, isAway }: FiguresBinDto): Promise<LineUpDto> {
    return this.arranging.binFigures(figures, isAway);
  }
}
