export { loadDemo } from './loadDemo.js';
export { photographDemo } from './photographDemo.js';
