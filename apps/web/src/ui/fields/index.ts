export { Chips } from './Chips';
export { Choice, Input, Label } from './Field';
export { KeptInput } from './KeptInput';
export { OwnInput } from './OwnInput';
