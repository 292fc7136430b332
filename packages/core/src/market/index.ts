export * from './currency.js';
export * from './offerChanges.js';
export * from './summary.js';
export * from './supply.js';
export * from './trend.js';
export * from './waitOrBuy.js';
export * from './watch.js';
export * from './worth.js';
