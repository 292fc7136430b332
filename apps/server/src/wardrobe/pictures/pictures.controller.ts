import { Body, Controller, Delete, Get, Param, Post, Query } from '@nestjs/common';
import { ApiBody, ApiConsumes, ApiCreatedResponse, ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { PICTURE_TYPES } from '../../platform/files/index.js';
import { SubjectQuery, WardrobePictureDto } from './pictures.dto.js';
import { WardrobePicturesService } from './pictures.service.js';

@ApiTags('wardrobe')
@Controller('wardrobe/pictures')
export class WardrobePicturesController {
  constructor(private readonly service: WardrobePicturesService) {}

  @Get()
  @ApiOperation({ operationId: 'listWardrobePictures' })
  @ApiOkResponse({ type: [WardrobePictureDto] })
  list(@Query() { of }: SubjectQuery): WardrobePictureDto[] {
    return this.service.of(of);
  }

  @Post()
  @ApiOperation({ operationId: 'addWardrobePicture' })
  @ApiConsumes(...PICTURE_TYPES)
  @ApiBody({ schema: { type: 'string', format: 'binary' } })
  @ApiCreatedResponse({ type: [WardrobePictureDto] })
  add(@Query() { of }: SubjectQuery, @Body() body: unknown): Promise<WardrobePictureDto[]> {
    return this.service.add(of, body);
  }

  @Delete(':id')
  @ApiOperation({ operationId: 'removeWardrobePicture' })
  @ApiOkResponse({ type: [WardrobePictureDto] })
  remove(@Param('id') id: string): Promise<WardrobePictureDto[]> {
    return this.service.remove(id);
  }
}
