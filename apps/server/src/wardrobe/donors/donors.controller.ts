import { Body, Controller, Get, Param, Post } from '@nestjs/common';
import { ApiCreatedResponse, ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { AddProductDto, CloseBoxDto, DonorDto, OpenBoxDto, TogetherDto } from './donors.dto.js';
import { DonorsService } from './donors.service.js';
import { ProductsService } from './products.service.js';

@ApiTags('wardrobe')
@Controller('wardrobe')
export class DonorsController {
  constructor(
    private readonly donors: DonorsService,
    private readonly products: ProductsService,
  ) {}

  @Get('donors')
  @ApiOperation({ operationId: 'listDonors' })
  @ApiOkResponse({ type: [DonorDto] })
  list(): Promise<DonorDto[]> {
    return this.donors.list();
  }

  @Post('donors')
  @ApiOperation({ operationId: 'putTogether' })
  @ApiCreatedResponse({ type: [DonorDto] })
  together(@Body() body: TogetherDto): Promise<DonorDto[]> {
    return this.donors.together(body);
  }

  @Post('products')
  @ApiOperation({ operationId: 'addProduct' })
  @ApiCreatedResponse({ type: [DonorDto] })
  add(@Body() body: AddProductDto): Promise<DonorDto[]> {
    return this.products.add(body);
  }

  @Post('boxes')
  @ApiOperation({ operationId: 'closeBox' })
  @ApiCreatedResponse({ type: [DonorDto] })
  close(@Body() body: CloseBoxDto): Promise<DonorDto[]> {
    return this.donors.close(body);
  }

  @Post('boxes/:id/open')
  @ApiOperation({ operationId: 'openBox' })
  @ApiCreatedResponse({ type: [DonorDto] })
  open(@Param('id') id: string, @Body() body: OpenBoxDto): Promise<DonorDto[]> {
    return this.products.open(id, body);
  }
}
