import { Body, Controller, Post } from '@nestjs/common';
import { ApiCreatedResponse, ApiOperation, ApiProperty, ApiTags } from '@nestjs/swagger';
import { OneOf } from '../platform/http/index.js';
import { BeginningService } from './beginning.service.js';

const WITH = ['basics'] as const;

export class BeginWithDto {
  @OneOf('With', WITH, { description: 'The starter kit' }) with: (typeof WITH)[number];
}

export class BegunDto {
  @ApiProperty() moulds: number;
  @ApiProperty() colours: number;
}

@ApiTags('catalogue')
@Controller('beginning')
export class BeginningController {
  constructor(private readonly beginning: BeginningService) {}

  @Post()
  @ApiOperation({ operationId: 'beginWith' })
  @ApiCreatedResponse({ type: BegunDto })
  begin(@Body() _: BeginWithDto): Promise<BegunDto> {
    return this.beginning.withBasics();
  }
}
