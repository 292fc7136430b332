import type { YieldKind } from '@outfit/core';

/** Where the prices of a thing are told. */
export const toPrices = (kind: YieldKind, item: string): string => `/market/prices/${kind}/${encodeURIComponent(item)}`;
