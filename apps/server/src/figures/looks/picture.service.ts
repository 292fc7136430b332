import { Injectable } from '@nestjs/common';
import { figureSvg, type View } from '@outfit/drawing';
import sharp from 'sharp';
import { CatalogueService } from '../../catalogue/index.js';
import { LooksService } from './looks.service.js';

/** Size of an exported picture: about 1,500 pixels for an ordinary figure. */
const PX_PER_MM = 40;

@Injectable()
export class PictureService {
  constructor(
    private readonly catalogue: CatalogueService,
    private readonly looks: LooksService,
  ) {}

  /** The drawing of a look as an SVG document: the same drawing as on screen. */
  svg(lookId: string, view: View): string {
    const look = this.looks.look(lookId);
    return figureSvg(look, this.catalogue.now(), { view, idPrefix: 'p', pxPerMm: PX_PER_MM, title: `${look.name}, ${view}` });
  }

  png(lookId: string, view: View): Promise<Buffer> {
    return sharp(Buffer.from(this.svg(lookId, view)))
      .png()
      .toBuffer();
  }
}
