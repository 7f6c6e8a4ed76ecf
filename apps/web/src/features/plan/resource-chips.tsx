import { useWords } from '../../units/index.ts';
import { usePreferences } from '../../preferences/preferences.tsx';
import { type Units, wireSizeText } from '@hot-bead/core/base';
import type { Job } from '@hot-bead/contract/plan';
import type { Machine } from '@hot-bead/core/machine';
import { type Setup, USUAL_WORK } from '@hot-bead/core/plan';
import { gasOf, metalPair, MODE_NAME, type Way, type WeldMetal } from '@hot-bead/core/trade';
import { Button } from '../../ui/button.tsx';
import { ChipEditor } from '../../ui/chip-editor.tsx';
import { OptionList } from '../../ui/option-list.tsx';
import {
  gasOptions,
  machineOptions,
  WAY_CHIP,
  wireOptions,
  wayOptions,
  wireClassOptions,
} from './chip-options.ts';
import { type ChipGroupProps, OptionChip } from './option-chip.tsx';
import {
  withGas,
  withLoaded,
  withMachine,
  withOpenWay,
  withWayMode,
  withWire,
  withWireClass,
} from './work-changes.ts';

function wireText({ work }: Job, setup: Setup | undefined, units: Units): string {
  if (setup?.status === 'planned')
    return `${wireSizeText(setup.wire.diameterMm, units)} ${setup.wire.wireClass}`;
  const size = work.wireDiameterMm === undefined ? undefined : wireSizeText(work.wireDiameterMm, units);
  return [size, work.wireClass].filter((word) => word !== undefined).join(' ') || 'wire open';
}

function gasText({ work }: Job, setup: Setup | undefined): string {
  if (setup?.status === 'planned') return setup.gas.gas.name;
  return work.gas === undefined ? 'gas open' : gasOf(work.gas).name;
}

function wayText({ work }: Job, setup: Setup | undefined): string {
  const way = setup?.status === 'planned' ? setup.way : work.way;
  if (way === undefined) return 'way open';
  const mode = setup?.status === 'planned' ? setup.transferMode : work.mode;
  return mode === undefined || mode === 'own' ? WAY_CHIP[way] : `${WAY_CHIP[way]}, ${MODE_NAME[mode]}`;
}

function weldMetalOf({ work }: Job): WeldMetal {
  const pair = metalPair({ ...work, metal: work.metal ?? USUAL_WORK.metal });
  return pair.status === 'weldable' ? pair.weldMetal : 'steel';
}

interface OnMachineProps {
  readonly machine: Machine | undefined;
  readonly onUse: (machine: Machine) => void;
}

/** One tap to what stands on the machine. */
function UseLoaded({ machine, onUse }: OnMachineProps) {
  if (!machine) return null;
  return (
    <Button className="mb-2 w-full" onClick={() => onUse(machine)}>
      Use what is on {machine.name}
    </Button>
  );
}

function WireChip({ job, setup, machines, set }: ChipGroupProps) {
  const say = useWords();
  const { units } = usePreferences();
  const { work } = job;
  const machine = machines.find(({ name }) => name === work.machineName);
  const way: Way = setup?.status === 'planned' ? setup.way : (work.way ?? 'solid-gas');
  const assumed = work.wireDiameterMm === undefined && work.wireClass === undefined;
  return (
    <ChipEditor name="Wire" text={wireText(job, setup, units)} assumed={assumed}>
      {(close) => {
        const done = (next: typeof work): void => {
          set(next);
          close();
        };
        return (
          <>
            <UseLoaded machine={machine} onUse={(m) => done(withLoaded(work, m))} />
            <OptionList
              label="Wire size"
              value={String(work.wireDiameterMm ?? 'open')}
              options={wireOptions(units)}
              onPick={(value) => done(withWire(work, value))}
            />
            <h3 className="label-text mt-3 mb-1">Class</h3>
            <OptionList
              label="Wire class"
              value={work.wireClass ?? 'open'}
              options={wireClassOptions(way, say)}
              onPick={(value) => done(withWireClass(work, value))}
            />
          </>
        );
      }}
    </ChipEditor>
  );
}

function GasChip({ job, setup, machines, set }: ChipGroupProps) {
  const { work } = job;
  const machine = machines.find(({ name }) => name === work.machineName);
  return (
    <ChipEditor name="Gas" text={gasText(job, setup)} assumed={work.gas === undefined}>
      {(close) => (
        <>
          <UseLoaded
            machine={machine}
            onUse={(m) => {
              set(withLoaded(work, m));
              close();
            }}
          />
          <OptionList
            label="Gas"
            value={work.gas ?? 'open'}
            options={gasOptions(work.gas)}
            onPick={(value) => {
              set(withGas(work, value));
              close();
            }}
          />
        </>
      )}
    </ChipEditor>
  );
}

/** Way, wire, gas, machine. */
export function ResourceChips(props: ChipGroupProps) {
  const { units } = usePreferences();
  const { job, setup, machines, set } = props;
  const { work } = job;
  const planned = setup?.status === 'planned' ? setup : undefined;
  const asked = work.way !== undefined || work.mode !== undefined;
  return (
    <>
      <OptionChip
        name="Way"
        text={wayText(job, setup)}
        assumed={!asked}
        value={asked && planned ? `${planned.way}/${planned.transferMode}` : asked ? undefined : 'open'}
        options={wayOptions(weldMetalOf(job))}
        onPick={(value) => {
          if (value === 'open') return set(withOpenWay(work));
          const [way, mode] = value.split('/') as [Way, 'spray'];
          set(withWayMode(work, way, mode));
        }}
      />
      <WireChip {...props} />
      <GasChip {...props} />
      <OptionChip
        name="Machine"
        text={work.machineName ?? 'no machine'}
        assumed={work.machineName === undefined}
        value={work.machineName ?? ''}
        options={machineOptions(machines, units)}
        onPick={(name) => set(withMachine(work, name))}
      />
    </>
  );
}
