export { generateCatalogue } from './world.js';
