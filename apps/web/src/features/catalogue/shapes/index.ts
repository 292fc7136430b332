export { draftOfMould, emptyDraft, measureOf, MEASURES, mouldOfDraft, type ShapeDraft } from './draft';
export { ShapePicture } from './ShapePicture';
