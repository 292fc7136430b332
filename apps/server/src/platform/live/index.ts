export { LiveModule } from './live.module.js';
export { LiveService } from './live.service.js';
export { rememberTab } from './tab.js';
