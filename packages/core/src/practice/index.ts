export {
  boothArc,
  type BoothBead,
  boothBead,
  boothMiddleV,
  practiceBooth,
  type PracticeBooth,
} from './practice-booth.ts';
export {
  PRACTICE_KNOB,
  PRACTICE_SHAPES,
  PRACTICE_VALVE_TURNS,
  type PracticeFeeder,
  practiceFeeder,
  practiceFlow,
  practiceKnobRead,
  practiceKnobVolts,
  practiceRun,
  practiceSpeed,
  practiceVolts,
} from './practice-feeder.ts';
