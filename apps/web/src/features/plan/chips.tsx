import type { Job } from '@hot-bead/contract';
import {
  type CompletedWork,
  gasOf,
  JOINT_NAME,
  type Machine,
  metalName,
  PLACE_NAME,
  POSITION_NAME,
  type QuickWork,
  type Setup,
  SURFACE_NAME,
  USUAL_WORK,
} from '@hot-bead/core';
import { usePreferences } from '../../app/preferences.tsx';
import { ChipEditor } from '../../ui/chip-editor.tsx';
import { OptionList } from '../../ui/option-list.tsx';
import { useChangeJob } from '../jobs/index.ts';
import { withUnit, wireSizeText } from '../units/index.ts';
import {
  gasOptions,
  JOINT_OPTIONS,
  machineOptions,
  METAL_OPTIONS,
  type Option,
  PLACE_OPTIONS,
  POSITION_OPTIONS,
  SURFACE_OPTIONS,
  WAY_CHIP,
  WAY_OPTIONS,
  WIRE_OPTIONS,
} from './chip-options.ts';
import { ThicknessEditor } from './thickness-editor.tsx';
import { withGas, withMachine, withMetal, withPlace, withWay, withWire } from './work-changes.ts';

interface Props {
  readonly job: Job;
  readonly complete: CompletedWork | undefined;
  readonly setup: Setup | undefined;
  readonly machines: readonly Machine[];
}

interface OptionChipProps<T extends string> {
  readonly name: string;
  readonly text: string;
  readonly assumed: boolean;
  readonly value: T | undefined;
  readonly options: readonly Option<T>[];
  readonly onPick: (value: T) => void;
}

/** A chip whose editor is a list to pick from. */
function OptionChip<T extends string>({ name, text, assumed, value, options, onPick }: OptionChipProps<T>) {
  return (
    <ChipEditor name={name} text={text} assumed={assumed}>
      {(close) => (
        <OptionList
          label={name}
          value={value}
          options={options}
          onPick={(picked) => {
            onPick(picked);
            close();
          }}
        />
      )}
    </ChipEditor>
  );
}

function wireText({ work }: Job, setup: Setup | undefined): string {
  if (setup?.status === 'planned') return `${wireSizeText(setup.wire.diameterMm)} ${setup.wire.wireClass}`;
  const size = work.wireDiameterMm === undefined ? undefined : wireSizeText(work.wireDiameterMm);
  return [size, work.wireClass].filter((word) => word !== undefined).join(' ') || 'wire open';
}

function gasText({ work }: Job, setup: Setup | undefined): string {
  if (setup?.status === 'planned') return setup.gas.gas.name;
  return work.gas === undefined ? 'gas open' : gasOf(work.gas).name;
}

interface GroupProps extends Props {
  readonly set: (work: QuickWork) => void;
}

/** Metal, thickness, joint, position, surface, place. */
function WorkChips({ job, complete, set }: GroupProps) {
  const { units } = usePreferences();
  const { work } = job;
  const full = complete?.work ?? { ...USUAL_WORK, ...work };
  const thickness = [work.thicknessMm, work.otherThicknessMm].flatMap((mm) =>
    mm === undefined ? [] : withUnit('thickness', mm, units),
  );
  const place = `${PLACE_NAME[full.place]}${full.windy ? ', in wind' : ''}`;
  return (
    <>
      <OptionChip
        name="Metal"
        text={metalName(full.metal, full.alloy)}
        assumed={work.metal === undefined}
        value={`${full.metal}/${full.alloy ?? ''}`}
        options={METAL_OPTIONS}
        onPick={(value) => set(withMetal(work, value))}
      />
      <ChipEditor
        name="Thickness"
        text={thickness.join(' on ') || 'how thick?'}
        assumed={work.thicknessMm === undefined}
      >
        {(close) => (
          <ThicknessEditor
            work={work}
            onSave={(next) => {
              set(next);
              close();
            }}
          />
        )}
      </ChipEditor>
      <OptionChip
        name="Joint"
        text={JOINT_NAME[full.joint]}
        assumed={work.joint === undefined}
        value={full.joint}
        options={JOINT_OPTIONS}
        onPick={(joint) => set({ ...work, joint })}
      />
      <OptionChip
        name="Position"
        text={POSITION_NAME[full.position]}
        assumed={work.position === undefined}
        value={full.position}
        options={POSITION_OPTIONS}
        onPick={(position) => set({ ...work, position })}
      />
      <OptionChip
        name="Surface"
        text={SURFACE_NAME[full.surface]}
        assumed={work.surface === undefined}
        value={full.surface}
        options={SURFACE_OPTIONS}
        onPick={(surface) => set({ ...work, surface })}
      />
      <OptionChip
        name="Place"
        text={place}
        assumed={work.place === undefined && work.windy === undefined}
        value={full.windy ? 'wind' : full.place}
        options={PLACE_OPTIONS}
        onPick={(value) => set(withPlace(work, value))}
      />
    </>
  );
}

/** Way, wire, gas, machine. */
function ResourceChips({ job, setup, machines, set }: GroupProps) {
  const { work } = job;
  const way = work.way ?? 'solid-gas';
  return (
    <>
      <OptionChip
        name="Way"
        text={WAY_CHIP[way]}
        assumed={work.way === undefined}
        value={work.way}
        options={WAY_OPTIONS}
        onPick={(value) => set(withWay(work, value))}
      />
      <OptionChip
        name="Wire"
        text={wireText(job, setup)}
        assumed={work.wireDiameterMm === undefined}
        value={String(work.wireDiameterMm ?? 'open')}
        options={WIRE_OPTIONS}
        onPick={(value) => set(withWire(work, value))}
      />
      <OptionChip
        name="Gas"
        text={gasText(job, setup)}
        assumed={work.gas === undefined}
        value={work.gas ?? 'open'}
        options={gasOptions(work.gas)}
        onPick={(value) => set(withGas(work, value))}
      />
      <OptionChip
        name="Machine"
        text={work.machineName ?? 'no machine'}
        assumed={work.machineName === undefined}
        value={work.machineName ?? ''}
        options={machineOptions(machines)}
        onPick={(name) => set(withMachine(work, name))}
      />
    </>
  );
}

/** Everything the plan stands on, each a chip that opens its editor. */
export function Chips(props: Props) {
  const change = useChangeJob(props.job.id);
  const set = (work: QuickWork): void => change.mutate({ work });
  return (
    <section aria-label="What the plan stands on">
      <div className="flex flex-wrap gap-1.5">
        <WorkChips {...props} set={set} />
        <ResourceChips {...props} set={set} />
      </div>
      {change.error && (
        <p role="alert" className="mt-2 text-hot">
          {change.error.message} The change was taken back.
        </p>
      )}
    </section>
  );
}
