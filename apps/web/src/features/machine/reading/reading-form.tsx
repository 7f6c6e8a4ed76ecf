import {
  type Dial,
  dialSpeed,
  runWorth,
  type TimedReading,
  twoLengthWorth,
  WHOLE_MINUTE_S,
  type WireControl,
} from '@hot-bead/core/machine';
import { type ReactNode, useState } from 'react';
import type { Typed } from '../../../form/form-fields.ts';
import { useForm } from '../../../form/use-form.ts';
import { usePreferences } from '../../../preferences/preferences.tsx';
import { Button } from '../../../ui/button.tsx';
import { Field, SelectField } from '../../../ui/form/field.tsx';
import { CheckField } from '../../../ui/form/check-field.tsx';
import type { Problems } from '../../../ui/form/use-problems.ts';
import { Segmented } from '../../../ui/segmented.tsx';
import { numberOrText, wireLengthText } from '../../../units/index.ts';
import {
  fieldOfReadingProblem,
  isTwoLengths,
  READING_FIELDS,
  type ReadingMethod,
  readingOf,
  timedBy,
  TWO_LENGTH_TIMES_S,
} from './reading-fields.ts';
import { RunTimer } from './run-timer.tsx';
import { Wrong } from '../../../ui/form/wrong.tsx';

interface Props {
  readonly control: WireControl;
  /** Tap the reading is taken at, where the machine needs it. */
  readonly position: string | undefined;
  /** Where a reading would take most doubt away. */
  readonly suggested: number;
  readonly dial: Dial | undefined;
  readonly saving: boolean;
  /** What stands in place of the timer: a simulated feeder runs by itself. */
  readonly run?: (run: { readonly runS: number; readonly knob: number }) => ReactNode;
  /** Takes the reading; a refusal is said at the field and nothing is lost. */
  readonly onKeep: (reading: TimedReading, onError: (error: Error) => void) => void;
}

const METHODS = [
  { value: 'one-run', label: 'one run' },
  { value: 'two-lengths', label: 'two lengths' },
] as const;
const TIMES = [
  { value: '6', label: '6 s' },
  { value: '10', label: '10 s' },
  { value: '60', label: '1 min' },
] as const;
const TWO_TIMES = [
  { value: String(TWO_LENGTH_TIMES_S.short), label: 'first 3 s' },
  { value: String(TWO_LENGTH_TIMES_S.long), label: 'then 9 s' },
] as const;
/** Speed that a run's worth is reckoned at before anything was read, m/min. */
const UNKNOWN_SPEED_M_PER_MIN = 7;

/** What the run is good for, against the wire it wastes, and what the longest would gain. */
function Worth({ dial, typed }: { readonly dial: Dial | undefined; readonly typed: Typed }) {
  const { units } = usePreferences();
  const speed =
    (dial && dialSpeed(dial, Number(numberOrText(typed['knob'] ?? '')))?.start) ?? UNKNOWN_SPEED_M_PER_MIN;
  const [ranS = 0, shortRanS = 0] = ['run.timeS', 'shortRun.timeS'].map((name) =>
    Number(numberOrText(typed[name] ?? '')),
  );
  const two = isTwoLengths(typed);
  if (!(ranS >= 1) || (two && !(shortRanS >= 1 && ranS - shortRanS >= 2))) return null;
  const chosen = two ? twoLengthWorth(speed, shortRanS, ranS) : runWorth(speed, ranS);
  const longest = runWorth(speed, WHOLE_MINUTE_S);
  const gain =
    longest.errorShare < chosen.errorShare * 0.7
      ? ` A whole minute: ±${(longest.errorShare * 100).toFixed(1)} %, for ${wireLengthText(longest.wireMm, units)}.`
      : '';
  const cancels = two ? ' The difference cancels a late start and the coast.' : '';
  return (
    <p className="text-sm text-ink-soft">
      Good to about ±{(chosen.errorShare * 100).toFixed(1)} %, for {wireLengthText(chosen.wireMm, units)} of
      wire.{gain}
      {cancels}
    </p>
  );
}

interface KnobFieldProps extends Pick<Props, 'control' | 'suggested'> {
  readonly knob: string;
  readonly error: string | undefined;
  readonly onChange: (knob: string) => void;
}

function KnobField({ control, knob, suggested, error, onChange }: KnobFieldProps) {
  if (control.kind === 'letters') {
    return (
      <SelectField
        label={`1. Set the letter (most is learnt at ${control.names[suggested] ?? control.names[0]})`}
        value={knob}
        options={control.names.map((name, i) => [String(i), name] as const)}
        error={error}
        onChange={(event) => onChange(event.target.value)}
      />
    );
  }
  return (
    <Field
      large
      label={`1. Set the knob to (most is learnt at ${suggested})`}
      inputMode="decimal"
      value={knob}
      error={error}
      onChange={(event) => onChange(event.target.value)}
    />
  );
}

interface RunFieldsProps {
  readonly label: string;
  /** Which run it is. */
  readonly run: 'run' | 'shortRun';
  readonly typed: Typed;
  readonly problems: Problems;
  readonly onChange: (change: Typed) => void;
}

/** What came out, and in how long: as the timer said, or as it really ran. */
function RunFields({ label, run, typed, problems, onChange }: RunFieldsProps) {
  const bind = (name: string) => ({
    value: typed[name] ?? '',
    error: problems[name],
    onChange: (event: { readonly target: { readonly value: string } }) =>
      onChange({ [name]: event.target.value }),
  });
  return (
    <div className="grid grid-cols-[minmax(0,1fr)_6rem] items-end gap-3">
      <Field large label={label} {...bind(`${run}.lengthMm`)} />
      <Field large label="it ran (s)" inputMode="decimal" {...bind(`${run}.timeS`)} />
    </div>
  );
}

/** The guided reading: where to set the knob, the countdown with its beeps, and the length that came out. */
export function ReadingForm({ control, position, suggested, dial, saving, run, onKeep }: Props) {
  const { bound, entered, submit } = useForm(READING_FIELDS, {
    start: { knob: String(suggested), ...timedBy('one-run', '6') },
    fieldOf: fieldOfReadingProblem,
  });
  const { typed, problems, units } = bound;
  const [underArc, setUnderArc] = useState(false);
  const [timed, setTimed] = useState(String(TWO_LENGTH_TIMES_S.short));
  const set = (change: Typed): void => bound.onChange({ ...typed, ...change });
  const two = isTwoLengths(typed);
  const time = typed['time'] ?? '';
  const runS = Number(two ? timed : time);
  const bareUnit = units.distance;
  return (
    <form
      noValidate
      aria-label="Read the dial"
      onSubmit={(event) => {
        event.preventDefault();
        submit(() => readingOf(typed, entered(), { position, underArc }), onKeep);
      }}
      className="grid content-start gap-3"
    >
      <KnobField
        control={control}
        knob={typed['knob'] ?? ''}
        suggested={suggested}
        error={problems['knob']}
        onChange={(knob) => set({ knob })}
      />
      <div className="grid gap-1">
        <h3 className="label-text">2. Run the wire{position === undefined ? '' : `, on tap ${position}`}</h3>
        <Segmented<ReadingMethod>
          label="Method"
          value={two ? 'two-lengths' : 'one-run'}
          options={METHODS}
          onChange={(method) => set(timedBy(method, time))}
        />
        {two ? (
          <Segmented<string> label="Timer for" value={timed} options={TWO_TIMES} onChange={setTimed} />
        ) : (
          <Segmented<string>
            label="Run time"
            value={time}
            options={TIMES}
            onChange={(next) => set(timedBy('one-run', next))}
          />
        )}
        <Worth dial={dial} typed={typed} />
        {!run && (
          <CheckField checked={underArc} onCheck={setUnderArc}>
            with an arc burning, to see how much it slows
          </CheckField>
        )}
      </div>
      {run ? (
        run({ runS, knob: Number(numberOrText(typed['knob'] ?? '')) })
      ) : (
        <RunTimer key={runS} runS={runS} underArc={underArc} />
      )}
      {two && (
        <RunFields
          label={`3. Wire of the 3 s run (${bareUnit}, or with its unit)`}
          run="shortRun"
          {...{ typed, problems, onChange: set }}
        />
      )}
      <RunFields
        label={`${two ? '4. Wire of the 9 s run' : '3. Wire that came out'} (${bareUnit}, or with its unit)`}
        run="run"
        {...{ typed, problems, onChange: set }}
      />
      <Wrong>{problems['id']}</Wrong>
      <Button type="submit" tone="main" disabled={saving} className="min-h-14">
        {saving ? 'Keeping…' : 'Keep this reading'}
      </Button>
    </form>
  );
}
