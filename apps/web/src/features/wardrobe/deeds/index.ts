export { DEED_WORDS, DeedForm, type OpenDeed } from './DeedForm';
export { useDeeds } from './useDeeds';
export { AddSheet } from './AddSheet';
export { CountSheet } from './CountSheet';
export { WhereSheet } from './WhereSheet';
