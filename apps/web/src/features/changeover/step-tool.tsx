import type { KeptMachine, RigChange } from '@hot-bead/contract/machine';
import { keptPressure } from '@hot-bead/core/changeover';
import type { PlannedSetup } from '@hot-bead/core/plan';
import { usePreferences } from '../../preferences/preferences.tsx';
import { Field, SelectField } from '../../ui/form/field.tsx';
import { Segmented } from '../../ui/segmented.tsx';
import { withUnit } from '../../units/index.ts';

/** What is told besides that a step was done. */
export type StepMore = Pick<RigChange, 'rollPressure' | 'photoId'> & {
  readonly feedDirection?: 'bottom' | 'top';
  /** Which spool or bottle of Stores it is; null: none that Stores know. */
  readonly fromStores?: Readonly<Partial<Record<'spoolId' | 'cylinder', string | null>>>;
};

/** Steps that put a spool or a bottle on: which attribute says which one it is. */
export const FROM_STORES: Readonly<Record<string, 'spoolId' | 'cylinder'>> = {
  'spool-on': 'spoolId',
  'sg-spool': 'spoolId',
  'cyl-place': 'cylinder',
  'hose-swap': 'cylinder',
};

interface ToolProps {
  readonly id: string;
  readonly machine: KeptMachine;
  /** Undefined: the machine is closed down, for no job. */
  readonly plan: PlannedSetup | undefined;
  readonly mark: string;
  readonly onMark: (mark: string) => void;
  readonly feedDirection: 'bottom' | 'top' | '';
  readonly onFeedDirection: (direction: 'bottom' | 'top') => void;
  /** Spools or bottles of Stores that this may be, and which it is; '': none of them. */
  readonly choices: readonly (readonly [id: string, name: string])[];
  readonly chosen: string;
  readonly onChoose: (id: string) => void;
}

/** What a hard pull means, by where it is hard. Source: handbook, from memory. */
const DRAG: readonly (readonly [where: string, means: string])[] = [
  ['hard all the way', 'the liner: blow it out, or change it'],
  ['hard by fits', 'a kink in the lead or in the wire: lay the lead straight, cut the kink out'],
  ['free until the tip is on', 'the tip: wrong bore, worn, or a burr on the wire'],
  ['hard at the spool', 'too much brake, or wire crossed on the spool'],
];

/** Where bubbles come from, and what helps. Source: common practice. */
const LEAKS: readonly (readonly [where: string, means: string])[] = [
  [
    'at the cylinder nut',
    'shut the valve, clean the seat, turn it on by hand first; CO₂ wants its washer new',
  ],
  ['at the hose', 'a clip or a nut that is loose, or a hose that is cut: change it'],
  ['at the gun socket', 'an O-ring: look, grease or change it'],
];

function List({ rows }: { readonly rows: readonly (readonly [string, string])[] }) {
  return (
    <dl className="mt-2 grid grid-cols-[auto_1fr] gap-x-3 gap-y-1 text-[15px]">
      {rows.map(([where, means]) => (
        <div key={where} className="contents">
          <dt className="font-medium">{where}</dt>
          <dd className="text-ink-soft">{means}</dd>
        </div>
      ))}
    </dl>
  );
}

function Pressure({ machine, plan, mark, onMark }: ToolProps) {
  const kept = plan && keptPressure(machine, plan);
  return (
    <Field
      large
      className="max-w-xs"
      label="Mark on the screw’s scale"
      value={mark}
      maxLength={12}
      onChange={(event) => onMark(event.target.value)}
      hint={
        kept
          ? `It stood on ${kept} when this wire fed well here.`
          : 'It belongs to this wire on this machine, and is kept for the next time.'
      }
    />
  );
}

function Flow({ plan }: { readonly plan: PlannedSetup }) {
  const { units } = usePreferences();
  const { start, low, high } = plan.gasFlowLPerMin;
  const read = plan.gas.meterReadingLPerMin;
  const differs = Math.abs(read - start) > 0.5;
  return (
    <dl className="mt-3 grid gap-2">
      <div>
        <dt className="label-text">set, while gas runs</dt>
        <dd className="figure-text text-5xl">{withUnit('gasFlow', start, units)}</dd>
        <dd className="text-sm text-ink-soft">
          {withUnit('gasFlow', low, units)} to {withUnit('gasFlow', high, units)}
        </dd>
      </div>
      {differs && (
        <div>
          <dt className="label-text">on a float meter for argon, read</dt>
          <dd className="figure-text text-3xl">{withUnit('gasFlow', read, units)}</dd>
          <dd className="text-sm text-ink-soft">
            This gas is {read < start ? 'lighter' : 'heavier'} than argon: the float shows{' '}
            {read < start ? 'less' : 'more'} than flows.
          </dd>
        </div>
      )}
      <p className="text-[15px] text-ink-soft">
        Purge button, or trigger with the pressure arm up: no wire runs. Look which gas the meter’s scale is
        for.
      </p>
    </dl>
  );
}

/** Which spool or bottle of Stores is put on. */
function Choice({ choices, chosen, onChoose }: Pick<ToolProps, 'choices' | 'chosen' | 'onChoose'>) {
  if (choices.length === 0) {
    return (
      <p className="mt-2 text-[15px] text-ink-soft">
        Stores know none of these: whether it lasts is not known.
      </p>
    );
  }
  return (
    <SelectField
      className="mt-3 max-w-sm"
      label="Which one of Stores"
      options={[['', 'none of them'], ...choices]}
      value={chosen}
      onChange={(event) => onChoose(event.target.value)}
    />
  );
}

/** The tool of a step that has one: a number to keep, a flow to set, what a hard pull means. */
export function StepTool(props: ToolProps) {
  return (
    <>
      {props.id in FROM_STORES && <Choice {...props} />}
      <OwnTool {...props} />
    </>
  );
}

function OwnTool(props: ToolProps) {
  const { id, plan, feedDirection, onFeedDirection } = props;
  if (id.startsWith('pressure-')) return <Pressure {...props} />;
  if (id === 'flow-set' && plan) return <Flow plan={plan} />;
  if (id === 'flow-nozzle' && plan) {
    return (
      <p className="mt-2 text-[15px] text-ink-soft">
        Hold a flow cup over the nozzle: it may show up to a tenth under what is set. More is lost at an
        O-ring, a hose or a nozzle that is shut with spatter.
      </p>
    );
  }
  if (id === 'test-drag') return <List rows={DRAG} />;
  if (id === 'leak-test') return <List rows={LEAKS} />;
  if (id === 'test-brake') {
    return (
      <List
        rows={[
          ['turns on', 'turn the brake up an eighth: overrun tangles the wire'],
          ['stops dead and jerks', 'turn it back: drag makes the arc stutter'],
          ['a little slack', 'as it should be'],
        ]}
      />
    );
  }
  if (id === 'spool-on' || id === 'wire-prep') {
    return (
      <div className="mt-3 grid max-w-sm gap-2">
        <p className="label-text">The wire comes off at the</p>
        <Segmented
          label="The wire comes off at the"
          value={feedDirection}
          options={[
            { value: 'bottom', label: 'bottom' },
            { value: 'top', label: 'top' },
          ]}
          onChange={onFeedDirection}
        />
        <p className="text-[15px] text-ink-soft">
          It must run straight into the inlet guide. Leave the free end in the hole of the spool’s rim until
          the spool is on and the brake is set.
        </p>
      </div>
    );
  }
  return null;
}
