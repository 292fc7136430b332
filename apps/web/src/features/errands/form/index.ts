export { ErrandForm } from './ErrandForm';
export { type DraftLine, linesFrom, sparesLine } from './lines';
export { isOutdated, useErrandForm } from './useErrandForm';
