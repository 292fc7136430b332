export { SystemForm } from './SystemForm';
