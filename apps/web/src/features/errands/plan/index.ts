export { PlanView } from './PlanView';
