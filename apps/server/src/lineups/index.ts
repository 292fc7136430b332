export { VariationsService } from './variations.service.js';
export { LINE_UP_ENTITIES } from './lineups.entities.js';
export { LineUpsModule } from './lineups.module.js';
