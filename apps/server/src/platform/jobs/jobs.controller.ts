import { Controller, Get, Param, Post, Sse, type MessageEvent } from '@nestjs/common';
import { ApiCreatedResponse, ApiExcludeEndpoint, ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { map, type Observable } from 'rxjs';
import { AnyJobDto } from './job.dto.js';
import { JobsService } from './jobs.service.js';

@ApiTags('jobs')
@Controller('jobs')
export class JobsController {
  constructor(private readonly service: JobsService) {}

  @Get(':id')
  @ApiOperation({ operationId: 'readJob' })
  @ApiOkResponse({ type: AnyJobDto })
  read(@Param('id') id: string): AnyJobDto {
    return this.service.job(id);
  }

  @Post(':id/stop')
  @ApiOperation({ operationId: 'stopJob' })
  @ApiCreatedResponse({ type: AnyJobDto })
  stop(@Param('id') id: string): AnyJobDto {
    return this.service.stop(id);
  }

  /** Server-sent events; the client keeps its cached job up to date from them. */
  @Sse(':id/events')
  @ApiExcludeEndpoint()
  events(@Param('id') id: string): Observable<MessageEvent> {
    this.service.job(id);
    return this.service.watch(id).pipe(map((job): MessageEvent => ({ data: job })));
  }
}
