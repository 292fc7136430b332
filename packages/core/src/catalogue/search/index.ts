export { type Facet, type FacetFilter, FacetIndex, FACETS } from './facets.js';
export { type Fact, FactBook, type FactHit, type Ranking } from './facts.js';
export { readQuery, Vocabulary, wordsOf } from './spelling.js';
