export { WardrobePicturesController } from './pictures.controller.js';
export { WardrobePicturesService } from './pictures.service.js';
