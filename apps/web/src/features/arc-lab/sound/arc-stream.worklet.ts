/** What is used of the scope that worklets run in. */
declare class AudioWorkletProcessor {
  readonly port: MessagePort;
}
declare function registerProcessor(name: string, processor: new () => AudioWorkletProcessor): void;

/** Samples that are kept ready: enough to bridge a busy moment, few enough that a turned knob is heard at once. */
const KEPT_READY = 5120;
/** After so many blocks of 128 samples without an answer it is asked again (a tenth of a second): an asking can get lost. */
const ASKS_AGAIN_AFTER_BLOCKS = 40;

/** Plays what the simulation sends, and asks for more in time. */
class ArcStream extends AudioWorkletProcessor {
  private readonly queue: Float32Array[] = [];
  private at = 0;
  private ready = 0;
  private asked = false;
  private blocksSinceAsked = 0;
  private begun = false;
  private gaps = 0;
  private from: MessagePort | undefined;
  private isOver = false;

  constructor() {
    super();
    this.port.onmessage = ({ data }: MessageEvent<'over' | { readonly from: MessagePort }>) => {
      if (data === 'over') {
        this.isOver = true;
        return;
      }
      this.from = data.from;
      this.from.onmessage = ({ data: chunk }: MessageEvent<Float32Array>) => {
        this.queue.push(chunk);
        this.ready += chunk.length;
        this.asked = false;
        if (!this.begun) this.port.postMessage({ begun: true });
        this.begun = true;
        this.ask();
      };
      this.ask();
    };
  }

  private ask(): void {
    if (this.asked || this.ready >= KEPT_READY) return;
    this.asked = true;
    this.blocksSinceAsked = 0;
    this.from?.postMessage('more');
  }

  process(_inputs: unknown, outputs: readonly (readonly Float32Array[])[]): boolean {
    if (this.isOver) return false;
    const out = outputs[0]?.[0];
    if (!out) return true;
    for (let i = 0; i < out.length; i++) {
      const head = this.queue[0];
      if (!head) {
        if (this.begun && i === 0) {
          this.gaps += 1;
          this.port.postMessage({ gaps: this.gaps });
        }
        out[i] = 0;
        continue;
      }
      out[i] = head[this.at] ?? 0;
      this.at += 1;
      this.ready -= 1;
      if (this.at === head.length) {
        this.queue.shift();
        this.at = 0;
      }
    }
    this.blocksSinceAsked += 1;
    if (this.blocksSinceAsked > ASKS_AGAIN_AFTER_BLOCKS) this.asked = false;
    this.ask();
    return true;
  }
}

registerProcessor('arc-stream', ArcStream);
