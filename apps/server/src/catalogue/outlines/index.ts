export { drawingBody } from './body.js';
export { OutlinesController } from './outlines.controller.js';
export { OwnOutlineDto } from './outlines.dto.js';
