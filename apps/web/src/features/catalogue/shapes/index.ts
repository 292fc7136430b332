export { draftOfMould, emptyDraft, measureOf, MEASURES, mouldOfDraft, type ShapeDraft, usualOutline } from './draft';
export { MeasuredPicture } from './MeasuredPicture';
export { OutlineField } from './OutlineField';
export { ShapePicture } from './ShapePicture';
