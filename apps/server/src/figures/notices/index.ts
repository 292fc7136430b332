export { NoticesController } from './notices.controller.js';
export { NoticesService } from './notices.service.js';
export { NoticesStore } from './notices.store.js';
