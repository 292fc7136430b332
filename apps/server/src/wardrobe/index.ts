export { type LotEntity, WARDROBE_ENTITIES } from './wardrobe.entities.js';
export { WardrobeModule } from './wardrobe.module.js';
export { WardrobeService } from './wardrobe.service.js';
export { type FigureServed, PromisesService, ServingsService, type WaitingFigure } from './promises/index.js';
export { DonorsService } from './donors/index.js';
export { Ledger, NO_PLACE } from './ledger/index.js';
export { WardrobePicturesService } from './pictures/index.js';
export { SortingService } from './sorting/index.js';
