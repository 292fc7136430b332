export { simulatedMarket, type Market, type SeenOffer } from './simulate.js';
export { SELLERS, type SimulatedSeller } from './sellers.js';
