export { ErrandForm } from './ErrandForm';
export { linesFrom, sparesLine } from './lines';
