import { Body, Controller, Get, Post, Put, Query, Req, Res, StreamableFile } from '@nestjs/common';
import { ApiBody, ApiConsumes, ApiCreatedResponse, ApiOkResponse, ApiOperation, ApiProduces, ApiTags } from '@nestjs/swagger';
import type { Request, Response } from 'express';
import { createReadStream } from 'node:fs';
import { NewWorkspaceDto, WorkspaceDto, WorkspaceNameDto } from './workspaces.dto.js';
import { WorkspacesService } from './workspaces.service.js';

@ApiTags('workspaces')
@Controller('workspaces')
export class WorkspacesController {
  constructor(private readonly workspaces: WorkspacesService) {}

  @Get()
  @ApiOperation({ operationId: 'listWorkspaces' })
  @ApiOkResponse({ type: [WorkspaceDto] })
  list(): WorkspaceDto[] {
    return this.workspaces.list();
  }

  @Post()
  @ApiOperation({ operationId: 'createWorkspace' })
  @ApiCreatedResponse({ type: WorkspaceDto })
  create(@Body() body: NewWorkspaceDto): Promise<WorkspaceDto> {
    return this.workspaces.create(body);
  }

  @Put('name')
  @ApiOperation({ operationId: 'renameWorkspace' })
  @ApiOkResponse({ type: [WorkspaceDto] })
  rename(@Body() { name }: WorkspaceNameDto): WorkspaceDto[] {
    return this.workspaces.rename(name);
  }

  @Get('archive')
  @ApiOperation({ operationId: 'carryAway' })
  @ApiProduces('application/octet-stream')
  async archive(@Res({ passthrough: true }) response: Response): Promise<StreamableFile> {
    const { file, name, done } = await this.workspaces.archive();
    response.once('close', done);
    const plain = name.replace(/[^\w -]+/g, '').trim() || 'workspace';
    return new StreamableFile(createReadStream(file), {
      type: 'application/octet-stream',
      disposition: `attachment; filename="${plain}.outfit"`,
    });
  }

  @Post('archive')
  @ApiOperation({ operationId: 'bringWorkspaceBack' })
  @ApiConsumes('application/octet-stream')
  @ApiBody({ schema: { type: 'string', format: 'binary' } })
  @ApiCreatedResponse({ type: WorkspaceDto })
  bringBack(@Req() request: Request, @Query() { name }: WorkspaceNameDto): Promise<WorkspaceDto> {
    return this.workspaces.bringBack(name, request);
  }
}
