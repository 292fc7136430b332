export * from './compared.js';
export * from './copies.js';
export * from './figureCosts.js';
export * from './landed.js';
export * from './lineReasons.js';
export * from './versions.js';
