import { bandAt, curveEnds } from '@hot-bead/core/base';
import { nextVoltsPlace, voltsOverKnob, type VoltsPlace, withReading } from '@hot-bead/core/machine';
import {
  PRACTICE_KNOB,
  practiceKnobRead,
  practiceKnobVolts,
  type PracticeFeeder,
} from '@hot-bead/core/practice';
import { useState } from 'react';
import { BandChart } from '../../drawing/chart/band-chart.tsx';
import { Button } from '../../ui/button.tsx';
import { Field } from '../../ui/form/field.tsx';
import { Section } from '../../ui/page/section.tsx';
import { Pick } from '../../ui/pick.tsx';
import { numberOrText } from '../../units/index.ts';
import { COMPARED_AT_A, CURRENTS } from './practice-meter.tsx';

interface Props {
  readonly feeder: PracticeFeeder;
  readonly random: () => number;
  readonly shown: boolean;
}

/** A volts knob whose marks are no volts: read it at a few places, and see what the curve makes of them. */
export function PracticeVoltsKnob({ feeder, random, shown }: Props) {
  const [places, setPlaces] = useState<readonly VoltsPlace[]>([]);
  const [current, setCurrent] = useState<string>('0');
  const suggested = nextVoltsPlace(places, 'transformer', PRACTICE_KNOB);
  const [typed, setTyped] = useState<string | undefined>();
  const knob = Number(numberOrText(typed ?? String(suggested)));
  const [least, most] = PRACTICE_KNOB;
  const usable = knob >= least && knob <= most;
  const curve = voltsOverKnob(places, 'transformer', COMPARED_AT_A);
  const onRead = (): void => {
    const currentA = Number(current);
    const volts = Math.round(practiceKnobRead(feeder, knob, currentA, random) * 10) / 10;
    setPlaces(withReading(places, { knob, volts, ...(currentA === 0 ? {} : { currentA }) }));
    setTyped(undefined);
  };
  return (
    <Section id="practice-volts-knob" title="Find its volts knob" className="grid content-start gap-3">
      <div className="flex flex-wrap items-start gap-3">
        <Field
          label={`Knob at (most is learnt at ${suggested})`}
          className="w-56"
          inputMode="decimal"
          value={typed ?? String(suggested)}
          error={usable ? undefined : `${least} to ${most}, please.`}
          onChange={(event) => setTyped(event.target.value)}
        />
        <Pick<string> label="The knob is read with" value={current} options={CURRENTS} onPick={setCurrent} />
        <Button className="mt-6" disabled={!usable} onClick={onRead}>
          Read the knob
        </Button>
      </div>
      {places.length > 0 && (
        <p className="text-sm text-ink-soft">
          {places
            .map(({ knob: at, openV, loaded = [] }) =>
              [
                `${at}:`,
                ...(openV === undefined ? [] : [`${openV.toFixed(1)} V open`]),
                ...loaded.map(({ volts, currentA }) => `${volts.toFixed(1)} V at ${currentA} A`),
              ].join(' '),
            )
            .join('; ')}
        </p>
      )}
      {curve ? (
        <BandChart
          name={`practice volts knob at ${COMPARED_AT_A} A`}
          label={`Volts at the arc against the knob, at ${COMPARED_AT_A} A`}
          ends={curveEnds(curve)}
          bandAt={(x) => bandAt(curve, x)}
          points={curve.points.map(({ x, y }) => ({ x, y }))}
          truth={shown ? (x) => practiceKnobVolts(feeder, x, COMPARED_AT_A) : undefined}
        />
      ) : (
        <p>Two places make a line; three or more show its bend.</p>
      )}
    </Section>
  );
}
