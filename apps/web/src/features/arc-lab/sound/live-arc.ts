import type { ArcSetting } from '@hot-bead/core/arc-lab';
import type { StreamMessage } from './arc-stream.worker.ts';
import workletUrl from './arc-stream.worklet.ts?worker&url';
import { comeUp, soundOutput, takeTurn } from './sound-output.ts';

/** An arc that is heard while its knobs are turned. */
export interface LiveArc {
  readonly turn: (setting: ArcSetting) => void;
  readonly stop: () => void;
}

let worklet: Promise<void> | undefined;
let spare: Worker | undefined;

function streamWorker(): Worker {
  return new Worker(new URL('./arc-stream.worker.ts', import.meta.url), { type: 'module' });
}

/** Has all ready that the first press needs; nothing is heard of it. */
export function warmLive(): void {
  if (typeof AudioContext === 'undefined') return;
  spare ??= streamWorker();
  worklet ??= soundOutput().context.audioWorklet.addModule(workletUrl);
}

interface StreamReport {
  readonly begun?: true;
  readonly gaps?: number;
}

/**
 * Begins to play an arc: simulated in a worker, handed to the audio thread without passing the page, so that nothing drawn can
 * make it stumble.
 *
 * @param listener.onGap each time that the sound ran dry, with how often it did
 * @param listener.onOver once another sound took its turn
 */
export async function playLive(
  setting: ArcSetting,
  seed: number,
  listener: { readonly onGap: (gaps: number) => void; readonly onOver: () => void },
): Promise<LiveArc> {
  const output = soundOutput();
  const { context, input } = output;
  const worker = spare ?? streamWorker();
  spare = undefined;
  const send = (message: StreamMessage, move: Transferable[] = []): void => worker.postMessage(message, move);
  const { port1, port2 } = new MessageChannel();
  send({ kind: 'begin', setting, seed, to: port1 }, [port1]);
  worklet ??= context.audioWorklet.addModule(workletUrl);
  await Promise.all([worklet, context.resume()]);
  const node = new AudioWorkletNode(context, 'arc-stream', { numberOfInputs: 0, outputChannelCount: [1] });
  await new Promise<void>((begun) => {
    node.port.onmessage = ({ data }: MessageEvent<StreamReport>) => {
      if (data.begun) begun();
      if (data.gaps !== undefined) listener.onGap(data.gaps);
    };
    comeUp(output);
    node.connect(input);
    node.port.postMessage({ from: port2 }, [port2]);
  });
  const stop = (): void => {
    node.port.onmessage = null;
    node.port.postMessage('over');
    node.disconnect();
    worker.terminate();
  };
  takeTurn(() => {
    stop();
    listener.onOver();
  });
  return { turn: (next) => send({ kind: 'turn', setting: next }), stop };
}
