import { Body, Controller, Get, Header, Param, Post, Put } from '@nestjs/common';
import { ApiCreatedResponse, ApiOkResponse, ApiOperation, ApiProduces, ApiTags } from '@nestjs/swagger';
import { calendarOf } from './calendar.js';
import { ClaimDto, EndDto, NewParcelDto, PlaceOrdersDto, ParcelChangeDto, OrderedParcelDto, ReceiveDto, SpentDto } from './parcels.dto.js';
import { ParcelsService } from './parcels.service.js';

@ApiTags('parcels')
@Controller('parcels')
export class ParcelsController {
  constructor(private readonly service: ParcelsService) {}

  @Get()
  @ApiOperation({ operationId: 'listParcels' })
  @ApiOkResponse({ type: [OrderedParcelDto] })
  list(): OrderedParcelDto[] {
    return this.service.list();
  }

  @Get('spent')
  @ApiOperation({ operationId: 'readSpent' })
  @ApiOkResponse({ type: SpentDto })
  spent(): SpentDto {
    return this.service.spent();
  }

  @Get('calendar.ics')
  @ApiOperation({ operationId: 'readParcelCalendar' })
  @ApiProduces('text/calendar')
  @Header('Content-Type', 'text/calendar; charset=utf-8')
  calendar(): string {
    return calendarOf(this.service.list());
  }

  @Post('orders')
  @ApiOperation({ operationId: 'placeOrders' })
  @ApiCreatedResponse({ type: [OrderedParcelDto] })
  order(@Body() body: PlaceOrdersDto): Promise<OrderedParcelDto[]> {
    return this.service.order(body);
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
    return this.service.claim(id, body);
  }

  @Post(':id/end')
  @ApiOperation({ operationId: 'endParcel' })
  @ApiCreatedResponse({ type: [OrderedParcelDto] })
  end(@Param('id') id: string, @Body() body: EndDto): Promise<OrderedParcelDto[]> {
    return this.service.end(id, body);
  }
}
