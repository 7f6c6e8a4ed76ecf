export { type KeptPhoto, photoSchema } from './photo.ts';
