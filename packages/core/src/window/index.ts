export {
  ARC_SOUNDS,
  type ArcSound,
  BACK_SIDES,
  type BackSide,
  BEAD_ENDS,
  BEAD_FACES,
  BEAD_FLAGS,
  BEAD_VERDICTS,
  type BeadEnds,
  type BeadFace,
  type BeadFlag,
  type BeadReport,
  type BeadVerdict,
  DOUBT_ANSWERS,
  type DoubtAnswer,
  HEAT_VERDICTS,
  type HeatVerdict,
  type Spatter,
  SPATTERS,
  type TestBead,
} from './bead-report.ts';
export type { BeadSetting } from './bead-setting.ts';
export { DIAL_WAYS, type DialWay } from './dial-model.ts';
export { beadVerdict } from './reading-level.ts';

// Learning
export { driftOf } from './learning/drift.ts';
export {
  type LearnedGroup,
  learnedOffset,
  machineLearning,
  type MachineLearning,
} from './learning/learned-offset.ts';
export { learnedClaim, offsetWords } from './learning/learned-words.ts';
export type { BeadsTold, ProvenSetting } from './learning/proven.ts';
