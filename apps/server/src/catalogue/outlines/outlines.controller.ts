import { Body, Controller, HttpCode, Post, Query } from '@nestjs/common';
import { ApiBody, ApiConsumes, ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { OutlineRefused, readOutline } from '@outfit/formats';
import { Problem } from '../../platform/http/index.js';
import { OutlinePathDto, OutlineQuery } from './outlines.dto.js';

@ApiTags('catalogue')
@Controller('catalogue/outlines')
export class OutlinesController {
  /** Reads a drawing as the outline of a part. Nothing is kept: the paths go into a mould that is saved like any other. */
  @Post()
  @HttpCode(200)
  @ApiOperation({ operationId: 'readOutline' })
  @ApiConsumes('image/svg+xml')
  @ApiBody({ schema: { type: 'string', format: 'binary' } })
  @ApiOkResponse({ type: [OutlinePathDto] })
  read(@Query() { heightMm }: OutlineQuery, @Body() body: unknown): readonly OutlinePathDto[] {
    if (!Buffer.isBuffer(body) || body.length === 0)
      throw new Problem(400, 'Send the drawing as the body, with the content type image/svg+xml.');
    try {
      return readOutline(body.toString('utf8'), heightMm);
    } catch (error) {
      if (error instanceof OutlineRefused) throw new Problem(422, error.message);
      throw error;
    }
  }
}
