export { AddProductSheet } from './AddProductSheet';
export { FiguresView } from './FiguresView';
export { OpenBoxSheet } from './OpenBoxSheet';
export { TogetherSheet } from './TogetherSheet';
