import type { KeptMachine, NewMachine } from '@hot-bead/contract/machine';
import type { Units } from '@hot-bead/core/base';
import { MACHINE_FEATURES } from '@hot-bead/core/machine';
import { POLARITIES } from '@hot-bead/core/trade';
import { Button } from '../../ui/button.tsx';
import { CheckList } from '../../ui/form/check-list.tsx';
import { type FormField, type Options, TEXT } from '../../form/form-fields.ts';
import { FormFieldsGrid } from '../../form/form-fields-grid.tsx';
import { Wrong } from '../../ui/form/wrong.tsx';
import { shownAs } from '../../units/index.ts';
import { ControlFields } from './control-fields.tsx';
import { CLASSES, GASES, wireSizes } from './machine-choices.ts';
import { StockFields } from './stock-fields.tsx';
import { useMachineForm } from './use-machine-form.ts';

const FEATURE_OPTIONS = MACHINE_FEATURES.map((value) => ({ value, label: value.replaceAll('-', ' ') }));
const KINDS: Options = [
  ['', 'not known'],
  ['inverter', 'inverter'],
  ['transformer', 'transformer'],
];
const LEADS: Options = [
  ['', 'not known'],
  ...POLARITIES.map((p) => [p, p === 'DCEP' ? 'gun on + (DCEP)' : 'gun on − (DCEN)'] as const),
];
const SWAPS: Options = [
  ['', 'not known'],
  ['sockets', 'at the sockets'],
  ['links', 'by links inside'],
  ['switch', 'by a switch'],
  ['fixed', 'not at all'],
];

const inSpeed = (name: string) => (units: Units) => `${name} (${shownAs('wireFeedSpeed', units).unit})`;

/** What its plate says, and what is on it. */
const PLATE: readonly FormField[] = [
  { name: 'name', label: 'Name', typing: TEXT },
  { name: 'kind', label: 'Kind', options: KINDS },
  { name: 'lowestA', label: 'Lowest current (A)' },
  { name: 'highestA', label: 'Highest current (A)' },
  { name: 'slowestWire', label: inSpeed('Slowest wire') },
  { name: 'fastestWire', label: inSpeed('Fastest wire') },
  { name: 'mainsV', label: 'Mains (V)' },
  { name: 'breakerA', label: 'Breaker or fuse (A)' },
  { name: 'loadedWireClass', label: 'Wire on it', options: CLASSES },
  { name: 'loadedWireDiameterMm', label: 'Wire size', options: wireSizes },
  { name: 'loadedGas', label: 'Gas on it', options: GASES },
  { name: 'standingPolarity', label: 'Leads stand', options: LEADS },
  { name: 'polarityChange', label: 'Leads are swapped', options: SWAPS },
];

interface Props {
  readonly machine: KeptMachine | undefined;
  readonly saving: boolean;
  /** Told when something is first touched. */
  readonly onBegin?: () => void;
  readonly onSave: (machine: NewMachine, onError: (error: Error) => void) => void;
}

/** What a machine is and can do; what is wrong is said at the field, and nothing typed is lost. */
export function MachineForm({ machine, saving, onBegin, onSave }: Props) {
  const form = useMachineForm({ machine, onSave });
  const { grid, fields, problems, set, submit } = form;
  return (
    <form
      noValidate
      aria-label="The machine"
      onInput={onBegin}
      onClick={onBegin}
      onSubmit={submit}
      className="grid grid-cols-1 gap-5 rounded-md border border-line bg-plate p-4"
    >
      <FormFieldsGrid {...grid(PLATE)} />
      <ControlFields {...form} />
      <StockFields {...form} />
      <div>
        <p className="label-text" aria-hidden="true">
          It has
        </p>
        <div className="[&>fieldset]:sm:grid-cols-3">
          <CheckList
            label="What the machine has"
            chosen={fields.features}
            options={FEATURE_OPTIONS}
            onChange={(chosen) => set({ features: [...chosen] })}
          />
        </div>
      </div>
      <Wrong>{problems['root']}</Wrong>
      <Button type="submit" tone="main" disabled={saving} className="min-h-14">
        {saving ? 'Saving…' : machine ? 'Save the machine' : 'Add the machine'}
      </Button>
    </form>
  );
}
