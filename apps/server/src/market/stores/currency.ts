/** The workspace's currency. Sellers may ask in others; their prices are converted at the newest rate known. */
export const CURRENCY = 'EUR';
