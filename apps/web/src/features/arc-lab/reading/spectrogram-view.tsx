import type { SoundReading } from '@hot-bead/core/arc-lab';
import { useEffect, useRef } from 'react';
import type { Spectrogram } from './read-recorded.ts';

interface Props {
  readonly spectrogram: Spectrogram;
  readonly reading: SoundReading;
  readonly seconds: number;
}

/** Ink by loudness, on the paper of the theme. */
function paint(canvas: HTMLCanvasElement, { columns, rows, levels }: Spectrogram): void {
  const pen = canvas.getContext('2d');
  if (!pen) return;
  const isDark = document.documentElement.dataset['theme'] === 'dark';
  const ink = isDark ? [233, 228, 216] : [29, 34, 38];
  const image = pen.createImageData(columns, rows);
  for (let c = 0; c < columns; c++) {
    for (let r = 0; r < rows; r++) {
      const at = 4 * ((rows - 1 - r) * columns + c);
      image.data.set([...ink, levels[c * rows + r] ?? 0], at);
    }
  }
  pen.putImageData(image, 0, 0);
}

/** A recording over time and pitch, the stretch that was read framed, each click marked under it. */
export function SpectrogramView({ spectrogram, reading, seconds }: Props) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    if (canvas.current) paint(canvas.current, spectrogram);
  }, [spectrogram]);
  const { fromS, toS } = reading.stretch;
  const clicks = reading.status === 'read' ? reading.clicksAtS : [];
  const x = (at: number): number => (at / seconds) * 1000;
  return (
    <figure>
      <div className="relative">
        <canvas
          ref={canvas}
          width={spectrogram.columns}
          height={spectrogram.rows}
          className="h-40 w-full rounded-md border border-line bg-plate"
          role="img"
          aria-label="Loudness of the recording over time and pitch"
        />
        <svg
          viewBox="0 0 1000 100"
          preserveAspectRatio="none"
          className="absolute inset-0 size-full"
          aria-hidden="true"
        >
          <rect
            x={x(fromS)}
            y="1"
            width={x(toS) - x(fromS)}
            height="98"
            fill="none"
            stroke="var(--action)"
            strokeWidth="2"
            vectorEffect="non-scaling-stroke"
          />
        </svg>
      </div>
      <svg viewBox="0 0 1000 12" preserveAspectRatio="none" className="h-4 w-full" aria-hidden="true">
        {clicks.map((at) => (
          <path
            key={at}
            d={`M${x(at).toFixed(2)} 0V12`}
            stroke="var(--ink)"
            strokeWidth="1"
            vectorEffect="non-scaling-stroke"
          />
        ))}
      </svg>
      <figcaption className="text-sm text-ink-soft">
        {seconds.toFixed(1)} s, up to {Math.round(spectrogram.highestHz / 1000)} kHz. Framed: the stretch that
        was read, {fromS.toFixed(1)} to {toS.toFixed(1)} s.
        {clicks.length > 0 && ` Below: its ${clicks.length} clicks.`}
      </figcaption>
    </figure>
  );
}
