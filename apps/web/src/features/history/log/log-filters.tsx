import { LOG_KINDS, LOG_SORTS, LOG_VERDICTS } from '@hot-bead/contract/history';
import { COMMON_GASES, gasOf, JOINT_NAME, JOINTS, WIRE_CLASSES } from '@hot-bead/core/trade';
import { useQuery } from '@tanstack/react-query';
import { Button } from '../../../ui/button.tsx';
import { Field, SelectField } from '../../../ui/form/field.tsx';
import { machineListQuery } from '../../machine/index.ts';
import { KIND_WORD, SORT_WORD, VERDICT_WORD } from './log-words.ts';
import type { FilterName, LogFilterState } from './use-log-filter.ts';

type Options = readonly (readonly [string, string])[];
const ANY: readonly [string, string] = ['', 'Any'];

/** What the log is narrowed down by. */
export function LogFilters({ state }: { readonly state: LogFilterState }) {
  const { typed, faults, sort, count, set, clear } = state;
  const { data: machines = [] } = useQuery(machineListQuery);
  const select = (name: FilterName, label: string, options: Options) => (
    <SelectField
      label={label}
      options={[ANY, ...options]}
      value={typed[name] ?? ''}
      error={faults[name]}
      onChange={(event) => set(name, event.target.value)}
    />
  );
  const field = (name: FilterName, label: string, type: string) => (
    <Field
      label={label}
      type={type}
      value={typed[name] ?? ''}
      error={faults[name]}
      onChange={(event) => set(name, event.target.value)}
    />
  );
  return (
    <div className="grid gap-3">
      <div className="grid grid-cols-2 gap-3 md:grid-cols-[2fr_1fr_1fr_1fr]">
        <div className="max-md:col-span-2">{field('text', 'Find by words', 'search')}</div>
        {select(
          'kind',
          'What',
          LOG_KINDS.map((kind) => [kind, KIND_WORD[kind]] as const),
        )}
        {select(
          'verdict',
          'How it came out',
          LOG_VERDICTS.map((one) => [one, VERDICT_WORD[one]] as const),
        )}
        <SelectField
          label="Order"
          options={LOG_SORTS.map((one) => [one, SORT_WORD[one]] as const)}
          value={sort}
          onChange={(event) => set('sort', event.target.value)}
        />
      </div>
      <details>
        <summary className="min-h-11 cursor-pointer py-2 font-medium text-action">
          More to narrow it down{count > 0 ? ` (${count} set)` : ''}
        </summary>
        <div className="grid grid-cols-2 gap-3 md:grid-cols-4">
          {select(
            'machine',
            'Machine',
            machines.map(({ id, name }) => [id, name] as const),
          )}
          {select(
            'wire',
            'Wire',
            WIRE_CLASSES.map((one) => [one, one] as const),
          )}
          {select(
            'joint',
            'Joint',
            JOINTS.map((one) => [one, JOINT_NAME[one]] as const),
          )}
          {select(
            'gas',
            'Gas',
            COMMON_GASES.map((one) => [one, gasOf(one).name] as const),
          )}
          {field('from', 'From', 'date')}
          {field('to', 'To', 'date')}
          {field('thinnest', 'From (mm)', 'number')}
          {field('thickest', 'To (mm)', 'number')}
        </div>
      </details>
      {count > 0 && (
        <Button tone="quiet" className="-my-2 justify-self-start" onClick={clear}>
          Show everything
        </Button>
      )}
    </div>
  );
}
