export {
  type EarAnswer,
  type EarTest,
  earTestSchema,
  KEPT_EAR_TEST,
  type KeptEarTest,
  keptEarTestSchema,
  type Learner,
  LEARNER_LETTERS_MOST,
  learnerListSchema,
  type NewEarTest,
  newEarTestSchema,
} from './ear-test.ts';
export { powerSpectrum } from './power-spectrum.ts';
export { DIP_SAMPLES_PER_SECOND, readTrace } from './trace-csv.ts';
export { readWav, WAV_BYTES_MOST, writeWav } from './wav.ts';
