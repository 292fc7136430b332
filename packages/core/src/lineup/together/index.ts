export { heightsOf, type HeightOf, type Heights } from './heights.js';
export { type Seen, seenOf, type Shown } from './member.js';
export { type PaletteColour, type Togetherness, togethernessOf } from './palette.js';
export { type SeatProblem, seatProblems, sittingProblems } from './seats.js';
export { mayShare, type Trait, TRAITS, type TraitValue, type Variety, varietyOf } from './variety.js';
