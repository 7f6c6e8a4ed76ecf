export { photoAddress, PhotoField } from './photo-field.tsx';
