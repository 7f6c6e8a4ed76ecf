import type { Span } from '@hot-bead/core/base';
import { type Dial, dialEnds, dialSpeed } from '@hot-bead/core/machine';
import { BandChart } from '../../../drawing/chart/band-chart.tsx';
import { usePreferences } from '../../../preferences/preferences.tsx';
import { shownAs } from '../../../units/index.ts';

interface Props {
  readonly dial: Dial;
  /** The hidden dial of a practice feeder, once it is shown, m/min by knob. */
  readonly truth?: ((knob: number) => number) | undefined;
}

/** Wire speed against the knob: readings, the curve through them and its 95 % band. */
export function DialChart({ dial, truth }: Props) {
  const { units } = usePreferences();
  const { from, unit } = shownAs('wireFeedSpeed', units);
  const points = dial.points.map(({ knob, speedMPerMin }) => ({ x: knob, y: from(speedMPerMin) }));
  const shown = (span: Span | undefined): Span | undefined =>
    span && { start: from(span.start), low: from(span.low), high: from(span.high) };
  const words = points.map(({ x, y }) => `knob ${x}: ${y.toFixed(1)} ${unit}`).join('; ');
  return (
    <BandChart
      name={`wire speed over the knob, ${unit.replace('/', ' per ')}`}
      label={`Wire speed against the knob. ${words}`}
      ends={dialEnds(dial)}
      bandAt={(knob) => shown(dialSpeed(dial, knob))}
      points={points}
      truth={truth && ((knob) => from(truth(knob)))}
    />
  );
}
