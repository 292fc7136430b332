export { router } from './router';
