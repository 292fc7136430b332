import { Controller, Get, Injectable, Param, ParseIntPipe, Post } from '@nestjs/common';
import { ApiCreatedResponse, ApiOkResponse, ApiOperation, ApiProperty, ApiTags } from '@nestjs/swagger';
import { Clock } from '../common/clock.js';
import { notFound } from '../common/problem.js';
import { CatalogueService } from './catalogue.service.js';

export class NoticeDto {
  @ApiProperty() id: number;
  @ApiProperty() at: string;
  @ApiProperty() figure: string;
  @ApiProperty() variant: string;
  @ApiProperty() text: string;
}

/** What a figure's planner is told: an imagined part turned out to be made. A notice stays until it is put away. */
@Injectable()
export class NoticesService {
  constructor(
    private readonly catalogue: CatalogueService,
    private readonly clock: Clock,
  ) {}

  open(): NoticeDto[] {
    return this.catalogue.connection
      .prepare('SELECT id, at, figure, variant, text FROM notice WHERE dismissedAt IS NULL ORDER BY id DESC LIMIT 500')
      .all() as NoticeDto[];
  }

  putAway(id: number): NoticeDto[] {
    const { changes } = this.catalogue.connection
      .prepare('UPDATE notice SET dismissedAt = COALESCE(dismissedAt, ?) WHERE id = ?')
      .run(this.clock.now().toISOString(), id);
    if (changes === 0) throw notFound('notice', String(id));
    return this.open();
  }
}

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
  putAway(@Param('id', ParseIntPipe) id: number): NoticeDto[] {
    return this.service.putAway(id);
  }
}
