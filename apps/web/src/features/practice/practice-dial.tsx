import { dialOf, nextKnob, type TimedReading } from '@hot-bead/core/machine';
import { PRACTICE_KNOB, type PracticeFeeder, practiceRun, practiceSpeed } from '@hot-bead/core/practice';
import { useCallback, useMemo, useState } from 'react';
import { usePreferences } from '../../preferences/preferences.tsx';
import { Button } from '../../ui/button.tsx';
import { Removable } from '../../ui/removable.tsx';
import { DialChart, DialDoubts, ReadingForm } from '../machine/reading/index.ts';
import { withUnit } from '../../units/index.ts';
import { Tape } from './tape.tsx';
import { practiceVerdict } from './verdict.ts';
import { Section } from '../../ui/page/section.tsx';

const CONTROL = { kind: 'knob', min: PRACTICE_KNOB[0], max: PRACTICE_KNOB[1] } as const;

interface Props {
  readonly feeder: PracticeFeeder;
  readonly random: () => number;
  readonly shown: boolean;
}

/** Runs the simulated wire and lays its end on a tape; two runs of one knob come out a little different. */
function WireRun({
  feeder,
  random,
  runS,
  knob,
}: Omit<Props, 'shown'> & { readonly runS: number; readonly knob: number }) {
  const { units } = usePreferences();
  const [lengthMm, setLengthMm] = useState<number | undefined>();
  const [low, high] = PRACTICE_KNOB;
  const usable = knob >= low && knob <= high;
  return (
    <div className="grid gap-2 rounded-md border border-line p-3">
      <Button
        tone="main"
        className="min-h-18 text-xl"
        disabled={!usable}
        onClick={() => setLengthMm(practiceRun(feeder, { knob, timeS: runS }, random).lengthMm)}
      >
        Hold the trigger for {runS} s
      </Button>
      {!usable && (
        <p className="text-sm text-hot">
          This knob goes from {low} to {high}.
        </p>
      )}
      {lengthMm === undefined ? (
        <p className="text-sm text-ink-soft">The wire that comes out lies down on the tape: read its end.</p>
      ) : (
        <Tape lengthMm={lengthMm} inch={units.distance === 'in'} />
      )}
    </div>
  );
}

function Verdict({
  feeder,
  readings,
}: {
  readonly feeder: PracticeFeeder;
  readonly readings: readonly TimedReading[];
}) {
  const { units } = usePreferences();
  const dial = dialOf(readings);
  if (!dial || dial.points.length < 2) return <p>Read two places or more, and lift the cover again.</p>;
  const { places, inBand, worstKnob, worstOffMPerMin } = practiceVerdict(dial, feeder);
  return (
    <p aria-live="polite">
      The hidden dial ({feeder.shape}, dashed) lies in your band at{' '}
      <span className="figure-text text-3xl">
        {inBand} of {places}
      </span>{' '}
      places. Your curve is furthest off at knob {worstKnob.toFixed(1)}:{' '}
      {withUnit('wireFeedSpeed', Math.abs(worstOffMPerMin), units)} too{' '}
      {worstOffMPerMin > 0 ? 'fast' : 'slow'}.
    </p>
  );
}

/** Calibrating the hidden dial, with the same form, curve and band as a machine's own. */
export function PracticeDial({ feeder, random, shown }: Props) {
  const { units } = usePreferences();
  const [readings, setReadings] = useState<readonly TimedReading[]>([]);
  const dial = useMemo(() => dialOf(readings), [readings]);
  const truth = useCallback((knob: number) => practiceSpeed(feeder, knob), [feeder]);
  return (
    <Section id="practice-dial" title="Find its dial" className="grid grid-cols-1 gap-4">
      <div className="grid grid-cols-1 gap-4 md:grid-cols-2">
        <ReadingForm
          key={readings.length}
          control={CONTROL}
          position={undefined}
          suggested={nextKnob(dial, PRACTICE_KNOB)}
          dial={dial}
          saving={false}
          run={({ runS, knob }) => (
            <WireRun key={`${runS} ${knob}`} feeder={feeder} random={random} runS={runS} knob={knob} />
          )}
          onKeep={(reading) => setReadings([...readings, reading])}
        />
        <div className="grid grid-cols-1 content-start gap-3">
          {dial && dial.points.length > 1 ? (
            <DialChart dial={dial} truth={shown ? truth : undefined} />
          ) : (
            <p>
              Nothing read yet. Run the wire, read its end on the tape, write it down: three places, spread
              over the scale.
            </p>
          )}
          {shown && <Verdict feeder={feeder} readings={readings} />}
          <ul className="grid gap-1">{dial && <DialDoubts dial={dial} nameOf={String} />}</ul>
          <ul className="flex flex-wrap gap-2 text-sm">
            {readings.map((reading, i) => (
              <Removable
                key={`${i} ${reading.knob}`}
                removeLabel={`Take the reading at ${reading.knob} out`}
                onRemove={() => setReadings(readings.toSpliced(i, 1))}
              >
                knob {reading.knob}: {withUnit('distance', reading.run.lengthMm, units)} in{' '}
                {reading.run.timeS} s
              </Removable>
            ))}
          </ul>
        </div>
      </div>
    </Section>
  );
}
