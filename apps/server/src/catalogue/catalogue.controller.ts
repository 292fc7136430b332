import { Controller, Get } from '@nestjs/common';
import { ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { CatalogueDto } from './catalogue.dto.js';
import { CatalogueService } from './catalogue.service.js';

@ApiTags('catalogue')
@Controller('catalogue')
export class CatalogueController {
  constructor(private readonly service: CatalogueService) {}

  @Get()
  @ApiOperation({ operationId: 'readCatalogue' })
  @ApiOkResponse({ type: CatalogueDto })
  async read(): Promise<CatalogueDto> {
    return (await this.service.catalogue()).data as CatalogueDto;
  }
}
