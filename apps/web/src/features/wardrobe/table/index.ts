export { PieceTable } from './PieceTable';
