export { WantedDto } from './wanted.dto.js';
export { WantedService } from './wanted.service.js';
