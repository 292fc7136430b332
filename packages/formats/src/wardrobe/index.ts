export { wardrobeColumns } from './columns.js';
