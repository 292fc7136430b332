export { SessionPage } from './SessionPage';
export { SessionLog } from './Ended';
