import { Body, Controller, Get, Header, HttpCode, Param, Post, Put, Query, StreamableFile } from '@nestjs/common';
import { ApiAcceptedResponse, ApiBody, ApiCreatedResponse, ApiOkResponse, ApiOperation, ApiProduces, ApiTags } from '@nestjs/swagger';
import { JobDto, PlanDto } from '../jobs/index.js';
import { CopiesDto, ErrandDto, ErrandsQuery, FloorDto, NewErrandDto, SubstituteDto, TickedDto } from './errands.dto.js';
import { ErrandsService } from './errands.service.js';

@ApiTags('errands')
@Controller('errands')
export class ErrandsController {
  constructor(private readonly service: ErrandsService) {}

  @Post()
  @ApiOperation({ operationId: 'planErrand' })
  @ApiCreatedResponse({ type: ErrandDto })
  create(@Body() body: NewErrandDto): Promise<ErrandDto> {
    return this.service.create(body);
  }

  @Get()
  @ApiOperation({ operationId: 'latestErrand' })
  @ApiOkResponse({ type: [ErrandDto], description: 'The newest errand of a figure or line-up, or none' })
  latest(@Query() { scope }: ErrandsQuery): Promise<ErrandDto[]> {
    return this.service.latest(scope);
  }

  @Post('solve')
  @HttpCode(202)
  @ApiOperation({ operationId: 'solveBasket' })
  @ApiBody({ schema: { type: 'object' }, description: 'A basket problem: docs/formats/basket-problem.schema.json' })
  @ApiAcceptedResponse({ type: JobDto })
  solve(@Body() body: object): Promise<JobDto> {
    return this.service.solve(body);
  }

  @Get(':id')
  @ApiOperation({ operationId: 'readErrand' })
  @ApiOkResponse({ type: ErrandDto })
  read(@Param('id') id: string): Promise<ErrandDto> {
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
  @ApiAcceptedResponse({ type: JobDto })
  copies(@Param('id') id: string, @Body() { most }: CopiesDto): Promise<JobDto> {
    return this.service.copies(id, most);
  }

  @Post(':id/cheaper')
  @HttpCode(202)
  @ApiOperation({ operationId: 'findCheaperVersion' })
  @ApiAcceptedResponse({ type: JobDto })
  cheaper(@Param('id') id: string, @Body() { floor }: FloorDto): Promise<JobDto> {
    return this.service.cheaper(id, floor);
  }

  @Get(':id/substitutes/:variant')
  @ApiOperation({ operationId: 'listSubstitutes' })
  @ApiOkResponse({ type: [SubstituteDto] })
  substitutes(@Param('id') id: string, @Param('variant') variant: string): Promise<SubstituteDto[]> {
    return this.service.substitutes(id, variant);
  }

  @Get(':id/plan.json')
  @ApiOperation({ operationId: 'exportPlan' })
  @ApiOkResponse({ type: PlanDto })
  @Header('Content-Disposition', 'attachment; filename="plan.json"')
  plan(@Param('id') id: string): Promise<PlanDto> {
    return this.service.plan(id);
  }

  @Get(':id/shopping-list.csv')
  @ApiOperation({ operationId: 'exportShoppingList' })
  @ApiProduces('text/csv')
  @Header('Content-Disposition', 'attachment; filename="shopping-list.csv"')
  async list(@Param('id') id: string): Promise<StreamableFile> {
    return new StreamableFile(Buffer.from(await this.service.shoppingList(id)), { type: 'text/csv; charset=utf-8' });
  }
}
