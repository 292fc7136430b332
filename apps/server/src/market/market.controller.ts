import { Body, Controller, Delete, Get, Param, ParseIntPipe, Post, Query } from '@nestjs/common';
import { ApiBody, ApiConsumes, ApiCreatedResponse, ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { bytesOf } from '../common/csvBody.js';
import { AgreementQuery, ImportReportDto } from '../common/importReport.dto.js';
import { AdvanceService } from './advance.service.js';
import {
  AdvancedDto,
  AdvanceDto,
  ClockDto,
  ItemParams,
  ItemPricesDto,
  ItemPricesQuery,
  NewWatchDto,
  OfferDto,
  OfferImportDto,
  OffersQuery,
  PricesDto,
  SellerDto,
  WatchesDto,
} from './market.dto.js';
import { MarketService } from './market.service.js';
import { OfferImportService } from './offerImport.service.js';
import { PricesService } from './prices.service.js';
import { TermsImportService } from './termsImport.service.js';
import { watchOf } from './watchOf.js';
import { WatchesService } from './watches.service.js';

@ApiTags('market')
@Controller('market')
export class MarketController {
  constructor(
    private readonly market: MarketService,
    private readonly itemPrices: PricesService,
    private readonly feeds: OfferImportService,
    private readonly clocks: AdvanceService,
    private readonly terms: TermsImportService,
    private readonly watching: WatchesService,
  ) {}

  @Get('sellers')
  @ApiOperation({ operationId: 'listSellers' })
  @ApiOkResponse({ type: [SellerDto] })
  sellers(): Promise<SellerDto[]> {
    return this.market.sellers();
  }

  @Get('offers')
  @ApiOperation({ operationId: 'listOffers' })
  @ApiOkResponse({ type: [OfferDto] })
  offers(@Query() query: OffersQuery): Promise<OfferDto[]> {
    return this.market.offers(query);
  }

  @Get('prices')
  @ApiOperation({ operationId: 'readPrices' })
  @ApiOkResponse({ type: PricesDto })
  prices(): Promise<PricesDto> {
    return this.market.prices();
  }

  @Get('prices/:kind/:id')
  @ApiOperation({ operationId: 'readItemPrices' })
  @ApiOkResponse({ type: ItemPricesDto })
  item(@Param() item: ItemParams, @Query() query: ItemPricesQuery): Promise<ItemPricesDto> {
    return this.itemPrices.item(item, query);
  }

  @Post('import')
  @ApiOperation({ operationId: 'importOffers' })
  @ApiConsumes('text/csv')
  @ApiBody({ schema: { type: 'string', format: 'binary' } })
  @ApiCreatedResponse({ type: OfferImportDto })
  import(@Body() body: unknown, @Query() { agree }: AgreementQuery): Promise<OfferImportDto> {
    return this.feeds.import(bytesOf(body), agree ?? null);
  }

  @Post('import/sellers')
  @ApiOperation({ operationId: 'importSellers' })
  @ApiConsumes('text/csv')
  @ApiBody({ schema: { type: 'string', format: 'binary' } })
  @ApiCreatedResponse({ type: ImportReportDto })
  importSellers(@Body() body: unknown, @Query() { agree }: AgreementQuery): Promise<ImportReportDto> {
    return this.terms.sellers(bytesOf(body), agree ?? null);
  }

  @Post('import/rates')
  @ApiOperation({ operationId: 'importRates' })
  @ApiConsumes('text/csv')
  @ApiBody({ schema: { type: 'string', format: 'binary' } })
  @ApiCreatedResponse({ type: ImportReportDto })
  importRates(@Body() body: unknown, @Query() { agree }: AgreementQuery): Promise<ImportReportDto> {
    return this.terms.rates(bytesOf(body), agree ?? null);
  }

  @Get('clock')
  @ApiOperation({ operationId: 'readMarketClock' })
  @ApiOkResponse({ type: ClockDto })
  clock(): Promise<ClockDto> {
    return this.clocks.clock();
  }

  @Post('clock/advance')
  @ApiOperation({ operationId: 'advanceMarket' })
  @ApiCreatedResponse({ type: AdvancedDto })
  advance(@Body() { days }: AdvanceDto): Promise<AdvancedDto> {
    return this.clocks.advance(days);
  }

  @Get('watches')
  @ApiOperation({ operationId: 'listWatches' })
  @ApiOkResponse({ type: WatchesDto })
  watches(): Promise<WatchesDto> {
    return this.watching.list();
  }

  @Post('watches')
  @ApiOperation({ operationId: 'addWatch' })
  @ApiCreatedResponse({ type: WatchesDto })
  watch(@Body() body: NewWatchDto): Promise<WatchesDto> {
    return this.watching.add(watchOf(body));
  }

  @Delete('watches/:id')
  @ApiOperation({ operationId: 'endWatch' })
  @ApiOkResponse({ type: WatchesDto })
  endWatch(@Param('id', ParseIntPipe) id: number): Promise<WatchesDto> {
    return this.watching.end(id);
  }

  @Post('watches/notices/:id/put-away')
  @ApiOperation({ operationId: 'putAwayWatchNotice' })
  @ApiCreatedResponse({ type: WatchesDto })
  putAway(@Param('id', ParseIntPipe) id: number): Promise<WatchesDto> {
    return this.watching.putAway(id);
  }
}
