export type { ArcRecord } from './arc-record.worker.ts';
export { type LiveArc, playLive, warmLive } from './live-arc.ts';
export { playArcs, type PlayedArc, stopPlaying } from './play-arc.ts';
export { PlayButton } from './play-button.tsx';
export { recordAway } from './record-away.ts';
export { SoundSamples } from './sound-samples.tsx';
export { soundVolume, turnVolume } from './sound-output.ts';
