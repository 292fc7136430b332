import { Controller, Get, Param } from '@nestjs/common';
import { ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { LeastCopiesDto, SortOutDto } from './sorting.dto.js';
import { SortingService } from './sorting.service.js';

@ApiTags('wardrobe')
@Controller('wardrobe')
export class SortingController {
  constructor(private readonly sorting: SortingService) {}

  @Get('sort-out')
  @ApiOperation({ operationId: 'readSortOut' })
  @ApiOkResponse({ type: SortOutDto })
  sortOut(): Promise<SortOutDto> {
    return this.sorting.sortOut();
  }

  @Get('least-copies/:lineUp')
  @ApiOperation({ operationId: 'readLeastCopies' })
  @ApiOkResponse({ type: LeastCopiesDto })
  leastCopies(@Param('lineUp') lineUp: string): Promise<LeastCopiesDto> {
    return this.sorting.leastCopies(lineUp);
  }
}
