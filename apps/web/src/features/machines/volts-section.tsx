import type { KeptMachine } from '@hot-bead/contract';
import { positionVolts } from '@hot-bead/core';
import { useId, useState } from 'react';
import { Button } from '../../ui/button.tsx';
import { useChangeMachine } from './machines.queries.ts';

const FROM = {
  'two-loaded': 'from two loaded readings',
  'one-loaded': 'one loaded reading, droop assumed',
  open: 'open circuit less an assumed droop',
} as const;

/** Adds a reading under load: volts and amps while an arc burns. */
function LoadedForm({ machine }: { readonly machine: KeptMachine }) {
  const control = machine.voltsControl;
  const positions = control?.kind === 'positions' ? control.positions : [];
  const [name, setName] = useState(positions[0]?.name ?? '');
  const [volts, setVolts] = useState('');
  const [amps, setAmps] = useState('');
  const change = useChangeMachine(machine.id);
  const ids = { name: useId(), volts: useId(), amps: useId() };
  const INPUT = 'mt-1 h-11 w-24 rounded-md border border-line-strong bg-plate px-2';
  const save = (): void => {
    const reading = { volts: Number(volts.replace(',', '.')), currentA: Number(amps.replace(',', '.')) };
    change.mutate(
      {
        voltsControl: {
          kind: 'positions',
          positions: positions.map((p) =>
            p.name === name ? { ...p, loaded: [...(p.loaded ?? []), reading] } : p,
          ),
        },
      },
      {
        onSuccess: () => {
          setVolts('');
          setAmps('');
        },
      },
    );
  };
  return (
    <form
      aria-label="Read volts under load"
      className="flex flex-wrap items-end gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        save();
      }}
    >
      <div>
        <label htmlFor={ids.name} className="label-text block">
          Tap
        </label>
        <select
          id={ids.name}
          value={name}
          onChange={(event) => setName(event.target.value)}
          className={INPUT}
        >
          {positions.map((position) => (
            <option key={position.name}>{position.name}</option>
          ))}
        </select>
      </div>
      <div>
        <label htmlFor={ids.volts} className="label-text block">
          Arc volts
        </label>
        <input
          id={ids.volts}
          inputMode="decimal"
          value={volts}
          onChange={(e) => setVolts(e.target.value)}
          className={INPUT}
        />
      </div>
      <div>
        <label htmlFor={ids.amps} className="label-text block">
          at amps
        </label>
        <input
          id={ids.amps}
          inputMode="decimal"
          value={amps}
          onChange={(e) => setAmps(e.target.value)}
          className={INPUT}
        />
      </div>
      <Button type="submit" disabled={change.isPending}>
        Keep it
      </Button>
      {change.error && (
        <p role="alert" className="w-full text-hot">
          {change.error.message}
        </p>
      )}
    </form>
  );
}

/** Taps or letters as a ladder of volts: open circuit beside what they give at the arc. */
export function VoltsSection({ machine }: { readonly machine: KeptMachine }) {
  const [amps, setAmps] = useState('100');
  const id = useId();
  const control = machine.voltsControl;
  if (control?.kind !== 'positions') return null;
  const current = Math.min(Math.max(Number(amps) || 100, 10), 500);
  return (
    <section
      aria-labelledby="volts"
      className="grid grid-cols-1 gap-3 rounded-md border border-line bg-plate p-4"
    >
      <h2 id="volts" className="text-lg font-semibold">
        What the taps give
      </h2>
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
          {control.positions.toReversed().map((position) => {
            const gives = positionVolts(position, machine.kind ?? 'transformer', current);
            return (
              <tr key={position.name} className="border-b border-line align-baseline last:border-b-0">
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
                      not known: read it under load
                      {machine.kind === 'inverter' && position.openV !== undefined
                        ? '; an inverter’s idle volts say nothing'
                        : ''}
                    </span>
                  )}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <LoadedForm machine={machine} />
    </section>
  );
}
