export { verifyPlan } from './verify.js';
