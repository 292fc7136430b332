import { Controller, Get, Param, Post, Query } from '@nestjs/common';
import { ApiCreatedResponse, ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { ChangeDto, ChangeOf, ChangesQuery, HistoryOf, NextStepsDto, SteppedDto } from './history.dto.js';
import { HistoryService } from './history.service.js';

@ApiTags('history')
@Controller('history/:subject/:item')
export class HistoryController {
  constructor(private readonly service: HistoryService) {}

  @Get()
  @ApiOperation({ operationId: 'listChanges' })
  @ApiOkResponse({ type: [ChangeDto] })
  list(@Param() { subject, item }: HistoryOf, @Query() { most }: ChangesQuery): ChangeDto[] {
    return this.service.list({ line: subject, item }, most);
  }

  @Get('next')
  @ApiOperation({ operationId: 'readNextSteps' })
  @ApiOkResponse({ type: NextStepsDto })
  next(@Param() { subject, item }: HistoryOf): NextStepsDto {
    return this.service.next({ line: subject, item });
  }

  @Post('undo')
  @ApiOperation({ operationId: 'undo' })
  @ApiCreatedResponse({ type: SteppedDto })
  undo(@Param() of: HistoryOf): Promise<SteppedDto> {
    return this.step(of, 'undo');
  }

  @Post('redo')
  @ApiOperation({ operationId: 'redo' })
  @ApiCreatedResponse({ type: SteppedDto })
  redo(@Param() of: HistoryOf): Promise<SteppedDto> {
    return this.step(of, 'redo');
  }

  /** Takes back one deed by itself, and leaves those after it as they are. */
  @Post('changes/:id/back')
  @ApiOperation({ operationId: 'takeBackChange' })
  @ApiCreatedResponse({ type: SteppedDto })
  async takeBack(@Param() { subject, item, id }: ChangeOf): Promise<SteppedDto> {
    const of = { line: subject, item };
    const done = await this.service.takeBackNow(of, id);
    return { done, ...this.service.next(of) };
  }

  private async step({ subject, item }: HistoryOf, kind: 'undo' | 'redo'): Promise<SteppedDto> {
    const of = { line: subject, item };
    const done = await this.service.stepNow(of, kind);
    return { done, ...this.service.next(of) };
  }
}
