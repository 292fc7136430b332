/** The log of everything a person changes. It loads no framework, so that workers can write it too. */
export { type Change, type Subject, SUBJECTS } from './change.js';
export { ChangeLog, type Labels } from './changeLog.js';
