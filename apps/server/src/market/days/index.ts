export { AdvanceService } from './advance.service.js';
