import { Body, Controller, Delete, Get, HttpCode, Param, Post, Put } from '@nestjs/common';
import { ApiCreatedResponse, ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { NumberParam } from '../../platform/http/index.js';
import {
  CountDto,
  DeedDto,
  EntryDto,
  LinesAnswerDto,
  LinesDto,
  NewPlaceDto,
  PlaceChangeDto,
  PlaceDto,
  StoryLineDto,
} from './ledger.dto.js';
import { PieceDeeds } from './pieceDeeds.service.js';
import { PlacesService } from './places.service.js';

@ApiTags('wardrobe')
@Controller('wardrobe')
export class LedgerController {
  constructor(
    private readonly ledger: PieceDeeds,
    private readonly tree: PlacesService,
  ) {}

  @Get('places')
  @ApiOperation({ operationId: 'listPlaces' })
  @ApiOkResponse({ type: [PlaceDto] })
  places(): PlaceDto[] {
    return this.tree.list();
  }

  @Post('places')
  @ApiOperation({ operationId: 'addPlace' })
  @ApiCreatedResponse({ type: [PlaceDto] })
  addPlace(@Body() body: NewPlaceDto): Promise<PlaceDto[]> {
    return this.tree.add(body);
  }

  @Put('places/:id')
  @ApiOperation({ operationId: 'changePlace' })
  @ApiOkResponse({ type: [PlaceDto] })
  changePlace(@Param('id') id: string, @Body() body: PlaceChangeDto): Promise<PlaceDto[]> {
    return this.tree.change(id, body);
  }

  @Delete('places/:id')
  @ApiOperation({ operationId: 'removePlace' })
  @ApiOkResponse({ type: [PlaceDto] })
  removePlace(@Param('id') id: string): Promise<PlaceDto[]> {
    return this.tree.remove(id);
  }

  @Post('deeds')
  @ApiOperation({ operationId: 'doWithPieces' })
  @ApiCreatedResponse({ type: EntryDto })
  do(@Body() body: DeedDto): Promise<EntryDto> {
    return this.ledger.do(body);
  }

  @Post('counts')
  @ApiOperation({ operationId: 'countPlace' })
  @ApiCreatedResponse({ type: EntryDto })
  count(@Body() body: CountDto): Promise<EntryDto> {
    return this.ledger.count(body);
  }

  @Post('lines')
  @HttpCode(200)
  @ApiOperation({ operationId: 'typeLines' })
  @ApiOkResponse({ type: LinesAnswerDto })
  lines(@Body() body: LinesDto): Promise<LinesAnswerDto> | LinesAnswerDto {
    return this.ledger.lines(body);
  }

  @Get('pieces/:id/story')
  @ApiOperation({ operationId: 'readStory' })
  @ApiOkResponse({ type: [StoryLineDto] })
  story(@Param() { id }: NumberParam): StoryLineDto[] {
    return this.ledger.story(id);
  }
}
