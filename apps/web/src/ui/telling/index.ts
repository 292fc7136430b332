export { tell } from './tell';
export { Toasts } from './Toasts';
