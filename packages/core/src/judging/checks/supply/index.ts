export { donorHole } from './donorHole.js';
export { existsColour } from './existsColour.js';
export { riskSwap } from './riskSwap.js';
export { stockTwice } from './stockTwice.js';
