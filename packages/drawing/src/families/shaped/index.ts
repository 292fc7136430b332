export { shapedSilhouette } from './shaped.js';
