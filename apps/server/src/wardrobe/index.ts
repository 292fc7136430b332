export { PieceEntity } from './wardrobe.entities.js';
export { WardrobeModule } from './wardrobe.module.js';
export { WardrobeService } from './wardrobe.service.js';
export { PromisesService } from './promises/index.js';
export { OpeningService } from './opening.service.js';
export { DonorsService } from './donors/index.js';
export { EntriesService } from './ledger/index.js';
