export { offerColumns, offerFault, unknownVariant } from './offerColumns.js';
export { notTwice, rateColumns, sellerColumns } from './sellerColumns.js';
