import { Body, Controller, Get, Header, Post, Query, Req, Res, StreamableFile } from '@nestjs/common';
import { ApiBody, ApiConsumes, ApiCreatedResponse, ApiOkResponse, ApiOperation, ApiProduces, ApiTags } from '@nestjs/swagger';
import type { Request, Response } from 'express';
import { bytesOf, sendKept } from '../platform/http/index.js';
import { AgreementQuery } from '../platform/importing/index.js';
import { PieceListService } from './pieceList.service.js';
import { PieceSearch } from './pieceSearch.js';
import { NewPiecesDto, PieceDto, PieceReportDto, PiecesPageDto, PiecesPageQuery, PiecesQuery, StockDto } from './wardrobe.dto.js';
import { WardrobeService } from './wardrobe.service.js';

@ApiTags('wardrobe')
@Controller('wardrobe')
export class WardrobeController {
  constructor(
    private readonly service: WardrobeService,
    private readonly search: PieceSearch,
    private readonly list: PieceListService,
  ) {}

  @Get('pieces')
  @ApiOperation({ operationId: 'listPieces' })
  @ApiOkResponse({ type: [PieceDto] })
  pieces(@Query() { variant }: PiecesQuery): PieceDto[] {
    return this.service.pieces(variant);
  }

  @Post('pieces')
  @ApiOperation({ operationId: 'addPieces' })
  @ApiCreatedResponse({ type: [PieceDto] })
  add(@Body() body: NewPiecesDto): Promise<PieceDto[]> {
    return this.service.add(body);
  }

  @Get('pieces/page')
  @ApiOperation({ operationId: 'pagePieces' })
  @ApiOkResponse({ type: PiecesPageDto })
  page(@Query() query: PiecesPageQuery): Promise<PiecesPageDto> {
    return this.search.page(query);
  }

  @Get('stock')
  @ApiOperation({ operationId: 'readStock' })
  @ApiOkResponse({ type: StockDto })
  stock(@Req() request: Request, @Res() response: Response): Promise<void> {
    return sendKept(request, response, this.service.stock());
  }

  @Post('import')
  @ApiOperation({ operationId: 'importPieces' })
  @ApiConsumes('text/csv')
  @ApiBody({ schema: { type: 'string', format: 'binary' } })
  @ApiCreatedResponse({ type: PieceReportDto })
  import(@Body() body: unknown, @Query() { agree }: AgreementQuery): Promise<PieceReportDto> {
    return this.service.import(bytesOf(body), agree ?? null);
  }

  @Get('pieces.csv')
  @ApiOperation({ operationId: 'exportPieces' })
  @ApiProduces('text/csv')
  @Header('Content-Disposition', 'attachment; filename="wardrobe.csv"')
  async export(): Promise<StreamableFile> {
    return new StreamableFile(Buffer.from(await this.list.csv()), { type: 'text/csv; charset=utf-8' });
  }
}
