export { DonorEntity, PieceEntity } from './wardrobe.entities.js';
export { WardrobeModule } from './wardrobe.module.js';
export { WardrobeService } from './wardrobe.service.js';
