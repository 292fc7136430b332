export { ChangeDto } from './history.dto.js';
export { HistoryModule } from './history.module.js';
export { HistoryService } from './history.service.js';
