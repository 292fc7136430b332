export { CHECK_WORDS } from './checkWords';
export { JudgementPanel } from './JudgementPanel';
export { useMending } from './useMending';
