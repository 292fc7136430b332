export { ChangeDto } from './history.dto.js';
export { HistoryModule } from './history.module.js';
export { HistoryService, type Restorer, type Restoring } from './history.service.js';
