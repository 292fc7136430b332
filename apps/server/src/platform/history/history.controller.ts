import { Controller, Get, Param, Post } from '@nestjs/common';
import { ApiCreatedResponse, ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { Database } from '../db/index.js';
import { ChangeDto, HistoryOf, NextStepsDto, SteppedDto } from './history.dto.js';
import { HistoryService } from './history.service.js';

@ApiTags('history')
@Controller('history/:subject/:item')
export class HistoryController {
  constructor(
    private readonly service: HistoryService,
    private readonly database: Database,
  ) {}

  @Get()
  @ApiOperation({ operationId: 'listChanges' })
  @ApiOkResponse({ type: [ChangeDto] })
  list(@Param() { subject, item }: HistoryOf): ChangeDto[] {
    return this.service.list(subject, item);
  }

  @Get('next')
  @ApiOperation({ operationId: 'readNextSteps' })
  @ApiOkResponse({ type: NextStepsDto })
  next(@Param() { subject, item }: HistoryOf): NextStepsDto {
    return this.service.next(subject, item);
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

  private async step({ subject, item }: HistoryOf, kind: 'undo' | 'redo'): Promise<SteppedDto> {
    const done = await this.database.write(() => this.service.step(subject, item, kind));
    return { done, ...this.service.next(subject, item) };
  }
}
