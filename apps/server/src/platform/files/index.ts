export { FilesModule } from './files.module.js';
export { FileStore } from './fileStore.js';
export { isRaster, PICTURE_TYPES, pictureBody, Rasters } from './rasters.js';
