export { VariationsService } from './variations.service.js';
export { LineUpsModule } from './lineups.module.js';
