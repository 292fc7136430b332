export * from './document.js';
export * from './facets.js';
export * from './spelling.js';
