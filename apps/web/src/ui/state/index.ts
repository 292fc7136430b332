export { type Shared, useShared, useSharedFact, useSharedValue } from './shared';
export { useAddress } from './useAddress';
export { type PageAnswer, type Pages, usePages } from './usePages';
export { useUnchanged } from './useUnchanged';
