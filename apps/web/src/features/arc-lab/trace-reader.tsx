import { heatFigure, numberOrText, shownAs } from '../../units/index.ts';
import { ARC_CLASS_WORDS, evenWord } from '@hot-bead/core/arc-lab';
import { heatFromPowerKJPerMm, THERMAL_EFFICIENCY } from '@hot-bead/core/trade';
import { useState } from 'react';
import { usePreferences } from '../../preferences/preferences.tsx';
import { Field } from '../../ui/form/field.tsx';
import { FileField } from '../../ui/form/file-field.tsx';
import { readTraceAway, type TraceTold } from './traces/index.ts';

/** What a travel typed is, mm/min; undefined: none, or none that can be. */
function travelOf(text: string, to: (shown: number) => number): number | undefined {
  const travel = to(Number(numberOrText(text)));
  return travel >= 20 && travel <= 3000 ? travel : undefined;
}

function Facts({ power, features }: Extract<TraceTold, { status: 'read' }>) {
  const { units } = usePreferences();
  const [typed, setTyped] = useState('');
  const shown = shownAs('travel', units);
  const travel = travelOf(typed, shown.to);
  const dipClass = features?.dipClass;
  return (
    <div className="grid grid-cols-1 gap-3">
      <p className="figure-text text-[40px] leading-tight">
        {(power.instantaneousW / 1000).toFixed(2)} kW <span className="text-xl">true power</span>
      </p>
      <p>
        Mean {power.meanVolts.toFixed(1)} V and {power.meanAmps.toFixed(0)} A: by the means it would be{' '}
        {(power.ofMeansW / 1000).toFixed(2)} kW. RMS {power.rmsVolts.toFixed(1)} V, {power.rmsAmps.toFixed(0)}{' '}
        A, over {power.seconds.toFixed(2)} s at {(power.samplesPerSecond / 1000).toFixed(1)} kHz.
      </p>
      {features === undefined ? (
        <p className="text-hot">▲ Under 2 kHz shorts are missed: they are not counted.</p>
      ) : dipClass === undefined ? (
        <p>◆ No short arc: fewer than five shorts a second.</p>
      ) : (
        <p className="text-lg">
          {ARC_CLASS_WORDS[dipClass].name}: {features.shortsPerS.toFixed(0)} shorts a second,{' '}
          {evenWord(features.periodCv)}, {(features.meanShortS * 1000).toFixed(1)} ms each, shorted{' '}
          {Math.round(features.shortedShare * 100)} % of the time. {ARC_CLASS_WORDS[dipClass].turn} The edges
          between the classes are our model’s.
        </p>
      )}
      <div className="flex flex-wrap items-end gap-4">
        <Field
          label={`Travel, ${shown.unit}`}
          className="w-48"
          inputMode="decimal"
          value={typed}
          error={
            typed !== '' && travel === undefined
              ? `${shown.from(20).toFixed(0)} to ${shown.from(3000).toFixed(0)}, please.`
              : undefined
          }
          onChange={(event) => setTyped(event.target.value)}
        />
        {travel !== undefined && (
          <p className="figure-text pb-2 text-2xl">
            {heatFigure(heatFromPowerKJPerMm(power.instantaneousW, travel), units)}{' '}
            {shownAs('heatInput', units).unit}{' '}
            <span className="text-base text-ink-soft">
              heat input by instantaneous power, k {THERMAL_EFFICIENCY} (EN 1011-1, recalled)
            </span>
          </p>
        )}
      </div>
    </div>
  );
}

/** Reads a trace of volts and current: its power, its shorts and its heat. */
export function TraceReader() {
  const [told, setTold] = useState<TraceTold>();
  const [failure, setFailure] = useState<string>();
  const pick = async (file: File | undefined): Promise<void> => {
    if (!file) return;
    setFailure(undefined);
    setTold(undefined);
    try {
      setTold(await readTraceAway(file));
    } catch (reason) {
      setFailure(reason instanceof Error ? reason.message : 'The trace could not be read.');
    }
  };
  return (
    <div className="grid grid-cols-1 gap-3">
      <FileField
        label="CSV of time, volts, amps, evenly sampled at 2 kHz or more"
        accept=".csv,.txt,.tsv,text/csv"
        error={failure ?? (told?.status === 'unreadable' ? told.message : undefined)}
        onPick={(file) => void pick(file)}
      />
      {told?.status === 'read' && <Facts {...told} />}
    </div>
  );
}
