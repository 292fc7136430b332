export * from './facts.js';
export * from './facets.js';
export * from './spelling.js';
