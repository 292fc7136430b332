export { sendKept } from './keptAnswer.js';
export { bytesOf, csvBody, depthOf, inGoodTime, jsonBody, ledgerBody } from './bodies.js';
export { Day, Document, Flag, Fraction, Id, NumberParam, OneOf, Row, Rows, SomeOf, Text, Texts, VersionQuery, Whole } from './fields.js';
export { nothingHere, ProblemFilter, problemHandler, refuseUnreadable } from './problem.filter.js';
export { Conflict, notFound, Problem, type ProblemBody } from './problem.js';
export { sameMachine } from './sameMachine.js';
export { validation } from './validation.js';
export { OverVersion, refuseStale, Seen } from './versions.js';
