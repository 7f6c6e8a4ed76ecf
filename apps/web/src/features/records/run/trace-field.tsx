import type { TracePower } from '@hot-bead/core/records';
import type { ArcPower } from '@hot-bead/core/trade';
import { useState } from 'react';
import { Button } from '../../../ui/button.tsx';
import { FileField } from '../../../ui/form/file-field.tsx';
import { readTraceAway } from '../../arc-lab/traces/index.ts';

interface Props {
  readonly power: TracePower | undefined;
  readonly onPower: (power: TracePower | undefined) => void;
  readonly error: string | undefined;
}

/** What a run keeps of a trace. */
function keptOf({ instantaneousW, meanVolts, meanAmps, seconds, samplesPerSecond }: ArcPower): TracePower {
  return { watts: instantaneousW, meanVolts, meanAmps, seconds, samplesPerSecond };
}

/** True power from a trace of volts and current: the product of the means is not it wherever both swing. */
export function TraceField({ power, onPower, error }: Props) {
  const [says, setSays] = useState<string>();
  const [wrong, setWrong] = useState<string>();
  const [reading, setReading] = useState(false);
  const read = async (file: File): Promise<void> => {
    setReading(true);
    setWrong(undefined);
    try {
      const out = await readTraceAway(file);
      if (out.status === 'unreadable') setWrong(out.message);
      else {
        setSays(out.says);
        onPower(keptOf(out.power));
      }
    } catch (failure) {
      setWrong(failure instanceof Error ? failure.message : 'The trace could not be read.');
    } finally {
      setReading(false);
    }
  };
  return (
    <div>
      <FileField
        label="Trace of volts and current (CSV: time, volts, amps)"
        accept=".csv,.txt,.tsv,text/csv,text/plain"
        error={wrong ?? error}
        onPick={(file) => {
          if (file) void read(file);
        }}
      />
      {reading && <p role="status">Reading the trace…</p>}
      {power && (
        <p className="mt-1 text-[15px]">
          <span className="font-semibold">{power.watts.toFixed(0)} W true power</span>; mean volts × mean amps{' '}
          {(power.meanVolts * power.meanAmps).toFixed(0)} W ({power.meanVolts.toFixed(1)} V,{' '}
          {power.meanAmps.toFixed(0)} A).
          {says !== undefined && <span className="block text-sm text-ink-soft">{says}</span>}
          <Button tone="quiet" onClick={() => onPower(undefined)}>
            Leave the trace out
          </Button>
        </p>
      )}
    </div>
  );
}
