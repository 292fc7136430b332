export { PhotosForm } from './PhotosForm';
