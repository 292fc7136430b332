import { Body, Controller, Get, Header, HttpCode, Param, Post, Query, StreamableFile } from '@nestjs/common';
import { ApiAcceptedResponse, ApiBody, ApiCreatedResponse, ApiOkResponse, ApiOperation, ApiProduces, ApiTags } from '@nestjs/swagger';
import { JobDto, PlanDto } from '../jobs/index.js';
import { ErrandDto, ErrandsQuery, NewErrandDto } from './errands.dto.js';
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
  @ApiOkResponse({ type: [ErrandDto], description: 'The newest errand of a figure, or none' })
  latest(@Query() { figure }: ErrandsQuery): Promise<ErrandDto[]> {
    return this.service.latest(figure);
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
