import { Body, Controller, Get, HttpCode, Param, Post, Req, Res } from '@nestjs/common';
import { ApiCreatedResponse, ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import type { Request, Response } from 'express';
import { FiguresService } from '../../figures/index.js';
import { NumberParam, sendKept } from '../../platform/http/index.js';
import { EntryDto, PieceDeeds, PiecePinDto } from '../ledger/index.js';
import { LossesService } from './losses.service.js';
import { LineChangeDto, LossDto, PromisesDto, RunPromisesDto } from './promises.dto.js';
import { PromisesService } from './promises.service.js';

@ApiTags('wardrobe')
@Controller('wardrobe')
export class PromisesController {
  constructor(
    private readonly service: PromisesService,
    private readonly losses: LossesService,
    private readonly ledger: PieceDeeds,
    private readonly figures: FiguresService,
  ) {}

  @Get('promises')
  @ApiOperation({ operationId: 'readPromises' })
  @ApiOkResponse({ type: PromisesDto })
  async promises(@Req() request: Request, @Res() response: Response): Promise<void> {
    await sendKept(request, response, await this.service.promises());
  }

  @Get('pieces/:id/promises')
  @ApiOperation({ operationId: 'readRunPromises' })
  @ApiOkResponse({ type: RunPromisesDto })
  ofRun(@Param() { id }: NumberParam): Promise<RunPromisesDto> {
    return this.service.ofRun(this.ledger.variantOf(id), id);
  }

  @Post('promises/losses')
  @HttpCode(200)
  @ApiOperation({
    operationId: 'readLosses',
    description: 'Who would lose which pieces by another order or another day; nothing is changed',
  })
  @ApiOkResponse({ type: [LossDto] })
  wouldLose(@Body() change: LineChangeDto): Promise<LossDto[]> {
    this.figures.lineUp(change.lineUp);
    return this.losses.of(change);
  }

  @Post('pins')
  @ApiOperation({ operationId: 'pinPieces' })
  @ApiCreatedResponse({ type: EntryDto })
  pin(@Body() body: PiecePinDto): Promise<EntryDto> {
    return this.ledger.pin(body, this.figures.figure(body.figure).brief.name);
  }
}
