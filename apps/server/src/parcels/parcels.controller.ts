import { Body, Controller, Get, Header, Param, ParseIntPipe, Post, Put } from '@nestjs/common';
import { ApiCreatedResponse, ApiOkResponse, ApiOperation, ApiProduces, ApiTags } from '@nestjs/swagger';
import { ClaimsService } from './settling/claims.service.js';
import { calendarOf } from './calendar.js';
import {
  ClaimDto,
  DeadlineDto,
  FigureRealCostDto,
  EndDto,
  NewParcelDto,
  PlaceOrdersDto,
  ParcelChangeDto,
  OrderedParcelDto,
  ReceiveDto,
  ServingParcelDto,
  SettleDto,
  SpentDto,
} from './parcels.dto.js';
import { CostsService } from './settling/costs.service.js';
import { OrdersService } from './ordering/orders.service.js';
import { ParcelsService } from './parcels.service.js';

@ApiTags('parcels')
@Controller('parcels')
export class ParcelsController {
  constructor(
    private readonly service: ParcelsService,
    private readonly claims: ClaimsService,
    private readonly orders: OrdersService,
    private readonly costsService: CostsService,
  ) {}

  @Get()
  @ApiOperation({ operationId: 'listParcels' })
  @ApiOkResponse({ type: [OrderedParcelDto] })
  list(): OrderedParcelDto[] {
    return this.service.list();
  }

  @Get('spent')
  @ApiOperation({ operationId: 'readSpent' })
  @ApiOkResponse({ type: SpentDto })
  readSpent(): SpentDto {
    return this.service.spentByMonth();
  }

  @Get('calendar.ics')
  @ApiOperation({ operationId: 'readParcelCalendar' })
  @ApiProduces('text/calendar')
  @Header('Content-Type', 'text/calendar; charset=utf-8')
  async calendar(): Promise<string> {
    return calendarOf(this.service.list(), await this.service.deadlines());
  }

  @Get('costs')
  @ApiOperation({ operationId: 'listRealCosts' })
  @ApiOkResponse({ type: [FigureRealCostDto] })
  costs(): Promise<FigureRealCostDto[]> {
    return this.costsService.costs();
  }

  @Get('deadlines')
  @ApiOperation({ operationId: 'listDeadlines' })
  @ApiOkResponse({ type: [DeadlineDto] })
  deadlines(): Promise<DeadlineDto[]> {
    return this.service.deadlines();
  }

  @Get('serving/:figure')
  @ApiOperation({ operationId: 'listServingParcels' })
  @ApiOkResponse({ type: [ServingParcelDto] })
  listServing(@Param('figure') figure: string): Promise<ServingParcelDto[]> {
    return this.service.parcelsFor(figure);
  }

  @Post('orders')
  @ApiOperation({ operationId: 'placeOrders' })
  @ApiCreatedResponse({ type: [OrderedParcelDto] })
  order(@Body() body: PlaceOrdersDto): Promise<OrderedParcelDto[]> {
    return this.orders.order(body);
  }

  @Post()
  @ApiOperation({ operationId: 'addParcel' })
  @ApiCreatedResponse({ type: [OrderedParcelDto] })
  add(@Body() body: NewParcelDto): Promise<OrderedParcelDto[]> {
    return this.service.add(body);
  }

  @Put(':id')
  @ApiOperation({ operationId: 'changeParcel' })
  @ApiOkResponse({ type: [OrderedParcelDto] })
  change(@Param('id') id: string, @Body() body: ParcelChangeDto): Promise<OrderedParcelDto[]> {
    return this.service.change(id, body);
  }

  @Post(':id/received')
  @ApiOperation({ operationId: 'receiveParcel' })
  @ApiCreatedResponse({ type: [OrderedParcelDto] })
  receive(@Param('id') id: string, @Body() body: ReceiveDto): Promise<OrderedParcelDto[]> {
    return this.service.receive(id, body);
  }

  @Post(':id/claims')
  @ApiOperation({ operationId: 'claimParcel' })
  @ApiCreatedResponse({ type: [OrderedParcelDto] })
  claim(@Param('id') id: string, @Body() body: ClaimDto): Promise<OrderedParcelDto[]> {
    return this.claims.claim(id, body);
  }

  @Put(':id/claims/:claim')
  @ApiOperation({ operationId: 'settleClaim' })
  @ApiOkResponse({ type: [OrderedParcelDto] })
  settle(@Param('id') id: string, @Param('claim', ParseIntPipe) claim: number, @Body() body: SettleDto): Promise<OrderedParcelDto[]> {
    return this.claims.settle(id, claim, body);
  }

  @Post(':id/end')
  @ApiOperation({ operationId: 'endParcel' })
  @ApiCreatedResponse({ type: [OrderedParcelDto] })
  end(@Param('id') id: string, @Body() body: EndDto): Promise<OrderedParcelDto[]> {
    return this.service.end(id, body);
  }
}
