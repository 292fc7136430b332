export { attempt } from './attempt';
export { Button } from './Button';
export { chooseFile } from './chooseFile';
export { AXIS, Chart, CHART } from './Chart';
export { Empty } from './Empty';
export { AmountInput, Chips, Choice, Input, KeptInput, Label, OwnInput, TextArea } from './fields';
export { longDay, longMinute, longMoment, plural, sentenceOf, whole } from './format';
export { Heads } from './Heads';
export { Menu, type MenuItem } from './menu';
export { type Pick, Picker } from './picker';
export { Sheet } from './Sheet';
export { tell, Toasts } from './telling';
export {
  type PageAnswer,
  type Pages,
  type Shared,
  useAddress,
  useOneForm,
  usePages,
  makeShared,
  useShared,
  useSharedFact,
  useSharedValue,
  useUnchanged,
} from './state';
export { whenIdle } from './whenIdle';
