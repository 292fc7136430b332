export { type ChoiceRow, readChoice } from './choicesFile.js';
export { normal, type Ranked, type Ranking, rankingOf } from './ranking.js';
export { type Outcome, OUTCOMES, type PairChoice, type Strengths, strengthsOf } from './strengths.js';
