import { Body, Controller, Delete, Get, Param, Post, Query } from '@nestjs/common';
import { ApiBody, ApiConsumes, ApiCreatedResponse, ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { PICTURE_TYPES } from '../../platform/files/index.js';
import { StackedNameQuery, StackedPhotographDto } from './stack.dto.js';
import { StackService } from './stack.service.js';

@ApiTags('catalogue')
@Controller('catalogue/stack')
export class StackController {
  constructor(private readonly stack: StackService) {}

  @Get()
  @ApiOperation({ operationId: 'listStack' })
  @ApiOkResponse({ type: [StackedPhotographDto] })
  list(): StackedPhotographDto[] {
    return this.stack.list();
  }

  @Post()
  @ApiOperation({ operationId: 'stackPhotograph' })
  @ApiConsumes(...PICTURE_TYPES)
  @ApiBody({ schema: { type: 'string', format: 'binary' } })
  @ApiCreatedResponse({ type: [StackedPhotographDto] })
  add(@Query() { name }: StackedNameQuery, @Body() body: unknown): Promise<StackedPhotographDto[]> {
    return this.stack.add(name, body);
  }

  @Delete(':id')
  @ApiOperation({ operationId: 'takeOffStack' })
  @ApiOkResponse({ type: [StackedPhotographDto] })
  takeOff(@Param('id') id: string): Promise<StackedPhotographDto[]> {
    return this.stack.takeOff(id);
  }
}
