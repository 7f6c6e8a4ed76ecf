import {
  amount,
  bareLengthUnit,
  type GaugeTable,
  gaugeTableName,
  nearestGauge,
  parseThickness,
  THICKNESS_FORMS,
  type ThicknessChoice,
  thicknessText,
  type Units,
  words,
} from '@hot-bead/core/base';
import { useWords } from '../../units/index.ts';
import type { StatedWork } from '@hot-bead/core/plan';
import { gaugeTableFor } from '@hot-bead/core/trade';
import { type FormEvent, useId, useState } from 'react';
import { usePreferences } from '../../preferences/preferences.tsx';
import { Button } from '../../ui/button.tsx';

interface Props {
  readonly work: StatedWork;
  readonly onSave: (work: StatedWork) => void;
}

interface Problem {
  readonly message: string;
  readonly choices: readonly ThicknessChoice[];
}

function withThickness(work: StatedWork, part: 'first' | 'second', mm: number | undefined): StatedWork {
  if (part === 'first') return mm === undefined ? work : { ...work, thicknessMm: mm };
  const { otherThicknessMm: _old, ...rest } = work;
  return mm === undefined ? rest : { ...rest, otherThicknessMm: mm };
}

/** A thickness as its field shows it: as the trade says it where that reads back as the same, else in mm. */
function fieldText(mm: number | undefined, units: Units, gaugeTable: GaugeTable): string {
  if (mm === undefined) return '';
  const text = thicknessText(mm, units, gaugeTable);
  const reading = parseThickness(text, { unit: bareLengthUnit(units), gaugeTable });
  const isSame = reading.status === 'read' && Math.abs(reading.thicknessMm - mm) < 0.005;
  return isSame ? text : `${mm} mm`;
}

/** Thickness of one or two parts, typed the way people write it; what is wrong is said at the field. */
export function ThicknessEditor({ work, onSave }: Props) {
  const say = useWords();
  const { units } = usePreferences();
  const table = gaugeTableFor(work.metal ?? 'carbon-steel', work.product);
  const [first, setFirst] = useState(fieldText(work.thicknessMm, units, table));
  const [second, setSecond] = useState(fieldText(work.otherThicknessMm, units, table));
  const [problems, setProblems] = useState<Partial<Record<'first' | 'second', Problem>>>({});

  const read = (text: string): number | Problem => {
    const reading = parseThickness(text, { unit: bareLengthUnit(units), gaugeTable: table });
    if (reading.status === 'read') return reading.thicknessMm;
    return { message: say(reading.message), choices: reading.status === 'ask' ? reading.choices : [] };
  };
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    const one = read(first);
    const two = second.trim() === '' ? undefined : read(second);
    const next = {
      ...(typeof one === 'object' && { first: one }),
      ...(typeof two === 'object' && { second: two }),
    };
    setProblems(next);
    if (typeof one === 'object' || typeof two === 'object') return;
    onSave(withThickness(withThickness(work, 'first', one), 'second', two));
  };
  const near = work.thicknessMm === undefined ? undefined : nearestGauge(work.thicknessMm, table);
  return (
    <form onSubmit={submit} className="grid gap-3" noValidate>
      <Field label="Thickness" value={first} onChange={setFirst} problem={problems.first} />
      <Field
        label="Second part, if it differs"
        value={second}
        onChange={setSecond}
        problem={problems.second}
      />
      {near && Math.abs(near.offBy) < 0.12 && (
        <p className="text-sm text-ink-soft">
          Nearest gauge ({gaugeTableName(table)}): {near.row.gauge} ga,{' '}
          {say(words`${amount.distance(near.row.mm, 2)}`)}
        </p>
      )}
      <p className="text-sm text-ink-soft">Write it like {THICKNESS_FORMS}.</p>
      <Button type="submit" tone="main">
        Set thickness
      </Button>
    </form>
  );
}

interface FieldProps {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly problem: Problem | undefined;
}

function Field({ label, value, onChange, problem }: FieldProps) {
  const say = useWords();
  const id = useId();
  return (
    <div>
      <label htmlFor={id} className="label-text">
        {label}
      </label>
      <input
        id={id}
        value={value}
        onChange={(event) => onChange(event.target.value)}
        maxLength={60}
        autoComplete="off"
        aria-invalid={problem !== undefined}
        aria-describedby={problem && `${id}-problem`}
        className="h-11 w-full rounded-md border border-line-strong bg-plate px-3 aria-invalid:border-hot"
      />
      {problem && (
        <div id={`${id}-problem`} role="alert" className="mt-1 text-hot">
          {problem.message}
          <div className="mt-1 flex flex-wrap gap-2">
            {problem.choices.map((choice) => (
              <button
                key={choice.text}
                type="button"
                onClick={() => onChange(choice.text)}
                className="min-h-11 rounded-md border border-action px-3 text-action"
              >
                {say(choice.label)}
              </button>
            ))}
          </div>
        </div>
      )}
    </div>
  );
}
