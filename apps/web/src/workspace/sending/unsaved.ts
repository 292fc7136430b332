import { isAnyInLine } from './line';
import type { store } from '../store';

/** Is something the person did still on its way to the disk: being sent, or standing in line behind what is? */
const isUnsaved = ({ getState }: typeof store): boolean =>
  isAnyInLine() || Object.values(getState().api.mutations).some((mutation) => mutation?.status === 'pending');

/** Whoever closes or leaves the page while something is not saved yet is asked first, in the browser's own words. */
export function askBeforeLeaving(kept: typeof store): void {
  window.addEventListener('beforeunload', (event) => {
    if (isUnsaved(kept)) event.preventDefault();
  });
}
