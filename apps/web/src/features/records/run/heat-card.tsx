import { heatFigure, shownAs, withUnit } from '../../../units/index.ts';
import { isHeat, runHeat, runTravelMmPerMin, type WeldedRun } from '@hot-bead/core/records';
import { usePreferences } from '../../../preferences/preferences.tsx';
import { Section } from '../../../ui/page/section.tsx';
import { missingText } from './run-words.ts';

/** Heat input of a run, always with the way its power was taken. */
export function HeatCard({ run }: { readonly run: WeldedRun }) {
  const { units } = usePreferences();
  const heat = runHeat(run);
  const travel = runTravelMmPerMin(run);
  if (!isHeat(heat)) {
    return (
      <Section id="heat" title="Heat input" quiet>
        <p className="mt-1">
          It needs {missingText(heat)}.
          {travel !== undefined && ` Travel was ${withUnit('travel', travel, units)}.`}
        </p>
      </Section>
    );
  }
  const { heatInputKJPerMm, arcEnergyKJPerMm, by, meansOffShare } = heat;
  return (
    <Section id="heat" title="Heat input" quiet>
      <p className="figure-text mt-1 text-4xl">
        {heatFigure(heatInputKJPerMm, units)}{' '}
        <span className="text-xl">{shownAs('heatInput', units).unit}</span>
      </p>
      <p className="font-medium">
        {by === 'means' ? 'by mean volts × mean current' : 'by instantaneous power, from the trace'}
      </p>
      <p className="text-sm text-ink-soft">
        0.8 of {heatFigure(arcEnergyKJPerMm, units)} {shownAs('heatInput', units).unit} of arc energy [EN
        1011-1, recalled]
        {travel !== undefined && `; travel ${withUnit('travel', travel, units)}`}.
        {by === 'means'
          ? ' Where volts and current swing together it can be off by a fifth: a trace tells.'
          : meansOffShare !== undefined &&
            ` The means alone would say ${Math.abs(meansOffShare * 100).toFixed(0)} % ${meansOffShare < 0 ? 'less' : 'more'}.`}
      </p>
    </Section>
  );
}
