import { Injectable } from '@nestjs/common';
import { BinService } from '../../platform/bin/index.js';
import { FiguresStore } from '../record/index.js';
import { AlternativesService } from '../looks/index.js';
import { ReferencesService } from '../references/index.js';
import { ArrangingService } from './arranging.service.js';

/** What of line-ups, figures, looks and pictures lies in the bin, and how it comes back. */
@Injectable()
export class FiguresBin {
  constructor(
    bin: BinService,
    store: FiguresStore,
    arranging: ArrangingService,
    looks: AlternativesService,
    references: ReferencesService,
  ) {
    bin.register('line-up', {
      list: () => store.binnedLineUps(),
      bringBack: (id) => arranging.binNow(id, false),
      throwAway: (id) => store.throwAwayLineUp(id),
    });
    bin.register('figure', {
      list: () => store.binnedFigures(),
      bringBack: (id) => void arranging.binFiguresNow([id], false),
      throwAway: (id) => store.throwAwayFigure(id),
    });
    bin.register('look', {
      list: () => store.binnedLooks(),
      bringBack: (id) => void looks.binNow(id, false),
      throwAway: (id) => store.throwAwayLook(id),
    });
    bin.register('picture', {
      list: () => store.binnedPictures(),
      bringBack: (id) => void references.binNow(id, false),
      throwAway: (id) => store.throwAwayPicture(id),
    });
  }
}
