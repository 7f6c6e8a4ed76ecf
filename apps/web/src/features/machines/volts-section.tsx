import { type KeptMachine, loadedSchema, meterReadingSchema, validated } from '@hot-bead/contract';
import {
  type MeterReading,
  positionVolts,
  shownOffset,
  type VoltsControl,
  type VoltsPosition,
} from '@hot-bead/core';
import { useId, useState } from 'react';
import { Removable } from '../../ui/removable.tsx';
import { SelectField } from '../../ui/field.tsx';
import { useToast } from '../../ui/toasts.tsx';
import { ageText, calibratedAt } from './calibration-age.ts';
import { useChangeMachine } from './machines.queries.ts';
import { ValuesForm } from './values-form.tsx';

const FROM = {
  'two-loaded': 'from two loaded readings',
  'one-loaded': 'one loaded reading, droop assumed',
  open: 'open circuit less an assumed droop',
} as const;

type Positions = Extract<VoltsControl, { kind: 'positions' }>;

function Age({ machine }: { readonly machine: KeptMachine }) {
  const { volts } = calibratedAt(machine);
  return volts ? <p className="text-sm text-ink-soft">Last read {ageText(volts, new Date())}.</p> : null;
}

/** A change of the volts control, with the way back. */
function useChangeVolts(machine: KeptMachine) {
  const change = useChangeMachine(machine.id);
  const toast = useToast();
  const set = (voltsControl: VoltsControl, done: string, settle?: (error?: Error) => void): void => {
    const before = machine.voltsControl;
    change.mutate(
      { voltsControl },
      {
        onSuccess: () => {
          settle?.();
          toast(done, before && (() => change.mutate({ voltsControl: before })));
        },
        onError: (error) => (settle ? settle(error) : toast(`Not kept. ${error.message}`)),
      },
    );
  };
  return { set, saving: change.isPending };
}

function LoadedReadings({
  position,
  onTakeOut,
}: {
  readonly position: VoltsPosition;
  readonly onTakeOut: (index: number) => void;
}) {
  if (!position.loaded || position.loaded.length === 0) return null;
  return (
    <ul className="mt-1 flex flex-wrap gap-2 text-sm">
      {position.loaded.map(({ volts, currentA }, i) => (
        <Removable
          key={`${volts} ${currentA} ${i}`}
          removeLabel={`Take ${volts} V at ${currentA} A on tap ${position.name} out`}
          onRemove={() => onTakeOut(i)}
        >
          {volts} V at {currentA} A
        </Removable>
      ))}
    </ul>
  );
}

function PositionRow({
  machine,
  position,
  currentA,
  onTakeOut,
}: {
  readonly machine: KeptMachine;
  readonly position: VoltsPosition;
  readonly currentA: number;
  readonly onTakeOut: (index: number) => void;
}) {
  const gives = positionVolts(position, machine.kind ?? 'transformer', currentA);
  const idle = machine.kind === 'inverter' && position.openV !== undefined;
  return (
    <tr className="border-b border-line align-baseline last:border-b-0">
      <th scope="row" className="figure-text py-2 text-left text-2xl">
        {position.name}
      </th>
      <td>{position.openV === undefined ? 'not read' : `${position.openV.toFixed(1)} V`}</td>
      <td>
        {gives ? (
          <>
            <span className="figure-text text-xl">{gives.volts.start.toFixed(1)} V</span>{' '}
            <span className="text-sm text-ink-soft">
              {gives.volts.low.toFixed(1)} to {gives.volts.high.toFixed(1)}, {FROM[gives.from]}
            </span>
          </>
        ) : (
          <span className="text-ink-soft">
            not known: read it under load{idle ? '; an inverter’s idle volts say nothing' : ''}
          </span>
        )}
        <LoadedReadings position={position} onTakeOut={onTakeOut} />
      </td>
    </tr>
  );
}

/** Taps or letters as a ladder of volts: open circuit beside what they give at the arc. */
function Taps({ machine, control }: { readonly machine: KeptMachine; readonly control: Positions }) {
  const [amps, setAmps] = useState('100');
  const [tap, setTap] = useState(control.positions[0]?.name ?? '');
  const id = useId();
  const { set, saving } = useChangeVolts(machine);
  const current = Math.min(Math.max(Number(amps) || 100, 10), 500);
  const withLoaded = (name: string, loaded: VoltsPosition['loaded']): Positions => ({
    kind: 'positions',
    positions: control.positions.map(({ loaded: before, ...position }) => {
      const next = position.name === name ? loaded : before;
      return { ...position, ...(next && next.length > 0 ? { loaded: next } : {}) };
    }),
  });
  const loadedOf = (name: string) => control.positions.find((p) => p.name === name)?.loaded ?? [];
  return (
    <>
      <label htmlFor={id} className="label-text">
        At a current of (A)
        <input
          id={id}
          inputMode="numeric"
          value={amps}
          onChange={(event) => setAmps(event.target.value)}
          className="ml-3 h-11 w-24 rounded-md border border-line-strong bg-plate px-2 text-base text-ink"
        />
      </label>
      <table className="w-full">
        <thead>
          <tr className="label-text border-b border-line text-left">
            <th scope="col">tap</th>
            <th scope="col">open circuit</th>
            <th scope="col">at the arc</th>
          </tr>
        </thead>
        <tbody>
          {control.positions.toReversed().map((position) => (
            <PositionRow
              key={position.name}
              machine={machine}
              position={position}
              currentA={current}
              onTakeOut={(index) =>
                set(
                  withLoaded(position.name, loadedOf(position.name).toSpliced(index, 1)),
                  'Reading taken out',
                )
              }
            />
          ))}
        </tbody>
      </table>
      <ValuesForm
        label="Read volts under load"
        values={[
          { name: 'volts', label: 'Arc volts' },
          { name: 'currentA', label: 'at amps' },
        ]}
        saving={saving}
        check={(values) => validated(loadedSchema, values)}
        onKeep={(reading, settle) =>
          set(withLoaded(tap, [...loadedOf(tap), reading]), 'Reading kept', settle)
        }
      >
        <SelectField
          label="Tap"
          value={tap}
          options={control.positions.map(({ name }) => [name, name] as const)}
          onChange={(event) => setTap(event.target.value)}
        />
      </ValuesForm>
      <p className="text-sm text-ink-soft">
        ◆ The tip is live: insulated probes, dry gloves, no contact with the work lead. Two readings of one
        tap, 20 A or more apart, give its droop.
      </p>
    </>
  );
}

/** What the display shows against a meter at the arc. */
function Shown({
  machine,
  meter,
}: {
  readonly machine: KeptMachine;
  readonly meter: readonly MeterReading[];
}) {
  const { set, saving } = useChangeVolts(machine);
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
            onRemove={() => set(withMeter(meter.toSpliced(i, 1)), 'Reading taken out')}
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
        onKeep={(reading, settle) => set(withMeter([...meter, reading]), 'Reading kept', settle)}
      />
      <p className="text-sm text-ink-soft">
        ◆ The tip is live: insulated probes, dry gloves, no contact with the work lead.
      </p>
    </>
  );
}

/** What the volts control means: taps and letters, or a display held against a meter. */
export function VoltsSection({ machine }: { readonly machine: KeptMachine }) {
  const control = machine.voltsControl;
  if (control?.kind !== 'positions' && control?.kind !== 'displayed') return null;
  return (
    <section
      id="volts"
      aria-labelledby="volts-heading"
      className="grid scroll-mt-16 grid-cols-1 content-start gap-3 rounded-md border border-line bg-plate p-4"
    >
      <h2 id="volts-heading" className="text-lg font-semibold">
        {control.kind === 'positions' ? 'What the taps give' : 'What the volts display is worth'}
      </h2>
      {control.kind === 'positions' ? (
        <Taps machine={machine} control={control} />
      ) : (
        <Shown machine={machine} meter={control.meter ?? []} />
      )}
      <Age machine={machine} />
    </section>
  );
}
