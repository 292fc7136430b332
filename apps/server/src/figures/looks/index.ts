export { AlternativesService } from './alternatives.service.js';
export { LooksController } from './looks.controller.js';
export { LooksService, type StoredLook } from './looks.service.js';
export { PictureService } from './picture.service.js';
