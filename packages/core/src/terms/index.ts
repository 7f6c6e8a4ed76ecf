export { entryFigure, type HandControl, type HandFigure, handSetting, trimFigure } from './hand-figure.ts';
export { type HandScale, handScales, type HandScales } from './hand-scale.ts';
export {
  NEAR_LETTER_SHARE,
  NEAR_POSITION_V,
  type OutOfReach,
  type VoltsOutOfReach,
  voltsTerm,
  type VoltsTerm,
  wireTerm,
  type WireTerm,
} from './knob-terms.ts';
export {
  type LidBasis,
  type LidCell,
  lidChart,
  type LidChartInput,
  type LidColumn,
  type LidRow,
} from './lid-chart.ts';
export {
  machineTerms,
  type MachineTerms,
  planReach,
  type PositionLine,
  positionLines,
} from './machine-terms.ts';
export { isFarPosition, planFit, type PositionFit } from './position-fit.ts';
