export { ShapeForm } from './ShapeForm';
