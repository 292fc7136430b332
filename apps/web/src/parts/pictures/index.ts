export { type PicturePoint, PictureViewer } from './PictureViewer';
export { useRaster } from './useRaster';
