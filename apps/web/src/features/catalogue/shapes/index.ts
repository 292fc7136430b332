export { draftOfMould, emptyDraft, measureOf, MEASURES, mouldOfDraft, type ShapeDraft } from './draft';
export { MeasuredPicture } from './MeasuredPicture';
export { ShapePicture } from './ShapePicture';
