import type { Sound } from '@hot-bead/core/arc-lab';

/** How long the microphone listens, s: three are read, the best of them. */
export const LISTENS_S = 8;

/** Nothing that a phone does to make voices clear: it would bend the clicks. */
const PLAIN: MediaTrackConstraints = {
  echoCancellation: false,
  noiseSuppression: false,
  autoGainControl: false,
};

/** Whether this browser lets a microphone be asked for, which it does at a safe address only. */
export function hasMicrophone(): boolean {
  return 'mediaDevices' in navigator && typeof MediaRecorder !== 'undefined';
}

/** Listens for {@link LISTENS_S}. @throws where the microphone is not allowed */
export async function listen(onSecond: (left: number) => void): Promise<Sound> {
  const stream = await navigator.mediaDevices.getUserMedia({ audio: PLAIN });
  const parts: Blob[] = [];
  const recorder = new MediaRecorder(stream, { audioBitsPerSecond: 256_000 });
  recorder.addEventListener('dataavailable', ({ data }) => parts.push(data));
  const stopped = new Promise<void>((over) => recorder.addEventListener('stop', () => over()));
  recorder.start();
  for (let left = LISTENS_S; left > 0; left--) {
    onSecond(left);
    await new Promise((passed) => setTimeout(passed, 1000));
  }
  recorder.stop();
  await stopped;
  for (const track of stream.getTracks()) track.stop();
  const context = new AudioContext();
  const buffer = await context.decodeAudioData(await new Blob(parts).arrayBuffer());
  await context.close();
  return { samples: buffer.getChannelData(0), rate: buffer.sampleRate };
}
