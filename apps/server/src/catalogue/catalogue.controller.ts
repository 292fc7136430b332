import { Body, Controller, Get, Param, ParseIntPipe, Post, Query } from '@nestjs/common';
import { ApiCreatedResponse, ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { CatalogueDto } from './catalogue.dto.js';
import { CatalogueService } from './catalogue.service.js';
import { CatalogueChangeDto, MergeDto, SavedEntryDto, SaveEntryDto } from './entries.dto.js';
import { EntriesService } from './entries.service.js';
import { SearchAnswerDto, SearchQuery } from './search.dto.js';
import { SearchService } from './search.service.js';

@ApiTags('catalogue')
@Controller('catalogue')
export class CatalogueController {
  constructor(
    private readonly service: CatalogueService,
    private readonly searches: SearchService,
    private readonly entries: EntriesService,
  ) {}

  @Get()
  @ApiOperation({ operationId: 'readCatalogue' })
  @ApiOkResponse({ type: CatalogueDto })
  async read(): Promise<CatalogueDto> {
    return (await this.service.catalogue()).data as CatalogueDto;
  }

  @Get('search')
  @ApiOperation({ operationId: 'searchCatalogue' })
  @ApiOkResponse({ type: SearchAnswerDto })
  search(@Query() query: SearchQuery): Promise<SearchAnswerDto> {
    return this.searches.search(query);
  }

  @Post('entries')
  @ApiOperation({ operationId: 'saveEntry' })
  @ApiCreatedResponse({ type: SavedEntryDto })
  save(@Body() { kind, row }: SaveEntryDto): Promise<SavedEntryDto> {
    return this.entries.save(kind, row);
  }

  @Post('merge')
  @ApiOperation({ operationId: 'mergeEntries' })
  @ApiCreatedResponse({ type: SavedEntryDto })
  merge(@Body() { kind, double, kept }: MergeDto): Promise<SavedEntryDto> {
    return this.entries.merge(kind, double, kept);
  }

  @Get('changes')
  @ApiOperation({ operationId: 'listCatalogueChanges' })
  @ApiOkResponse({ type: [CatalogueChangeDto] })
  changes(): CatalogueChangeDto[] {
    return this.entries.changes();
  }

  @Post('changes/:id/undo')
  @ApiOperation({ operationId: 'undoCatalogueChange' })
  @ApiCreatedResponse({ type: SavedEntryDto })
  undo(@Param('id', ParseIntPipe) id: number): Promise<SavedEntryDto> {
    return this.entries.undo(id);
  }
}
