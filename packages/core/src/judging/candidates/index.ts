export type { Candidate, CandidateRanking, Spot } from './candidate.js';
export { sameProblem } from './markReader.js';
export { candidateAt, prepareRanking, rankCandidates } from './rank.js';
export { whyRank } from './whyRank.js';
