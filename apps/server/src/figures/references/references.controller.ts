import { Body, Controller, Delete, Get, Param, Post, Put, Query } from '@nestjs/common';
import { ApiBody, ApiConsumes, ApiCreatedResponse, ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { PICTURE_TYPES } from '../../platform/files/index.js';
import { VersionQuery } from '../../platform/http/index.js';
import { PictureName, PinsDto, ReferencePictureDto } from './references.dto.js';
import { ReferencesService } from './references.service.js';

@ApiTags('figures')
@Controller()
export class ReferencesController {
  constructor(private readonly service: ReferencesService) {}

  @Get('figures/:id/references')
  @ApiOperation({ operationId: 'listReferences' })
  @ApiOkResponse({ type: [ReferencePictureDto] })
  list(@Param('id') id: string): ReferencePictureDto[] {
    return this.service.of(id);
  }

  @Post('figures/:id/references')
  @ApiOperation({ operationId: 'addReference' })
  @ApiConsumes(...PICTURE_TYPES)
  @ApiBody({ schema: { type: 'string', format: 'binary' } })
  @ApiCreatedResponse({ type: [ReferencePictureDto] })
  add(@Param('id') id: string, @Query() { name }: PictureName, @Body() body: unknown): Promise<ReferencePictureDto[]> {
    return this.service.add(id, name, body);
  }

  @Put('references/:id/pins')
  @ApiOperation({ operationId: 'pinReference' })
  @ApiOkResponse({ type: [ReferencePictureDto] })
  pin(@Param('id') id: string, @Query() { version }: VersionQuery, @Body() { pins }: PinsDto): Promise<ReferencePictureDto[]> {
    return this.service.pin(id, pins, version);
  }

  @Delete('references/:id')
  @ApiOperation({ operationId: 'binReference' })
  @ApiOkResponse({ type: [ReferencePictureDto] })
  bin(@Param('id') id: string): Promise<ReferencePictureDto[]> {
    return this.service.bin(id, true);
  }

  @Post('references/:id/restore')
  @ApiOperation({ operationId: 'restoreReference' })
  @ApiCreatedResponse({ type: [ReferencePictureDto] })
  restore(@Param('id') id: string): Promise<ReferencePictureDto[]> {
    return this.service.bin(id, false);
  }
}
