export { choiceColumns } from './choices.js';
export { type Poll, readPoll } from './poll.js';
