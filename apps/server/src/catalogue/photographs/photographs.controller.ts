import { Body, Controller, Get, Header, Param, Post, Query, StreamableFile } from '@nestjs/common';
import { ApiBody, ApiConsumes, ApiCreatedResponse, ApiOkResponse, ApiOperation, ApiProduces, ApiTags } from '@nestjs/swagger';
import { PICTURE_TYPES } from '../../platform/files/index.js';
import { PhotographDto, PhotographOf } from './photographs.dto.js';
import { PhotographsService } from './photographs.service.js';

@ApiTags('catalogue')
@Controller()
export class PhotographsController {
  constructor(private readonly service: PhotographsService) {}

  @Get('catalogue/photographs')
  @ApiOperation({ operationId: 'listPhotographs' })
  @ApiOkResponse({ type: [PhotographDto] })
  list(@Query() query: PhotographOf): PhotographDto[] {
    return this.service.of(query);
  }

  @Post('catalogue/photographs')
  @ApiOperation({ operationId: 'addPhotograph' })
  @ApiConsumes(...PICTURE_TYPES)
  @ApiBody({ schema: { type: 'string', format: 'binary' } })
  @ApiCreatedResponse({ type: [PhotographDto] })
  add(@Query() query: PhotographOf, @Body() body: unknown): Promise<PhotographDto[]> {
    return this.service.add(query, body);
  }

  @Get('photographs/:id')
  @ApiOperation({ operationId: 'readPhotograph' })
  @ApiProduces('image/webp')
  @Header('Cache-Control', 'private, max-age=31536000, immutable')
  file(@Param('id') id: string): StreamableFile {
    return new StreamableFile(this.service.file(id), { type: 'image/webp' });
  }
}
