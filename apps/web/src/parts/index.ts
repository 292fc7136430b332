export { AnswerMark } from './AnswerMark';
export { FigurePicture, imaginedPositions, PartPicture } from './FigurePicture';
export { ImportDialog } from './ImportDialog';
export { toPrices } from './toPrices';
export { ProblemTable } from './ProblemTable';
export { PINKED, Swatch } from './Swatch';
export { Why } from './Why';
export { UndoButtons } from './UndoButtons';
export {
  ColourPicker,
  LineUpPicker,
  MouldPicker,
  OfficialPicker,
  PartPicker,
  PrintPicker,
  sampleOf,
  SmallMould,
  SmallPart,
} from './pickers';
export { type PicturePoint, PictureViewer, useRaster } from './pictures';
export { GUIDE, guideAbout, guideTo } from './guidePages';
