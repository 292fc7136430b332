import { Body, Controller, Get, Put } from '@nestjs/common';
import { ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { OverVersion, Seen } from '../platform/http/index.js';
import { NewSettingsDto, SettingsDto } from './settings.dto.js';
import { SettingsService } from './settings.service.js';

@ApiTags('settings')
@Controller('settings')
export class SettingsController {
  constructor(private readonly service: SettingsService) {}

  @Get()
  @ApiOperation({ operationId: 'readSettings' })
  @ApiOkResponse({ type: SettingsDto })
  read(): SettingsDto {
    return this.service.now();
  }

  @Put()
  @OverVersion()
  @ApiOperation({ operationId: 'changeSettings' })
  @ApiOkResponse({ type: SettingsDto })
  change(@Seen() seen: number, @Body() body: NewSettingsDto): Promise<SettingsDto> {
    return this.service.change(seen, body);
  }
}
