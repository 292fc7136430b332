export { type FurtherCopy, furtherCopies, type LeastCopies, leastCopies, type Yielder } from './copies.js';
export { type DonorChoice, type DonorWorth, type Hole, holesOf, type Holding, leastLossFirst, lossOf, worthOfDonor } from './donors.js';
export { givesOf, piecesThere, type Unpacked, unpack } from './unpacked.js';
