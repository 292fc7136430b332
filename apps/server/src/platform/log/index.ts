/** The log of everything a person changes. It loads no framework, so that workers can write it too. */
export { type Change, type Document, type Line, LINES, type LineOf, type Slice, type Subject, SUBJECTS } from './change.js';
export { LOG_ENTITIES } from './log.entities.js';
export { ChangeLog, type Labels } from './changeLog.js';
export { fieldsBetween, meet, patch, touchedFields } from './touched.js';
export { turnDeed, type TurnedRow, type TurnOutcome, TurnRefused, type TurnTask } from './turning.js';
