import { Body, Controller, Get, Param, Post, Put, Query } from '@nestjs/common';
import { ApiBody, ApiConsumes, ApiCreatedResponse, ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { bytesOf, VersionQuery } from '../platform/http/index.js';
import { ImportReportDto } from '../platform/importing/index.js';
import { EveningService } from './evening.service.js';
import { AwayDto, IdeasDto, NewIdeaDto, NewOwedDto, PollQuery, PromoteDto } from './ideas.dto.js';
import { IdeasService } from './ideas.service.js';

@ApiTags('ideas')
@Controller('ideas')
export class IdeasController {
  constructor(
    private readonly service: IdeasService,
    private readonly evening: EveningService,
  ) {}

  @Get()
  @ApiOperation({ operationId: 'readIdeas' })
  @ApiOkResponse({ type: IdeasDto })
  read(): Promise<IdeasDto> {
    return this.evening.page();
  }

  @Post()
  @ApiOperation({ operationId: 'addIdea' })
  @ApiCreatedResponse({ type: IdeasDto })
  async add(@Body() body: NewIdeaDto): Promise<IdeasDto> {
    await this.service.addIdea(body);
    return this.evening.page();
  }

  @Put(':id')
  @ApiOperation({ operationId: 'changeIdea' })
  @ApiOkResponse({ type: IdeasDto })
  async change(@Param('id') id: string, @Query() { version }: VersionQuery, @Body() body: NewIdeaDto): Promise<IdeasDto> {
    await this.service.changeIdea(id, body, version);
    return this.evening.page();
  }

  @Put(':id/away')
  @ApiOperation({ operationId: 'putIdeaAway' })
  @ApiOkResponse({ type: IdeasDto })
  async putAway(@Param('id') id: string, @Body() { isAway }: AwayDto): Promise<IdeasDto> {
    await this.service.putAway('idea', id, isAway);
    return this.evening.page();
  }

  @Post(':id/promotion')
  @ApiOperation({ operationId: 'promoteIdea' })
  @ApiCreatedResponse({ type: IdeasDto })
  async promote(@Param('id') id: string, @Body() { lineUp }: PromoteDto): Promise<IdeasDto> {
    await this.service.promote(id, lineUp);
    return this.evening.page();
  }

  @Post('polls/import')
  @ApiOperation({ operationId: 'importPoll' })
  @ApiConsumes('text/csv')
  @ApiBody({ schema: { type: 'string', format: 'binary' } })
  @ApiCreatedResponse({ type: ImportReportDto })
  poll(@Body() body: unknown, @Query() { poll, agree }: PollQuery): Promise<ImportReportDto> {
    return this.service.takePoll(poll, bytesOf(body), agree ?? null);
  }

  @Post('owed')
  @ApiOperation({ operationId: 'addOwed' })
  @ApiCreatedResponse({ type: IdeasDto })
  async addOwed(@Body() body: NewOwedDto): Promise<IdeasDto> {
    await this.service.addOwed(body);
    return this.evening.page();
  }

  @Put('owed/:id')
  @ApiOperation({ operationId: 'changeOwed' })
  @ApiOkResponse({ type: IdeasDto })
  async changeOwed(@Param('id') id: string, @Query() { version }: VersionQuery, @Body() body: NewOwedDto): Promise<IdeasDto> {
    await this.service.changeOwed(id, body, version);
    return this.evening.page();
  }

  @Put('owed/:id/away')
  @ApiOperation({ operationId: 'putOwedAway' })
  @ApiOkResponse({ type: IdeasDto })
  async putOwedAway(@Param('id') id: string, @Body() { isAway }: AwayDto): Promise<IdeasDto> {
    await this.service.putAway('owed', id, isAway);
    return this.evening.page();
  }
}
