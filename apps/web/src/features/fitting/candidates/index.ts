export { CandidatePanel } from './CandidatePanel';
export { readFilters, writeFilters } from './filters';
