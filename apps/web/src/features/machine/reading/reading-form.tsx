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
import { usePreferences } from '../../../preferences/preferences.tsx';
import { Button } from '../../../ui/button.tsx';
import { Field, SelectField } from '../../../ui/form/field.tsx';
import { CheckField } from '../../../ui/form/check-field.tsx';
import { sendChecked } from '../../../ui/form/problems.ts';
import { Segmented } from '../../../ui/segmented.tsx';
import { numberOrText, wireLengthText } from '../../../units/index.ts';
import {
  fieldOfReadingProblem,
  type ReadingField,
  type ReadingFields,
  readingOf,
  timesOf,
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
function Worth({ dial, fields }: { readonly dial: Dial | undefined; readonly fields: ReadingFields }) {
  const { units } = usePreferences();
  const speed = (dial && dialSpeed(dial, Number(fields.knob))?.start) ?? UNKNOWN_SPEED_M_PER_MIN;
  const times = timesOf(fields);
  const [ranS, shortRanS] = [Number(numberOrText(times.run)), Number(numberOrText(times.shortRun))];
  const two = fields.method === 'two-lengths';
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

function KnobField({
  control,
  fields,
  suggested,
  error,
  onChange,
}: Pick<Props, 'control' | 'suggested'> & {
  readonly fields: ReadingFields;
  readonly error: string | undefined;
  readonly onChange: (knob: string) => void;
}) {
  if (control.kind === 'letters') {
    return (
      <SelectField
        label={`1. Set the letter (most is learnt at ${control.names[suggested] ?? control.names[0]})`}
        value={fields.knob}
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
      value={fields.knob}
      error={error}
      onChange={(event) => onChange(event.target.value)}
    />
  );
}

interface LengthFieldProps {
  readonly label: string;
  readonly length: string;
  readonly ran: string;
  readonly lengthError: string | undefined;
  readonly ranError: string | undefined;
  readonly onLength: (text: string) => void;
  readonly onRan: (text: string) => void;
}

/** What came out, and in how long: as the timer said, or as it really ran. */
function LengthField({ label, length, ran, lengthError, ranError, onLength, onRan }: LengthFieldProps) {
  return (
    <div className="grid grid-cols-[minmax(0,1fr)_6rem] items-end gap-3">
      <Field
        large
        label={label}
        value={length}
        error={lengthError}
        onChange={(event) => onLength(event.target.value)}
      />
      <Field
        large
        label="it ran (s)"
        inputMode="decimal"
        value={ran}
        error={ranError}
        onChange={(event) => onRan(event.target.value)}
      />
    </div>
  );
}

/** The guided reading: where to set the knob, the countdown with its beeps, and the length that came out. */
export function ReadingForm({ control, position, suggested, dial, saving, run, onKeep }: Props) {
  const { units } = usePreferences();
  const bareUnit = units.distance === 'in' ? 'in' : 'mm';
  const [fields, setFields] = useState<ReadingFields>({
    knob: String(suggested),
    method: 'one-run',
    time: '6',
    length: '',
    shortLength: '',
    underArc: false,
  });
  const [timed, setTimed] = useState(String(TWO_LENGTH_TIMES_S.short));
  const [problem, setProblem] = useState<{ field: ReadingField; message: string } | undefined>();
  const set = (patch: Partial<ReadingFields>): void => setFields((before) => ({ ...before, ...patch }));
  const wrong = (field: ReadingField): string | undefined =>
    problem?.field === field ? problem.message : undefined;
  const save = (): void => {
    setProblem(undefined);
    sendChecked({
      check: () => readingOf(fields, position, bareUnit),
      send: onKeep,
      place: ([first]) =>
        first && setProblem({ field: fieldOfReadingProblem(first.field || 'root'), message: first.message }),
    });
  };
  const two = fields.method === 'two-lengths';
  const times = timesOf(fields);
  const runS = Number(two ? timed : fields.time);
  return (
    <form
      noValidate
      aria-label="Read the dial"
      onSubmit={(event) => {
        event.preventDefault();
        save();
      }}
      className="grid content-start gap-3"
    >
      <KnobField
        control={control}
        fields={fields}
        suggested={suggested}
        error={wrong('knob')}
        onChange={(knob) => set({ knob })}
      />
      <div className="grid gap-1">
        <h3 className="label-text">2. Run the wire{position === undefined ? '' : `, on tap ${position}`}</h3>
        <Segmented<ReadingFields['method']>
          label="Method"
          value={fields.method}
          options={METHODS}
          onChange={(method) => set({ method, ran: undefined, shortRan: undefined })}
        />
        {two ? (
          <Segmented<string> label="Timer for" value={timed} options={TWO_TIMES} onChange={setTimed} />
        ) : (
          <Segmented<string>
            label="Run time"
            value={fields.time}
            options={TIMES}
            onChange={(time) => set({ time, ran: undefined })}
          />
        )}
        <Worth dial={dial} fields={fields} />
        {!run && (
          <CheckField checked={fields.underArc} onCheck={(underArc) => set({ underArc })}>
            with an arc burning, to see how much it slows
          </CheckField>
        )}
      </div>
      {run ? (
        run({ runS, knob: Number(fields.knob.replace(',', '.')) })
      ) : (
        <RunTimer key={runS} runS={runS} underArc={fields.underArc} />
      )}
      {two && (
        <LengthField
          label={`3. Wire of the 3 s run (${bareUnit}, or with its unit)`}
          length={fields.shortLength}
          ran={times.shortRun}
          lengthError={wrong('shortLength')}
          ranError={wrong('shortRan')}
          onLength={(shortLength) => set({ shortLength })}
          onRan={(shortRan) => set({ shortRan })}
        />
      )}
      <LengthField
        label={`${two ? '4. Wire of the 9 s run' : '3. Wire that came out'} (${bareUnit}, or with its unit)`}
        length={fields.length}
        ran={times.run}
        lengthError={wrong('length')}
        ranError={wrong('ran')}
        onLength={(length) => set({ length })}
        onRan={(ran) => set({ ran })}
      />
      {problem?.field === 'root' && <Wrong>{problem.message}</Wrong>}
      <Button type="submit" tone="main" disabled={saving} className="min-h-14">
        {saving ? 'Keeping…' : 'Keep this reading'}
      </Button>
    </form>
  );
}
