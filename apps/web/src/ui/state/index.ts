export { makeShared, type Shared, useShared, useSharedFact, useSharedValue } from './shared';
export { useAddress } from './useAddress';
export { type PageAnswer, type Pages, usePages } from './usePages';
export { useOneForm } from './useOneForm';
export { useUnchanged } from './useUnchanged';
