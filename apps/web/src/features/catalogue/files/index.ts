export { Carry } from './Carry';
export { Foreign } from './Foreign';
