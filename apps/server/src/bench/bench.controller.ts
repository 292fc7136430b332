import { Body, Controller, Delete, Get, Param, ParseIntPipe, Post, Put, Query } from '@nestjs/common';
import { ApiCreatedResponse, ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import {
  BeginDto,
  BenchOverviewDto,
  BenchSessionDto,
  ClosingDto,
  EndSessionDto,
  InsteadChoiceDto,
  SessionNoteDto,
  SessionPieceQuery,
  SessionSummaryDto,
  ToDoDto,
  TroubleReportDto,
} from './bench.dto.js';
import { BenchService } from './bench.service.js';
import { ClosingsService } from './closings.service.js';
import { ToDoService } from './toDo.service.js';
import { TroublesService } from './troubles.service.js';
import { BenchViews } from './views.service.js';

@ApiTags('bench')
@Controller('bench')
export class BenchController {
  constructor(
    private readonly service: BenchService,
    private readonly views: BenchViews,
    private readonly troubles: TroublesService,
    private readonly closings: ClosingsService,
    private readonly toDoService: ToDoService,
  ) {}

  @Get()
  @ApiOperation({ operationId: 'readBench' })
  @ApiOkResponse({ type: BenchOverviewDto })
  overview(): Promise<BenchOverviewDto> {
    return this.views.overview();
  }

  @Post()
  @ApiOperation({ operationId: 'beginSession' })
  @ApiCreatedResponse({ type: BenchSessionDto })
  begin(@Body() body: BeginDto): Promise<BenchSessionDto> {
    return this.service.begin(body);
  }

  @Get('open')
  @ApiOperation({ operationId: 'listOpenSessions' })
  @ApiOkResponse({ type: [SessionSummaryDto] })
  open(): SessionSummaryDto[] {
    return this.views.open();
  }

  @Get('to-do')
  @ApiOperation({ operationId: 'readToDo' })
  @ApiOkResponse({ type: ToDoDto })
  todo(): Promise<ToDoDto> {
    return this.toDoService.toDo();
  }

  @Get('figures/:figure')
  @ApiOperation({ operationId: 'readBenchHistory' })
  @ApiOkResponse({ type: [BenchSessionDto] })
  ofFigure(@Param('figure') figure: string): BenchSessionDto[] {
    return this.views.ofFigure(figure);
  }

  @Get(':id')
  @ApiOperation({ operationId: 'readSession' })
  @ApiOkResponse({ type: BenchSessionDto })
  session(@Param('id') id: string): BenchSessionDto {
    return this.service.session(id);
  }

  @Post(':id/steps/:step')
  @ApiOperation({ operationId: 'tickStep' })
  @ApiCreatedResponse({ type: BenchSessionDto })
  tick(@Param('id') id: string, @Param('step', ParseIntPipe) step: number): Promise<BenchSessionDto> {
    return this.service.tick(id, step);
  }

  @Delete(':id/steps/:step')
  @ApiOperation({ operationId: 'untickStep' })
  @ApiOkResponse({ type: BenchSessionDto })
  untick(@Param('id') id: string, @Param('step', ParseIntPipe) step: number): Promise<BenchSessionDto> {
    return this.service.untick(id, step);
  }

  @Get(':id/instead')
  @ApiOperation({ operationId: 'listInstead' })
  @ApiOkResponse({ type: [InsteadChoiceDto] })
  instead(@Param('id') id: string, @Query() { piece }: SessionPieceQuery): Promise<InsteadChoiceDto[]> {
    return this.troubles.instead(id, piece);
  }

  @Get(':id/closings')
  @ApiOperation({ operationId: 'listClosings' })
  @ApiOkResponse({ type: [ClosingDto] })
  closingsOf(@Param('id') id: string): Promise<ClosingDto[]> {
    return this.closings.of(id);
  }

  @Post(':id/troubles')
  @ApiOperation({ operationId: 'reportTrouble' })
  @ApiCreatedResponse({ type: BenchSessionDto })
  report(@Param('id') id: string, @Body() body: TroubleReportDto): Promise<BenchSessionDto> {
    return this.troubles.report(id, body);
  }

  @Put(':id/note')
  @ApiOperation({ operationId: 'noteSession' })
  @ApiOkResponse({ type: BenchSessionDto })
  note(@Param('id') id: string, @Body() body: SessionNoteDto): Promise<BenchSessionDto> {
    return this.service.note(id, body);
  }

  @Post(':id/end')
  @ApiOperation({ operationId: 'endSession' })
  @ApiCreatedResponse({ type: BenchSessionDto })
  end(@Param('id') id: string, @Body() body: EndSessionDto): Promise<BenchSessionDto> {
    return this.service.end(id, body);
  }
}
