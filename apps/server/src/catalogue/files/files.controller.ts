import { Body, Controller, Get, HttpCode, Post, Query, Res, StreamableFile } from '@nestjs/common';
import { ApiAcceptedResponse, ApiBody, ApiConsumes, ApiOkResponse, ApiOperation, ApiProduces, ApiTags } from '@nestjs/swagger';
import type { Response } from 'express';
import { CatalogueFileQuery, CatalogueImportQuery, ForeignLookDto } from './files.dto.js';
import { CatalogueFilesService } from './files.service.js';
import { ImportJobDto } from './importReport.js';

@ApiTags('catalogue')
@Controller('catalogue')
export class CatalogueFilesController {
  constructor(private readonly service: CatalogueFilesService) {}

  @Post('import')
  @HttpCode(202)
  @ApiOperation({ operationId: 'importCatalogue' })
  @ApiConsumes('text/csv', 'application/json')
  @ApiBody({ schema: { type: 'string', format: 'binary' } })
  @ApiAcceptedResponse({ type: ImportJobDto })
  import(@Query() { what, agree, foreign }: CatalogueImportQuery, @Body() body: unknown): Promise<ImportJobDto> {
    return this.service.start(what, agree ?? null, body, foreign);
  }

  @Post('import/look')
  @HttpCode(200)
  @ApiOperation({ operationId: 'lookAtForeign' })
  @ApiConsumes('text/csv')
  @ApiBody({ schema: { type: 'string', format: 'binary' } })
  @ApiOkResponse({ type: ForeignLookDto })
  look(@Body() body: unknown): ForeignLookDto {
    return this.service.look(body);
  }

  @Get('export')
  @ApiOperation({ operationId: 'exportCatalogue' })
  @ApiProduces('text/csv', 'application/json')
  export(@Query() { what }: CatalogueFileQuery, @Res({ passthrough: true }) response: Response): StreamableFile {
    const isArchive = what === 'archive';
    response.setHeader('Content-Disposition', `attachment; filename="catalogue-${what}.${isArchive ? 'json' : 'csv'}"`);
    const text = isArchive ? this.service.archive() : this.service.table(what);
    return new StreamableFile(Buffer.from(text), { type: isArchive ? 'application/json' : 'text/csv; charset=utf-8' });
  }
}
