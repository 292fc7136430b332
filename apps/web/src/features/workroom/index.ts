export { WorkroomPage } from './WorkroomPage';
