export { type Available, availableOfAll, availableTo, type PartShares, type ShareColumns, type ShareRow, sharesOf } from './available.js';
export { type IsSeen, type PartPromises, PromiseBook, type SpotServed } from './book.js';
export { type Claimant, claimsOf, dueIn, orderOf, orderWith, partyOf } from './claims.js';
export { type Clash, clashOf, type Contender, contendersOf } from './clashes.js';
export { type Claim, type Given, type Pin, type Reach, serve, type Served, type ServingRun, type Takes } from './serve.js';
export { type FigureStanding, type Hindrance, type Standing, standingOfFigure, STANDINGS } from './standing.js';
