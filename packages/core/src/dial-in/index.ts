export { jobLadders } from './current-ladder.ts';
export { type DialIn, dialIn, type LadderBead } from './dial-in.ts';
export { dialWayFor, dialWayRows } from './dial-ways.ts';
export { reachFault, type ReachFault } from './reach-fault.ts';
export type { DialledPlan } from './settable.ts';

// Proof
export { laddersOf, provenSetting, type WeldedBead } from './proof/proven-setting.ts';
export { type WeldedWith, weldedWith } from './proof/welded-with.ts';
