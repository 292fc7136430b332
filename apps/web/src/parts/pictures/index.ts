export { type PicturePoint, PictureViewer } from './PictureViewer';
export { Photographs } from './Photographs';
export { useRaster } from './useRaster';
