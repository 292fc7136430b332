export { AmountInput } from './AmountInput';
export { Chips } from './Chips';
export { Choice, Input, Label, TextArea } from './Field';
export { KeptInput } from './KeptInput';
export { OwnInput } from './OwnInput';
