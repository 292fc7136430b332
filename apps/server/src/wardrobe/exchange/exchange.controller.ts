import { Controller, Get, Header, Post, Query, Req, StreamableFile } from '@nestjs/common';
import { ApiBody, ApiConsumes, ApiCreatedResponse, ApiOperation, ApiProduces, ApiProperty, ApiTags } from '@nestjs/swagger';
import type { Request } from 'express';
import { OneOf, Problem } from '../../platform/http/index.js';
import { ExchangeService } from './exchange.service.js';

const ANSWERS = ['yes', 'no'] as const;

export class TakeQuery {
  @OneOf('Take', ANSWERS, { optional: true, description: 'Take what is new; otherwise it is only looked at' })
  take?: (typeof ANSWERS)[number];
}

export class LedgerReadingDto {
  @ApiProperty({ description: 'Entries in the file' }) entries: number;
  @ApiProperty({ description: 'Of these, those that are not here yet' }) newEntries: number;
  @ApiProperty() isTaken: boolean;
}

@ApiTags('wardrobe')
@Controller('wardrobe')
export class ExchangeController {
  constructor(private readonly service: ExchangeService) {}

  @Get('ledger.json')
  @ApiOperation({ operationId: 'exportLedger' })
  @ApiProduces('application/json')
  @Header('Content-Disposition', 'attachment; filename="ledger.json"')
  async export(): Promise<StreamableFile> {
    return new StreamableFile(await this.service.write(), { type: 'application/json; charset=utf-8' });
  }

  @Post('ledger')
  @ApiOperation({ operationId: 'importLedger' })
  @ApiConsumes('application/octet-stream')
  @ApiBody({ schema: { type: 'string', format: 'binary' } })
  @ApiCreatedResponse({ type: LedgerReadingDto })
  import(@Req() request: Request, @Query() { take }: TakeQuery): Promise<LedgerReadingDto> {
    const body = request.body as unknown;
    if (!Buffer.isBuffer(body) || body.length === 0)
      throw new Problem(400, 'Send the ledger as the body, with the content type application/octet-stream.');
    return this.service.read(body, take === 'yes');
  }
}
