import { Controller, Get, Param, Post } from '@nestjs/common';
import { ApiCreatedResponse, ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { NumberParam } from '../../platform/http/index.js';
import { NoticeDto } from './notices.dto.js';
import { NoticesService } from './notices.service.js';

@ApiTags('notices')
@Controller('notices')
export class NoticesController {
  constructor(private readonly service: NoticesService) {}

  @Get()
  @ApiOperation({ operationId: 'listNotices' })
  @ApiOkResponse({ type: [NoticeDto] })
  list(): NoticeDto[] {
    return this.service.open();
  }

  @Post(':id/put-away')
  @ApiOperation({ operationId: 'putAwayNotice' })
  @ApiCreatedResponse({ type: [NoticeDto] })
  putAway(@Param() { id }: NumberParam): Promise<NoticeDto[]> {
    return this.service.putAway(id);
  }
}
