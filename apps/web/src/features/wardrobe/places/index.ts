export { PieceGrid } from './PieceGrid';
export { PiecePanel } from './PiecePanel';
export { PlaceDeeds } from './PlaceDeeds';
export { PlaceTree } from './PlaceTree';
