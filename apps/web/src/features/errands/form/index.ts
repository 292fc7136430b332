export { ErrandForm } from './ErrandForm';
export { linesFrom } from './lines';
