export { AddProductSheet } from './AddProductSheet';
export { FiguresView } from './FiguresView';
export { OpenBoxSheet } from './OpenBoxSheet';
