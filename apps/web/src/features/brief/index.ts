export { BriefPage } from './BriefPage';
