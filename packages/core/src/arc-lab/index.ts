// Ear
export { EAR_CARDS, EAR_KINDS, type EarCard, type EarKind, earQuestion } from './ear/ear-cards.ts';
export { EAR_LESSONS, type LessonStep } from './ear/ear-lessons.ts';

// Model
export { arcBead } from './model/arc-bead.ts';
export { ARC_CLASSES, type ArcClass, arcClass, type ArcLevel, levelOf } from './model/arc-class.ts';
export { type ArcFeatures, recordArc, SETTLES_S } from './model/arc-features.ts';
export { ARC_GASES } from './model/arc-gas.ts';
export { ARC_PARAMETER_TABLE } from './model/arc-parameters.ts';
export {
  ARC_RANGES,
  ARC_WIRES_MM,
  type ArcSetting,
  type ArcWireMm,
  gasNotModelled,
  loadVolts,
  notModelled,
  USUAL_INDUCTANCE_H,
  USUAL_SLOPE_V_PER_A,
} from './model/arc-setting.ts';
export { type ArcRun, changeArc, startArc } from './model/arc-state.ts';
export { ARC_CLASS_WORDS, arcText, evenWord } from './model/arc-words.ts';
export { plannerVolts } from './model/planner-line.ts';
export { ARC_SAMPLES_PER_S, arcSamples, type ArcSamples, runArc } from './model/run-arc.ts';
export { FAMILY_ARC } from './model/sound-families.ts';
export { type TraceFeatures, traceFeatures } from './model/trace-features.ts';
export { mapAxes, type MapCell, type MapSetting, windowMap } from './model/window-map.ts';

// Sound
export { readRecording, readStretch, type Sound, type SoundReading } from './sound/read-sound.ts';
export { type PowerSpectrum, SPECTRUM_FRAME } from './sound/sound-features.ts';
export { SOUND_REFUSALS } from './sound/sound-refusal.ts';
export { SOUND_CLASSES } from './sound/sound-weights.ts';
