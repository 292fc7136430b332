export { shapeCheck, shapeFault } from './shape.js';
