import { validated } from '@hot-bead/contract/base';
import { type KeptMachine, meterReadingSchema } from '@hot-bead/contract/machine';
import { type MeterReading, shownOffset, type VoltsControl } from '@hot-bead/core/machine';
import { Removable } from '../../ui/removable.tsx';
import { useChangeWithUndo } from './use-change-with-undo.ts';
import { ValuesForm } from './values-form.tsx';

/** What the display shows against a meter at the arc. */
export function ShownVolts({
  machine,
  meter,
}: {
  readonly machine: KeptMachine;
  readonly meter: readonly MeterReading[];
}) {
  const { set, saving } = useChangeWithUndo(machine);
  const offset = shownOffset(meter);
  const withMeter = (next: readonly MeterReading[]): VoltsControl => ({
    kind: 'displayed',
    ...(next.length > 0 ? { meter: next } : {}),
  });
  return (
    <>
      {offset ? (
        <p>
          The display reads{' '}
          <span className="figure-text text-3xl">{Math.abs(offset.offsetV.start).toFixed(1)} V</span>{' '}
          {offset.offsetV.start >= 0 ? 'above' : 'below'} a meter at the arc{' '}
          <span className="text-sm text-ink-soft">
            ({offset.offsetV.low.toFixed(1)} to {offset.offsetV.high.toFixed(1)}, from {offset.readings}{' '}
            {offset.readings === 1 ? 'reading' : 'readings'}): plans say what to show.
          </span>
        </p>
      ) : (
        <p>
          Taken as it shows. A meter from the tip holder to the work while an arc burns tells how far it is
          off: the leads take their share.
        </p>
      )}
      <ul className="flex flex-wrap gap-2 text-sm">
        {meter.map(({ shownV, meterV }, i) => (
          <Removable
            key={`${shownV} ${meterV} ${i}`}
            removeLabel={`Take the reading of ${meterV} V at ${shownV} V shown out`}
            onRemove={() => set({ voltsControl: withMeter(meter.toSpliced(i, 1)) }, 'Reading taken out')}
          >
            {shownV} V shown, {meterV} V read
          </Removable>
        ))}
      </ul>
      <ValuesForm
        label="Hold the display against a meter"
        values={[
          { name: 'shownV', label: 'It shows (V)' },
          { name: 'meterV', label: 'Meter reads (V)' },
        ]}
        saving={saving}
        check={(values) => validated(meterReadingSchema, values)}
        onKeep={(reading, settle) =>
          set({ voltsControl: withMeter([...meter, reading]) }, 'Reading kept', settle)
        }
      />
      <p className="text-sm text-ink-soft">
        ◆ The tip is live: insulated probes, dry gloves, no contact with the work lead.
      </p>
    </>
  );
}
