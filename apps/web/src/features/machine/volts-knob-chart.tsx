import { bandAt, type BandedCurve, curveEnds } from '@hot-bead/core/base';
import { BandChart } from '../../drawing/chart/band-chart.tsx';

/** Arc volts over the marks of a volts knob: readings, the curve through them and its 95 % band. */
export function VoltsKnobChart({
  curve,
  currentA,
}: {
  readonly curve: BandedCurve;
  readonly currentA: number;
}) {
  const words = curve.points.map(({ x, y }) => `knob ${x}: ${y.toFixed(1)} V`).join('; ');
  return (
    <BandChart
      name={`volts over the knob at ${currentA} A`}
      label={`Volts at the arc against the volts knob, at ${currentA} A. ${words}`}
      ends={curveEnds(curve)}
      bandAt={(knob) => bandAt(curve, knob)}
      points={curve.points.map(({ x, y }) => ({ x, y }))}
    />
  );
}
