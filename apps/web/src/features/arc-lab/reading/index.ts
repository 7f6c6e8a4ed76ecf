export { RecordingReader } from './recording-reader.tsx';
