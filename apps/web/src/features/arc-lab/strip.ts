import { ARC_SAMPLES_PER_S, type ArcSamples } from '@hot-bead/core/arc-lab';

/** Time that the strip shows, s. */
const SHOWN_S = 0.06;
const MOST_V = 45;
const MOST_A = 450;
const LABEL_PX = 64;

interface Pens {
  readonly ink: string;
  readonly soft: string;
  readonly line: string;
  readonly short: string;
}

function pensOf(canvas: HTMLCanvasElement): Pens {
  const style = getComputedStyle(canvas);
  const of = (name: string): string => style.getPropertyValue(name);
  return { ink: of('--ink'), soft: of('--ink-soft'), line: of('--line'), short: of('--cold-tint') };
}

/** Draws volts over current, the moment at the right edge, shorts shaded. */
export function drawStrip(canvas: HTMLCanvasElement, samples: ArcSamples, sample: number): void {
  const pen = canvas.getContext('2d');
  if (!pen) return;
  const { width, height } = canvas;
  const { ink, soft, line, short } = pensOf(canvas);
  const shown = Math.round(SHOWN_S * ARC_SAMPLES_PER_S);
  const { length } = samples.volts;
  const wide = width - LABEL_PX;
  const at = (px: number): number => (sample - Math.round((1 - px / wide) * shown) + length) % length;
  pen.clearRect(0, 0, width, height);
  pen.fillStyle = short;
  for (let px = 0; px < wide; px++) {
    if ((samples.gapMm[at(px)] ?? 1) <= 0) pen.fillRect(LABEL_PX + px, 0, 1, height);
  }
  const half = height / 2;
  const scale = (value: number, most: number, top: number): number =>
    top + half - 8 - (value / most) * (half - 24);
  const curve = (
    list: Float32Array,
    most: number,
    top: number,
    marks: readonly number[],
    unit: string,
  ): void => {
    pen.font = '22px Barlow, sans-serif';
    for (const mark of marks) {
      const y = scale(mark, most, top);
      pen.fillStyle = line;
      pen.fillRect(LABEL_PX, y, wide, 1);
      pen.fillStyle = soft;
      pen.fillText(`${mark} ${unit}`, 2, y + 7);
    }
    pen.strokeStyle = ink;
    pen.lineWidth = 2;
    pen.beginPath();
    for (let px = 0; px < wide; px++) pen.lineTo(LABEL_PX + px, scale(list[at(px)] ?? 0, most, top));
    pen.stroke();
  };
  curve(samples.volts, MOST_V, 0, [0, 20, 40], 'V');
  curve(samples.amps, MOST_A, half, [0, 200, 400], 'A');
}
