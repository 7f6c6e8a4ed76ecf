import { ContractError, newDialReadingSchema, validated } from '@hot-bead/contract';
import { type Dial, dialSpeed, mmFromInches, runWorths } from '@hot-bead/core';
import { useId, useState } from 'react';
import { usePreferences } from '../../app/preferences.tsx';
import { Button } from '../../ui/button.tsx';
import { Segmented } from '../../ui/segmented.tsx';
import { useAddReading } from './machines.queries.ts';
import { useCountdown } from './use-countdown.ts';

interface Props {
  readonly machineId: string;
  /** Where a reading would take most doubt away. */
  readonly suggested: number;
  readonly dial: Dial | undefined;
}

const TIMES = [
  { value: '6', label: '6 s' },
  { value: '10', label: '10 s' },
  { value: '60', label: '1 min' },
] as const;
const PHASE_TEXT = {
  idle: 'Clamp off, wire pointing away from you. Start, and pull the trigger at the beep.',
  ready: 'Ready…',
  running: 'Hold the trigger until the second beep.',
  done: 'Let go. Clip the wire and measure it.',
} as const;
const INPUT =
  'figure-text h-14 w-full rounded-md border border-line-strong bg-plate px-3 text-2xl aria-invalid:border-hot';
/** Speed that a run's worth is reckoned at before anything was read, m/min. */
const UNKNOWN_SPEED = 7;

function number(text: string): number | string {
  const value = Number(text.trim().replace(',', '.'));
  return text.trim() === '' || Number.isNaN(value) ? text : value;
}

function Worth({
  dial,
  knob,
  timeS,
}: {
  readonly dial: Dial | undefined;
  readonly knob: number;
  readonly timeS: number;
}) {
  const speed = (dial && dialSpeed(dial, knob)?.start) ?? UNKNOWN_SPEED;
  const worth = runWorths(speed).find((w) => w.timeS === timeS);
  if (!worth) return null;
  return (
    <p className="text-sm text-ink-soft">
      Good to about ±{(worth.errorShare * 100).toFixed(1)} %, for {worth.wireM.toFixed(1)} m of wire.
    </p>
  );
}

/** The guided reading: where to set the knob, the countdown with its beeps, and the length that came out. */
export function ReadingForm({ machineId, suggested, dial }: Props) {
  const { units } = usePreferences();
  const inch = units.distance === 'in';
  const [knob, setKnob] = useState(String(suggested));
  const [time, setTime] = useState('6');
  const [length, setLength] = useState('');
  const [problem, setProblem] = useState<{ field: string; message: string } | undefined>();
  const add = useAddReading(machineId);
  const countdown = useCountdown(Number(time));
  const ids = { knob: useId(), length: useId() };
  const save = (): void => {
    const measured = number(length);
    try {
      const reading = validated(newDialReadingSchema, {
        knob: number(knob),
        run: {
          lengthMm: typeof measured === 'number' && inch ? mmFromInches(measured) : measured,
          timeS: Number(time),
        },
      });
      setProblem(undefined);
      add.mutate(reading, { onError: (error) => setProblem({ field: 'run', message: error.message }) });
    } catch (error) {
      if (!(error instanceof ContractError)) throw error;
      const [first] = error.problems;
      setProblem({ field: first?.field ?? '', message: error.message });
    }
  };
  const knobWrong = problem?.field === 'knob';
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
      <div>
        <label htmlFor={ids.knob} className="label-text">
          1. Set the knob to (most is learnt at {suggested})
        </label>
        <input
          id={ids.knob}
          inputMode="decimal"
          value={knob}
          onChange={(event) => setKnob(event.target.value)}
          aria-invalid={knobWrong}
          className={INPUT}
        />
      </div>
      <div>
        <h3 className="label-text mb-1">2. Run the wire for</h3>
        <Segmented<string> label="Run time" value={time} options={TIMES} onChange={setTime} />
        <Worth dial={dial} knob={Number(knob)} timeS={Number(time)} />
      </div>
      <div className="rounded-md border border-line p-3 text-center">
        <p className="figure-text text-[96px] leading-none" role="timer">
          {countdown.secondsLeft.toFixed(countdown.phase === 'idle' ? 0 : 1)}
        </p>
        <p aria-live="polite">{PHASE_TEXT[countdown.phase]}</p>
        {countdown.phase === 'ready' || countdown.phase === 'running' ? (
          <Button className="mt-2 min-h-18 w-full text-xl" onClick={countdown.stop}>
            Stop
          </Button>
        ) : (
          <Button tone="main" className="mt-2 min-h-18 w-full text-xl" onClick={countdown.start}>
            Start
          </Button>
        )}
      </div>
      <div>
        <label htmlFor={ids.length} className="label-text">
          3. Wire that came out ({inch ? 'in' : 'mm'})
        </label>
        <input
          id={ids.length}
          inputMode="decimal"
          value={length}
          onChange={(event) => setLength(event.target.value)}
          aria-invalid={problem !== undefined && !knobWrong}
          className={INPUT}
        />
      </div>
      {problem && (
        <p role="alert" className="text-hot">
          {problem.message}
        </p>
      )}
      <Button type="submit" tone="main" disabled={add.isPending} className="min-h-14">
        {add.isPending ? 'Keeping…' : 'Keep this reading'}
      </Button>
    </form>
  );
}
