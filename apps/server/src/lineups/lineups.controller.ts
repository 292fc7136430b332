import { Body, Controller, Get, Param, Post, Put, Query } from '@nestjs/common';
import { ApiBody, ApiConsumes, ApiCreatedResponse, ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { LineUpDto } from '../figures/index.js';
import { bytesOf, VersionQuery } from '../platform/http/index.js';
import { AgreementQuery, ImportReportDto } from '../platform/importing/index.js';
import { ChoicesService } from './choices.service.js';
import { ChoicesDto, EnrolDto, FreeDto, NewChoiceDto, NewPlanDto, NewUniformDto, VariationsDto } from './lineups.dto.js';
import { LineUpsService } from './lineups.service.js';
import { VariationsService } from './variations.service.js';

@ApiTags('line-ups')
@Controller('line-ups/:id')
export class LineUpsController {
  constructor(
    private readonly lineUps: LineUpsService,
    private readonly variations: VariationsService,
    private readonly choices: ChoicesService,
  ) {}

  @Put('plan')
  @ApiOperation({ operationId: 'savePlan' })
  @ApiOkResponse({ type: LineUpDto })
  savePlan(@Param('id') id: string, @Query() { version }: VersionQuery, @Body() { plan, label }: NewPlanDto): Promise<LineUpDto> {
    return this.lineUps.savePlan(id, plan, label, version);
  }

  @Put('uniform')
  @ApiOperation({ operationId: 'changeUniform' })
  @ApiOkResponse({ type: LineUpDto })
  changeUniform(@Param('id') id: string, @Body() { uniform, reaches }: NewUniformDto): Promise<LineUpDto> {
    return this.lineUps.changeUniform(id, uniform, reaches);
  }

  @Put('members')
  @ApiOperation({ operationId: 'enrolFigures' })
  @ApiOkResponse({ type: LineUpDto })
  enrol(@Param('id') id: string, @Body() body: EnrolDto): Promise<LineUpDto> {
    return this.lineUps.enrol(id, body);
  }

  @Put('free')
  @ApiOperation({ operationId: 'setFree' })
  @ApiOkResponse({ type: LineUpDto })
  setFree(@Param('id') id: string, @Body() body: FreeDto): Promise<LineUpDto> {
    return this.lineUps.setFree(id, body);
  }

  @Put('variations')
  @ApiOperation({ operationId: 'varyCopies' })
  @ApiOkResponse({ type: LineUpDto })
  vary(@Param('id') id: string, @Body() { figure, variations }: VariationsDto): Promise<LineUpDto> {
    return this.variations.vary(id, figure, variations);
  }

  @Get('choices')
  @ApiOperation({ operationId: 'listChoices' })
  @ApiOkResponse({ type: ChoicesDto })
  listChoices(@Param('id') id: string): ChoicesDto {
    return { choices: this.choices.list(id) };
  }

  @Post('choices')
  @ApiOperation({ operationId: 'choosePair' })
  @ApiCreatedResponse({ type: ChoicesDto })
  async choose(@Param('id') id: string, @Body() body: NewChoiceDto): Promise<ChoicesDto> {
    return { choices: await this.choices.add(id, body) };
  }

  @Post('choices/import')
  @ApiOperation({ operationId: 'importChoices' })
  @ApiConsumes('text/csv')
  @ApiBody({ schema: { type: 'string', format: 'binary' } })
  @ApiCreatedResponse({ type: ImportReportDto })
  importChoices(@Param('id') id: string, @Body() body: unknown, @Query() { agree }: AgreementQuery): Promise<ImportReportDto> {
    return this.choices.take(id, bytesOf(body), agree ?? null);
  }
}
