export { ColourPicker } from './ColourPicker';
export { LineUpPicker } from './LineUpPicker';
export { MouldPicker } from './MouldPicker';
export { OfficialPicker } from './OfficialPicker';
export { PartPicker } from './PartPicker';
export { PrintPicker } from './PrintPicker';
export { SmallMould, SmallPart } from './pictured';
