import { Controller, Delete, Get, Param, Post } from '@nestjs/common';
import { ApiCreatedResponse, ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { BinnedDto, BinnedOf } from './bin.dto.js';
import { BinService } from './bin.service.js';

@ApiTags('bin')
@Controller('bin')
export class BinController {
  constructor(private readonly bin: BinService) {}

  @Get()
  @ApiOperation({ operationId: 'listBin' })
  @ApiOkResponse({ type: [BinnedDto] })
  list(): BinnedDto[] {
    return this.bin.list();
  }

  @Post(':kind/:id/back')
  @ApiOperation({ operationId: 'bringBack' })
  @ApiCreatedResponse({ type: [BinnedDto] })
  bringBack(@Param() { kind, id }: BinnedOf): Promise<BinnedDto[]> {
    return this.bin.bringBack(kind, id);
  }

  @Delete(':kind/:id')
  @ApiOperation({ operationId: 'throwAway' })
  @ApiOkResponse({ type: [BinnedDto] })
  throwAway(@Param() { kind, id }: BinnedOf): Promise<BinnedDto[]> {
    return this.bin.throwAway(kind, id);
  }

  @Delete()
  @ApiOperation({ operationId: 'emptyBin' })
  @ApiOkResponse({ type: [BinnedDto] })
  empty(): Promise<BinnedDto[]> {
    return this.bin.empty();
  }
}
