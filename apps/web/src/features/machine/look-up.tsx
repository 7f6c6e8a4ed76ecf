import type { KeptMachine } from '@hot-bead/contract/machine';
import { sentence } from '@hot-bead/core/base';
import { dialAtPosition } from '@hot-bead/core/machine';
import { wireTerm } from '@hot-bead/core/terms';
import { useState } from 'react';
import { usePreferences } from '../../preferences/preferences.tsx';
import { dialsOf, outOfReachText } from '../terms/index.ts';
import { figureOf, rangeText, shownAs } from '../../units/index.ts';
import { LookUpStrip } from './look-up-strip.tsx';

function Answer({
  machine,
  position,
  speedMPerMin,
}: {
  readonly machine: KeptMachine;
  readonly position: string | undefined;
  readonly speedMPerMin: number;
}) {
  const { units } = usePreferences();
  const term = wireTerm(machine, dialsOf(machine), speedMPerMin, position);
  if (term.status === 'out-of-reach') {
    return <>{sentence(outOfReachText(term, units))}.</>;
  }
  if (term.status === 'letter') {
    return (
      <>
        Set <span className="figure-text text-4xl">{term.name}</span>{' '}
        <span className="text-base text-ink-soft">
          (gives {rangeText('wireFeedSpeed', term.gives.low, term.gives.high, units)}
          {term.near ? '' : `, ${Math.abs(term.offShare * 100).toFixed(0)} % off`})
        </span>
      </>
    );
  }
  if (term.status !== 'knob') return <>Not measured yet.</>;
  return (
    <>
      Turn the knob to <span className="figure-text text-4xl">{term.figure.text}</span>{' '}
      <span className="text-base text-ink-soft">± {term.figure.plusMinus}</span>
    </>
  );
}

/** A wire speed in the middle of what was read, to begin with. */
function middleOf(machine: KeptMachine, position: string | undefined): number | undefined {
  const dial = dialAtPosition(dialsOf(machine), position);
  const speeds = dial?.dial.points.map((point) => point.speedMPerMin) ?? [];
  return speeds.length === 0 ? undefined : (Math.min(...speeds) + Math.max(...speeds)) / 2;
}

/** "Want 7.6 m/min → between 6 and 6½": the dial turned backwards, as it stands under arc. */
export function LookUp({
  machine,
  position,
}: {
  readonly machine: KeptMachine;
  readonly position: string | undefined;
}) {
  const { units } = usePreferences();
  const { unit, to } = shownAs('wireFeedSpeed', units);
  const middle = middleOf(machine, position);
  const [typed, setText] = useState<string | undefined>();
  const text = typed ?? (middle === undefined ? '' : figureOf('wireFeedSpeed', middle, units));
  const wanted = Number(text.replace(',', '.'));
  const usable = text.trim() !== '' && Number.isFinite(wanted) && wanted > 0;
  return (
    <LookUpStrip label={`Want (${unit})`} text={text} onChange={setText}>
      {text.trim() !== '' && !usable && <span className="text-hot">A number, please.</span>}
      {usable && <Answer machine={machine} position={position} speedMPerMin={to(wanted)} />}
    </LookUpStrip>
  );
}
