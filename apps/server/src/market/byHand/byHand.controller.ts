import { Body, Controller, Delete, Param, Post, Put } from '@nestjs/common';
import { ApiCreatedResponse, ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { OverVersion, Seen } from '../../platform/http/index.js';
import { OfferDto } from '../market.dto.js';
import { OfferByHandDto, SellerByHandDto, SellerKeptDto } from './byHand.dto.js';
import { ByHandService } from './byHand.service.js';

@ApiTags('market')
@Controller('market')
export class ByHandController {
  constructor(private readonly byHand: ByHandService) {}

  @Post('sellers')
  @ApiOperation({ operationId: 'addSeller' })
  @ApiCreatedResponse({ type: SellerKeptDto })
  add(@Body() body: SellerByHandDto): Promise<SellerKeptDto> {
    return this.byHand.add(body);
  }

  @Put('sellers/:id')
  @ApiOperation({ operationId: 'changeSeller' })
  @OverVersion()
  @ApiOkResponse({ type: SellerKeptDto })
  change(@Param('id') id: string, @Seen() seen: number, @Body() body: SellerByHandDto): Promise<SellerKeptDto> {
    return this.byHand.change(id, body, seen);
  }

  @Put('sellers/:id/bin')
  @ApiOperation({ operationId: 'binSeller' })
  @ApiOkResponse({ type: SellerKeptDto })
  bin(@Param('id') id: string): Promise<SellerKeptDto> {
    return this.byHand.bin(id);
  }

  @Post('sellers/:id/offers')
  @ApiOperation({ operationId: 'addOffer' })
  @ApiCreatedResponse({ type: [OfferDto] })
  offer(@Param('id') id: string, @Body() body: OfferByHandDto): Promise<OfferDto[]> {
    return this.byHand.offer(id, body);
  }

  @Delete('offers/:id')
  @ApiOperation({ operationId: 'dropOffer' })
  @ApiOkResponse({ type: [OfferDto] })
  drop(@Param('id') id: string): Promise<OfferDto[]> {
    return this.byHand.drop(id);
  }
}
