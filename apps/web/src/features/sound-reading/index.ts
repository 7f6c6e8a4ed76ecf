export { RecordingReader } from './recording-reader.tsx';
export { TraceReader } from './trace-reader.tsx';
