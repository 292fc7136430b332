export { Carry } from './Carry';
