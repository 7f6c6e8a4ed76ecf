import { readSize, typedSize, useReader } from '../../../units/index.ts';
import { useState } from 'react';
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

interface SizeFieldProps {
  readonly label: string;
  /** As it stands in the address, mm. */
  readonly mm: string;
  readonly error: string | undefined;
  readonly onSize: (mm: string) => void;
}

/** A thickness in the user's unit; what is being typed stays as it is typed. */
function SizeField({ label, mm, error, onSize }: SizeFieldProps) {
  const { units } = useReader();
  const [draft, setDraft] = useState<string>();
  const kept = mm === '' || Number.isNaN(Number(mm)) ? mm : typedSize(Number(mm), units);
  return (
    <Field
      label={`${label} (${units.distance})`}
      value={mm === '' ? '' : (draft ?? kept)}
      error={error}
      onChange={(event) => {
        setDraft(event.target.value);
        onSize(event.target.value.trim() === '' ? '' : String(readSize(event.target.value, units)));
      }}
    />
  );
}

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
          <SizeField
            label="From"
            mm={typed['thinnest'] ?? ''}
            error={faults['thinnest']}
            onSize={(mm) => set('thinnest', mm)}
          />
          <SizeField
            label="To"
            mm={typed['thickest'] ?? ''}
            error={faults['thickest']}
            onSize={(mm) => set('thickest', mm)}
          />
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
