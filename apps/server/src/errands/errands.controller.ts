import { Body, Controller, Get, Header, HttpCode, Param, Post, Put, Query, StreamableFile } from '@nestjs/common';
import { ApiAcceptedResponse, ApiBody, ApiCreatedResponse, ApiOkResponse, ApiOperation, ApiProduces, ApiTags } from '@nestjs/swagger';
import {
  CopiesDto,
  ErrandBinDto,
  ErrandDto,
  ErrandNameDto,
  ErrandRowDto,
  ErrandsQuery,
  FloorDto,
  NewErrandDto,
  StandingPlanDto,
  WholeAgainDto,
  WholeAgainQuery,
  SubstituteDto,
  TickedDto,
} from './errands.dto.js';
import { KeptErrandsService } from './keptErrands.service.js';
import { SubstitutesService } from './planning/substitutes.service.js';
import { WholeAgainService } from './wholeAgain.service.js';
import { StandingPlans } from './standingPlans.service.js';
import { ErrandsService } from './errands.service.js';
import { ErrandJobDto, PlanDto, SeriesJobDto } from './solving/index.js';
import { WantedDto, WantedService } from './wanted/index.js';

@ApiTags('errands')
@Controller('errands')
export class ErrandsController {
  constructor(
    private readonly service: ErrandsService,
    private readonly substitutesOf: SubstitutesService,
    private readonly kept: KeptErrandsService,
    private readonly wantedParts: WantedService,
    private readonly standingPlans: StandingPlans,
    private readonly wholeAgain: WholeAgainService,
  ) {}

  @Post()
  @ApiOperation({ operationId: 'planErrand' })
  @ApiCreatedResponse({ type: ErrandDto })
  create(@Body() body: NewErrandDto): Promise<ErrandDto> {
    return this.service.create(body);
  }

  @Get()
  @ApiOperation({ operationId: 'latestErrand' })
  @ApiOkResponse({ type: [ErrandDto], description: 'The newest errand of a figure or line-up, or none' })
  latest(@Query() { scope }: ErrandsQuery): ErrandDto[] {
    return this.service.latest(scope);
  }

  @Get('wanted')
  @ApiOperation({ operationId: 'readWanted' })
  @ApiOkResponse({ type: WantedDto, description: 'What the chosen looks of all figures still need, and who has it' })
  readWanted(): Promise<WantedDto> {
    return this.wantedParts.read();
  }

  @Get('standing/:lineUp')
  @ApiOperation({ operationId: 'listStandingPlans' })
  @ApiOkResponse({ type: [StandingPlanDto], description: 'The plans of a line-up and of its figures that would be made just so now' })
  listStanding(@Param('lineUp') lineUp: string): Promise<StandingPlanDto[]> {
    return this.standingPlans.of(lineUp);
  }

  @Get('whole-again')
  @ApiOperation({ operationId: 'readWholeAgain' })
  @ApiOkResponse({
    type: [WholeAgainDto],
    description: 'What whole figures cost to make whole; none where there are too many for one errand',
  })
  async readWholeAgain(@Query() { figure }: WholeAgainQuery): Promise<WholeAgainDto[]> {
    const answer = await this.wholeAgain.of(figure ?? null);
    return answer ? [answer] : [];
  }

  @Get('all')
  @ApiOperation({ operationId: 'listErrands' })
  @ApiOkResponse({ type: [ErrandRowDto], description: 'Every errand of a figure or line-up, the newest first' })
  all(@Query() { scope }: ErrandsQuery): ErrandRowDto[] {
    return this.kept.of(scope);
  }

  @Put(':id/name')
  @ApiOperation({ operationId: 'renameErrand' })
  @ApiOkResponse({ type: [ErrandRowDto] })
  rename(@Param('id') id: string, @Body() { name }: ErrandNameDto): Promise<ErrandRowDto[]> {
    return this.kept.rename(id, name ?? null);
  }

  @Put(':id/bin')
  @ApiOperation({ operationId: 'binErrand' })
  @ApiOkResponse({ type: [ErrandRowDto] })
  bin(@Param('id') id: string, @Body() { away }: ErrandBinDto): Promise<ErrandRowDto[]> {
    return this.kept.bin(id, away);
  }

  @Post('solve')
  @HttpCode(202)
  @ApiOperation({ operationId: 'solveBasket' })
  @ApiBody({ schema: { type: 'object' }, description: 'A basket problem: docs/formats/basket-problem.schema.json' })
  @ApiAcceptedResponse({ type: ErrandJobDto })
  solve(@Body() body: object): Promise<ErrandJobDto> {
    return this.service.solve(body);
  }

  @Get(':id')
  @ApiOperation({ operationId: 'readErrand' })
  @ApiOkResponse({ type: ErrandDto })
  read(@Param('id') id: string): ErrandDto {
    return this.service.errand(id);
  }

  @Put(':id/ticked')
  @ApiOperation({ operationId: 'tickErrand' })
  @ApiOkResponse({ type: ErrandDto })
  tick(@Param('id') id: string, @Body() { offers }: TickedDto): Promise<ErrandDto> {
    return this.service.tick(id, offers);
  }

  @Post(':id/copies')
  @HttpCode(202)
  @ApiOperation({ operationId: 'planCopies' })
  @ApiAcceptedResponse({ type: SeriesJobDto })
  copies(@Param('id') id: string, @Body() { most }: CopiesDto): Promise<SeriesJobDto> {
    return this.service.copies(id, most);
  }

  @Post(':id/cheaper')
  @HttpCode(202)
  @ApiOperation({ operationId: 'findCheaperVersion' })
  @ApiAcceptedResponse({ type: SeriesJobDto })
  cheaper(@Param('id') id: string, @Body() { floor }: FloorDto): Promise<SeriesJobDto> {
    return this.service.cheaper(id, floor);
  }

  @Get(':id/substitutes/:variant')
  @ApiOperation({ operationId: 'listSubstitutes' })
  @ApiOkResponse({ type: [SubstituteDto] })
  substitutes(@Param('id') id: string, @Param('variant') variant: string): SubstituteDto[] {
    return this.substitutesOf.of(id, variant);
  }

  @Get(':id/plan.json')
  @ApiOperation({ operationId: 'exportPlan' })
  @ApiOkResponse({ type: PlanDto })
  @Header('Content-Disposition', 'attachment; filename="plan.json"')
  plan(@Param('id') id: string): PlanDto {
    return this.service.plan(id);
  }

  @Get(':id/shopping-list.csv')
  @ApiOperation({ operationId: 'exportShoppingList' })
  @ApiProduces('text/csv')
  @Header('Content-Disposition', 'attachment; filename="shopping-list.csv"')
  list(@Param('id') id: string): StreamableFile {
    return new StreamableFile(Buffer.from(this.service.shoppingList(id)), { type: 'text/csv; charset=utf-8' });
  }
}
