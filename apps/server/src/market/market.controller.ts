import { Body, Controller, Get, Post, Query } from '@nestjs/common';
import { ApiBody, ApiConsumes, ApiCreatedResponse, ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { bytesOf } from '../common/csvBody.js';
import { AgreementQuery, ImportReportDto } from '../common/importReport.dto.js';
import { OfferDto, OffersQuery, PricesDto, SellerDto } from './market.dto.js';
import { MarketService } from './market.service.js';

@ApiTags('market')
@Controller('market')
export class MarketController {
  constructor(private readonly service: MarketService) {}

  @Get('sellers')
  @ApiOperation({ operationId: 'listSellers' })
  @ApiOkResponse({ type: [SellerDto] })
  sellers(): Promise<SellerDto[]> {
    return this.service.sellers();
  }

  @Get('offers')
  @ApiOperation({ operationId: 'listOffers' })
  @ApiOkResponse({ type: [OfferDto] })
  offers(@Query() query: OffersQuery): Promise<OfferDto[]> {
    return this.service.offers(query);
  }

  @Get('prices')
  @ApiOperation({ operationId: 'readPrices' })
  @ApiOkResponse({ type: PricesDto })
  prices(): Promise<PricesDto> {
    return this.service.prices();
  }

  @Post('import')
  @ApiOperation({ operationId: 'importOffers' })
  @ApiConsumes('text/csv')
  @ApiBody({ schema: { type: 'string', format: 'binary' } })
  @ApiCreatedResponse({ type: ImportReportDto })
  import(@Body() body: unknown, @Query() { agree }: AgreementQuery): Promise<ImportReportDto> {
    return this.service.import(bytesOf(body), agree ?? null);
  }
}
