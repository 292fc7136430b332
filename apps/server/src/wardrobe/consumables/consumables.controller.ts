import { Body, Controller, Delete, Get, Param, Post } from '@nestjs/common';
import { ApiCreatedResponse, ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { ConsumableDto, NewConsumableDto, UsedDto } from './consumables.dto.js';
import { ConsumablesService } from './consumables.service.js';

@ApiTags('wardrobe')
@Controller('wardrobe/consumables')
export class ConsumablesController {
  constructor(private readonly service: ConsumablesService) {}

  @Get()
  @ApiOperation({ operationId: 'listConsumables' })
  @ApiOkResponse({ type: [ConsumableDto] })
  list(): ConsumableDto[] {
    return this.service.list();
  }

  @Post()
  @ApiOperation({ operationId: 'addConsumable' })
  @ApiCreatedResponse({ type: [ConsumableDto] })
  add(@Body() body: NewConsumableDto): Promise<ConsumableDto[]> {
    return this.service.add(body);
  }

  @Post(':id/used')
  @ApiOperation({ operationId: 'useConsumable' })
  @ApiCreatedResponse({ type: [ConsumableDto] })
  use(@Param('id') id: string, @Body() body: UsedDto): Promise<ConsumableDto[]> {
    return this.service.use(id, body);
  }

  @Delete(':id')
  @ApiOperation({ operationId: 'removeConsumable' })
  @ApiOkResponse({ type: [ConsumableDto] })
  remove(@Param('id') id: string): Promise<ConsumableDto[]> {
    return this.service.remove(id);
  }
}
