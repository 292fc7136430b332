export {
  type Candidate,
  candidateAt,
  type CandidateRanking,
  prepareRanking,
  rankCandidates,
  type Spot,
  whyRank,
} from './candidates/index.js';
export { checkLook, graveCount } from './checks/index.js';
export { differences, effortOf, fixList } from './differences.js';
export { effectOf, likenessWith } from './effect.js';
export { judge, type Judgement } from './judgement.js';
export { type Answer, likeness, type Likeness, partLikeness, positionsOf } from './likeness/index.js';
export { CHECK_IDS, type CheckId, type Mark, type Remedy } from './marks.js';
export { isFree } from './mending.js';
export { Companies, type WantElsewhere } from './company.js';
export { hindranceOf } from './hindrance.js';
export { ALONE, type Company, type FaceElsewhere, subject, type Subject } from './subject.js';
