import { Body, Controller, Get, Header, Post, Query, StreamableFile } from '@nestjs/common';
import { ApiBody, ApiConsumes, ApiCreatedResponse, ApiOkResponse, ApiOperation, ApiProduces, ApiTags } from '@nestjs/swagger';
import { bytesOf } from '../common/csvBody.js';
import { AgreementQuery, ImportReportDto } from '../common/importReport.dto.js';
import { DonorDto, PieceDto } from './wardrobe.dto.js';
import { WardrobeService } from './wardrobe.service.js';

@ApiTags('wardrobe')
@Controller('wardrobe')
export class WardrobeController {
  constructor(private readonly service: WardrobeService) {}

  @Get('pieces')
  @ApiOperation({ operationId: 'listPieces' })
  @ApiOkResponse({ type: [PieceDto] })
  pieces(): Promise<PieceDto[]> {
    return this.service.pieces();
  }

  @Get('donors')
  @ApiOperation({ operationId: 'listDonors' })
  @ApiOkResponse({ type: [DonorDto] })
  donors(): Promise<DonorDto[]> {
    return this.service.donors();
  }

  @Post('import')
  @ApiOperation({ operationId: 'importPieces' })
  @ApiConsumes('text/csv')
  @ApiBody({ schema: { type: 'string', format: 'binary' } })
  @ApiCreatedResponse({ type: ImportReportDto })
  import(@Body() body: unknown, @Query() { agree }: AgreementQuery): Promise<ImportReportDto> {
    return this.service.import(bytesOf(body), agree ?? null);
  }

  @Get('pieces.csv')
  @ApiOperation({ operationId: 'exportPieces' })
  @ApiProduces('text/csv')
  @Header('Content-Disposition', 'attachment; filename="wardrobe.csv"')
  async export(): Promise<StreamableFile> {
    return new StreamableFile(Buffer.from(await this.service.export()), { type: 'text/csv; charset=utf-8' });
  }
}
