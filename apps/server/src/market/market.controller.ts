import { Body, Controller, Delete, Get, Param, Post, Query, Req, Res } from '@nestjs/common';
import { ApiBody, ApiConsumes, ApiCreatedResponse, ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import type { Request, Response } from 'express';
import { bytesOf, NumberParam, sendKept } from '../platform/http/index.js';
import { AgreementQuery, ImportReportDto } from '../platform/importing/index.js';
import { AdvanceService } from './days/index.js';
import { OffersFilesService } from './files/index.js';
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
  SellerOffersDto,
  SellerOffersQuery,
  WatchesDto,
} from './market.dto.js';
import { MarketService } from './market.service.js';
import { LowestService, PricesService, SellerOffersService, wholePrices, WholePricesDto, WholePricesQuery } from './prices/index.js';
import { WatchesService, watchOf } from './watches/index.js';

@ApiTags('market')
@Controller('market')
export class MarketController {
  constructor(
    private readonly market: MarketService,
    private readonly lowest: LowestService,
    private readonly itemPrices: PricesService,
    private readonly sellersOffers: SellerOffersService,
    private readonly files: OffersFilesService,
    private readonly clocks: AdvanceService,
    private readonly watching: WatchesService,
  ) {}

  @Get('sellers')
  @ApiOperation({ operationId: 'listSellers' })
  @ApiOkResponse({ type: [SellerDto] })
  sellers(): SellerDto[] {
    return this.market.sellers();
  }

  @Get('sellers/:seller/offers')
  @ApiOperation({ operationId: 'listSellerOffers' })
  @ApiOkResponse({ type: SellerOffersDto })
  sellerOffers(@Param('seller') seller: string, @Query() query: SellerOffersQuery): Promise<SellerOffersDto> {
    return this.sellersOffers.page(seller, query);
  }

  @Get('offers')
  @ApiOperation({ operationId: 'listOffers' })
  @ApiOkResponse({ type: [OfferDto] })
  offers(@Query() query: OffersQuery): OfferDto[] {
    return this.market.offers(query);
  }

  @Get('prices')
  @ApiOperation({ operationId: 'readPrices' })
  @ApiOkResponse({ type: PricesDto })
  async prices(@Req() request: Request, @Res() response: Response): Promise<void> {
    this.clocks.keepLowest();
    await sendKept(request, response, await this.lowest.now());
  }

  @Get('whole-figures')
  @ApiOperation({ operationId: 'readWholePrices' })
  @ApiOkResponse({ type: WholePricesDto })
  wholeFigures(@Query() { figures }: WholePricesQuery): WholePricesDto {
    return wholePrices(figures, this.market);
  }

  @Get('prices/:kind/:id')
  @ApiOperation({ operationId: 'readItemPrices' })
  @ApiOkResponse({ type: ItemPricesDto })
  item(@Param() item: ItemParams, @Query() query: ItemPricesQuery): ItemPricesDto {
    return this.itemPrices.item(item, query);
  }

  @Post('import')
  @ApiOperation({ operationId: 'importOffers' })
  @ApiConsumes('text/csv')
  @ApiBody({ schema: { type: 'string', format: 'binary' } })
  @ApiCreatedResponse({ type: OfferImportDto })
  import(@Body() body: unknown, @Query() { agree }: AgreementQuery): Promise<OfferImportDto> {
    return this.files.offers(bytesOf(body), agree ?? null);
  }

  @Post('import/sellers')
  @ApiOperation({ operationId: 'importSellers' })
  @ApiConsumes('text/csv')
  @ApiBody({ schema: { type: 'string', format: 'binary' } })
  @ApiCreatedResponse({ type: ImportReportDto })
  importSellers(@Body() body: unknown, @Query() { agree }: AgreementQuery): Promise<ImportReportDto> {
    return this.files.sellers(bytesOf(body), agree ?? null);
  }

  @Post('import/rates')
  @ApiOperation({ operationId: 'importRates' })
  @ApiConsumes('text/csv')
  @ApiBody({ schema: { type: 'string', format: 'binary' } })
  @ApiCreatedResponse({ type: ImportReportDto })
  importRates(@Body() body: unknown, @Query() { agree }: AgreementQuery): Promise<ImportReportDto> {
    return this.files.rates(bytesOf(body), agree ?? null);
  }

  @Get('clock')
  @ApiOperation({ operationId: 'readMarketClock' })
  @ApiOkResponse({ type: ClockDto })
  clock(): ClockDto {
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
  watches(): WatchesDto {
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
  endWatch(@Param() { id }: NumberParam): Promise<WatchesDto> {
    return this.watching.end(id);
  }

  @Post('watches/notices/:id/put-away')
  @ApiOperation({ operationId: 'putAwayWatchNotice' })
  @ApiCreatedResponse({ type: WatchesDto })
  putAway(@Param() { id }: NumberParam): Promise<WatchesDto> {
    return this.watching.putAway(id);
  }
}
