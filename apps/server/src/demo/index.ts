export { loadDemo } from './loadDemo.js';
