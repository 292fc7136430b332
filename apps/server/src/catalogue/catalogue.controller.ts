import { Body, Controller, Get, Param, Post, Put, Query, Req, Res } from '@nestjs/common';
import { ApiCreatedResponse, ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import type { Request, Response } from 'express';
import { NumberParam, sendKept } from '../platform/http/index.js';
import { CatalogueDto, PackedCatalogueDto } from './catalogue.dto.js';
import { CatalogueService } from './catalogue.service.js';
import { CatalogueChangeDto, EntryOf, MergeDto, SavedEntryDto, SaveEntryDto } from './entries.dto.js';
import { CatalogueEditor } from './catalogueEditor.service.js';
import { SearchAnswerDto, SearchQuery, SearchService } from './search/index.js';

@ApiTags('catalogue')
@Controller('catalogue')
export class CatalogueController {
  constructor(
    private readonly service: CatalogueService,
    private readonly searches: SearchService,
    private readonly editor: CatalogueEditor,
  ) {}

  @Get()
  @ApiOperation({ operationId: 'readCatalogue' })
  @ApiOkResponse({ type: CatalogueDto })
  read(@Req() request: Request, @Res() response: Response): Promise<void> {
    return sendKept(request, response, this.service.now().data);
  }

  @Get('packed')
  @ApiOperation({ operationId: 'readPackedCatalogue' })
  @ApiOkResponse({ type: PackedCatalogueDto })
  async sendPacked(@Req() request: Request, @Res() response: Response): Promise<void> {
    await sendKept(request, response, await this.service.packNow());
  }

  @Get('search')
  @ApiOperation({ operationId: 'searchCatalogue' })
  @ApiOkResponse({ type: SearchAnswerDto })
  search(@Query() query: SearchQuery): Promise<SearchAnswerDto> {
    return this.searches.search(query);
  }

  @Put('entries/:kind/:key/bin')
  @ApiOperation({ operationId: 'binEntry' })
  @ApiOkResponse({ type: SavedEntryDto })
  bin(@Param() { kind, key }: EntryOf): Promise<SavedEntryDto> {
    return this.editor.bin(kind, key);
  }

  @Post('entries')
  @ApiOperation({ operationId: 'saveEntry' })
  @ApiCreatedResponse({ type: SavedEntryDto })
  save(@Body() { kind, row, seen }: SaveEntryDto): Promise<SavedEntryDto> {
    return this.editor.save(kind, row, seen);
  }

  @Post('merge')
  @ApiOperation({ operationId: 'mergeEntries' })
  @ApiCreatedResponse({ type: SavedEntryDto })
  merge(@Body() { kind, double, kept }: MergeDto): Promise<SavedEntryDto> {
    return this.editor.merge(kind, double, kept);
  }

  @Get('changes')
  @ApiOperation({ operationId: 'listCatalogueChanges' })
  @ApiOkResponse({ type: [CatalogueChangeDto] })
  changes(): CatalogueChangeDto[] {
    return this.editor.changes();
  }

  @Post('changes/:id/undo')
  @ApiOperation({ operationId: 'undoCatalogueChange' })
  @ApiCreatedResponse({ type: SavedEntryDto })
  undo(@Param() { id }: NumberParam): Promise<SavedEntryDto> {
    return this.editor.takeBack(id);
  }
}
