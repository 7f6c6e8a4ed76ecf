import { validated } from '@hot-bead/contract/base';
import { type KeptMachine, loadedSchema } from '@hot-bead/contract/machine';
import {
  loadedDoubt,
  type LoadedDoubt,
  positionFor,
  positionVolts,
  type VoltsControl,
  type VoltsPosition,
} from '@hot-bead/core/machine';
import { useState } from 'react';
import { SelectField } from '../../ui/form/field.tsx';
import { MIND_BOX } from '../../ui/page/notices.tsx';
import { Removable } from '../../ui/removable.tsx';
import { useChangeWithUndo } from './use-change-with-undo.ts';
import { useShownCurrent } from './use-shown-current.tsx';
import { ValuesForm } from './values-form.tsx';
import { VoltsWanted } from './volts-wanted.tsx';
import { Table } from '../../ui/page/table.tsx';

const FROM = {
  'loaded-line': 'from its loaded readings',
  'open-and-loaded': 'one loaded reading and the open volts',
  'one-loaded': 'one loaded reading, droop assumed',
  open: 'open circuit less an assumed droop',
} as const;

type Positions = Extract<VoltsControl, { kind: 'positions' }>;

/** What the loaded readings of a tap leave in doubt, and what to do about it. */
function loadedDoubtText(doubt: LoadedDoubt): string {
  if (doubt.code === 'volts-rise') {
    return 'These volts rise with the current, and a source’s fall: read both again on this very tap.';
  }
  const { reading, offV } = doubt;
  return `${reading.volts} V at ${reading.currentA} A lies ${Math.abs(offV).toFixed(1)} V off what the readings make together: read it again, and take the wrong one out.`;
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
  const doubt = loadedDoubt(position.loaded ?? []);
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
              {gives.from === 'loaded-line' && ` (${gives.droopVPer100A.toFixed(1)} V droop at 100 A)`}
            </span>
          </>
        ) : (
          <span className="text-ink-soft">
            not known: read it under load{idle ? '; an inverter’s idle volts say nothing' : ''}
          </span>
        )}
        <LoadedReadings position={position} onTakeOut={onTakeOut} />
        {doubt && <p className={`mt-1 text-sm ${MIND_BOX}`}>◆ {loadedDoubtText(doubt)}</p>}
      </td>
    </tr>
  );
}

/** "Want 18 V at 100 A → tap 3, 0.3 V too low". */
function TapFor({
  machine,
  control,
  currentA,
}: {
  readonly machine: KeptMachine;
  readonly control: Positions;
  readonly currentA: number;
}) {
  return (
    <VoltsWanted>
      {(wanted) => (
        <TapAnswer choice={positionFor(control.positions, machine.kind ?? 'transformer', wanted, currentA)} />
      )}
    </VoltsWanted>
  );
}

function TapAnswer({ choice }: { readonly choice: ReturnType<typeof positionFor> }) {
  if (!choice) return 'No tap is known at the arc yet: read one.';
  return (
    <>
      Tap <span className="figure-text text-4xl">{choice.position.name}</span>{' '}
      <span className="text-base text-ink-soft">
        (gives {choice.gives.volts.start.toFixed(1)} V, {Math.abs(choice.offV).toFixed(1)} V{' '}
        {choice.offV >= 0 ? 'over' : 'under'})
      </span>
    </>
  );
}

/** Taps or letters as a ladder of volts: open circuit beside what they give at the arc. */
export function Taps({ machine, control }: { readonly machine: KeptMachine; readonly control: Positions }) {
  const { currentA: current, field } = useShownCurrent();
  const [tap, setTap] = useState(control.positions[0]?.name ?? '');
  const { set, saving } = useChangeWithUndo(machine);
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
      <TapFor machine={machine} control={control} currentA={current} />
      {field}
      <Table columns={['tap', 'open circuit', 'at the arc']}>
        {control.positions.toReversed().map((position) => (
          <PositionRow
            key={position.name}
            machine={machine}
            position={position}
            currentA={current}
            onTakeOut={(index) =>
              set(
                { voltsControl: withLoaded(position.name, loadedOf(position.name).toSpliced(index, 1)) },
                'Reading taken out',
              )
            }
          />
        ))}
      </Table>
      <ValuesForm
        label="Read volts under load"
        values={[
          { name: 'volts', label: 'Arc volts' },
          { name: 'currentA', label: 'at amps' },
        ]}
        saving={saving}
        check={(values) => validated(loadedSchema, values)}
        onKeep={(reading, settle) =>
          set({ voltsControl: withLoaded(tap, [...loadedOf(tap), reading]) }, 'Reading kept', settle)
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
        ◆ The tip is live: insulated probes, dry gloves, no contact with the work lead. A set with a capacitor
        reads near its peak when open, and droops unevenly: two loaded readings of one tap, 20 A or more
        apart, make it certain.
      </p>
    </>
  );
}
