import { figureOf, shownAs, typedFigure, useReader, useWords } from '../../../units/index.ts';
import type { Words } from '@hot-bead/core/base';
import type { KeptMachine } from '@hot-bead/contract/machine';
import type { KeptStockItem } from '@hot-bead/contract/stores';
import { rigFact } from '@hot-bead/core/changeover';
import type { PlannedSetup } from '@hot-bead/core/plan';
import { type RunFeed, runUse, type WeldedRun } from '@hot-bead/core/records';
import type { StockItem } from '@hot-bead/core/stores';
import { isSameWire } from '@hot-bead/core/trade';
import { Field, SelectField } from '../../../ui/form/field.tsx';
import { stockChoice } from '../../stores/index.ts';
import type { Problems } from '../../../ui/form/use-problems.ts';
import type { RunFields } from './run-fields.ts';

/** What wire and gas can be taken of, and what the run takes by its wire speed and its arc time. */
export interface UsedChoices {
  readonly spools: readonly (readonly [string, Words])[];
  readonly cylinders: readonly (readonly [string, Words])[];
  readonly reckoned: Pick<WeldedRun, 'wireKg' | 'gasL'>;
}

/** What a plan feeds. */
export function feedOf(plan: PlannedSetup): RunFeed {
  const { wire, gas, gasFlowLPerMin } = plan;
  return {
    wireClass: wire.wireClass,
    trueDiameterMm: wire.trueDiameterMm,
    flowLPerMin: gas.gas.shields ? gasFlowLPerMin.start : 0,
  };
}

const choicesOf = (
  stock: readonly KeptStockItem[],
  fits: (item: StockItem) => boolean,
): readonly (readonly [string, Words])[] => [
  ['', 'Do not book it'],
  ...stock.filter(({ item }) => fits(item)).map(({ id, item }) => [id, stockChoice(item)] as const),
];

/** Spools and cylinders that fit a plan, and what a run takes of them. */
export function usedChoices(
  stock: readonly KeptStockItem[],
  plan: PlannedSetup | undefined,
  run: WeldedRun,
): UsedChoices {
  const spools = choicesOf(stock, (item) => item.kind === 'spool' && (!plan || isSameWire(item, plan.wire)));
  const cylinders = choicesOf(
    stock,
    (item) => item.kind === 'cylinder' && (!plan || item.gas === plan.gas.gas.id),
  );
  return { spools, cylinders, reckoned: plan ? runUse(run, feedOf(plan)) : {} };
}

/** The spool and the cylinder that are on the machine, where Stores know them and they are what the plan wants. */
export function onTheMachine(
  stock: readonly KeptStockItem[],
  plan: PlannedSetup | undefined,
  machine: KeptMachine | undefined,
): Pick<RunFields, 'spoolId' | 'cylinderId'> {
  const { spools, cylinders } = usedChoices(stock, plan, { weldedAt: '' });
  const known = (name: 'spoolId' | 'cylinder', among: UsedChoices['spools']): string => {
    const id = machine && rigFact(machine, name)?.value;
    return id !== undefined && among.some(([one]) => one === id) ? id : '';
  };
  return { spoolId: known('spoolId', spools), cylinderId: known('cylinder', cylinders) };
}

interface Props {
  readonly fields: RunFields;
  readonly faults: Problems;
  readonly choices: UsedChoices;
  readonly onChange: (change: Partial<RunFields>) => void;
}

/** Wire and gas that the run took, and of which spool and cylinder. */
export function UsedFields({ fields, faults, choices, onChange }: Props) {
  const say = useWords();
  const { units } = useReader();
  const { spools, cylinders, reckoned } = choices;
  return (
    <div className="grid grid-cols-2 gap-3 sm:grid-cols-[2fr_1fr_2fr_1fr]">
      <SelectField
        label="Wire from"
        options={spools.map(([id, name]) => [id, say(name)] as const)}
        value={fields.spoolId}
        error={faults['spoolId']}
        onChange={(event) => onChange({ spoolId: event.target.value })}
      />
      <Field
        label={`Wire used (${shownAs('weight', units).unit})`}
        inputMode="decimal"
        placeholder={
          reckoned.wireKg === undefined
            ? 'not known'
            : typedFigure('weight', Number(reckoned.wireKg.toFixed(3)), units)
        }
        value={fields.wireKg}
        error={faults['wireKg']}
        onChange={(event) => onChange({ wireKg: event.target.value })}
      />
      <SelectField
        label="Gas from"
        options={cylinders.map(([id, name]) => [id, say(name)] as const)}
        value={fields.cylinderId}
        error={faults['cylinderId']}
        onChange={(event) => onChange({ cylinderId: event.target.value })}
      />
      <Field
        label={`Gas used (${shownAs('gasVolume', units).unit})`}
        inputMode="decimal"
        placeholder={reckoned.gasL === undefined ? 'not known' : figureOf('gasVolume', reckoned.gasL, units)}
        value={fields.gasL}
        error={faults['gasL']}
        onChange={(event) => onChange({ gasL: event.target.value })}
      />
    </div>
  );
}
