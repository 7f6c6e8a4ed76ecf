import { amount } from '../../base/words/amount.ts';
import { words, type Words } from '../../base/words/words.ts';
import type { Family } from '../../trade/family/family.ts';
import { isGasless } from '../../trade/family/gas-verdict.ts';
import type { MachineFeature } from '../../machine/scale/machine-feature.ts';
import type { SettingContext } from '../../machine/scale/scaled-setting.ts';
import type { SettingValue } from '../../machine/scale/setting.ts';
import type { Work } from '../../trade/material/work.ts';
import { HANDBOOK, MODEL, PRACTICE, type Source } from '../../base/source.ts';
import type { Span } from '../../base/numeric/span.ts';
import { type WireClass, wireClassRow } from '../../trade/wire/wire-class.ts';
import { SPOT_THICKEST_MM, spotTimeS, STITCH_THICKEST_MM, stitchTimes } from './sheet-timers.ts';

/** What the settings behind the four numbers are worked out from. */
export interface SettingJob extends SettingContext {
  readonly family: Family;
  readonly work: Work;
  readonly wireClass: WireClass;
  /** Of the thinner part, mm. */
  readonly thinnerMm: number;
  readonly travelMmPerMin: number;
  /** 0: no gas. */
  readonly flowLPerMin: number;
}

/** What a feature is set to: numbers, or words where it has none. */
export interface SettingAnswer {
  readonly values: readonly SettingValue[];
  /** Where it is no number. */
  readonly words?: Words | undefined;
  readonly why: Words;
  readonly source: Source;
}

type Row = (job: SettingJob) => SettingAnswer | undefined;

const span = (start: number, low: number, high: number): Span => ({ start, low, high });

function answer(values: readonly SettingValue[], why: Words, source: Source = HANDBOOK): SettingAnswer {
  return { values, why, source };
}

function unnumbered(words: Words, why: Words): SettingAnswer {
  return { values: [], words, why, source: HANDBOOK };
}

const isAluminium = ({ family }: SettingJob): boolean => family.id.startsWith('aluminium');

/** A number that rises evenly with the thickness between two ends of the handbook's range. */
function byThickness(
  thinnerMm: number,
  [from, to]: readonly [number, number],
  low: number,
  high: number,
  decimals: number,
): number {
  const share = Math.min(Math.max((thinnerMm - from) / (to - from), 0), 1);
  return Number((low + share * (high - low)).toFixed(decimals));
}

/** Per cent of the arc length, about the middle. Source: handbook, in marks of 0–99 whose middle is 50. */
const ARC_LENGTH: Readonly<Partial<Record<Work['position'], Span>>> = {
  'vertical-up': span(-5, -7, -3),
  overhead: span(-3, -5, -1),
  'vertical-down': span(-5, -15, -2),
};
const ARC_LENGTH_MIDDLE = span(0, -3, 3);

function arcLength({ work }: SettingJob): SettingAnswer {
  const amount = ARC_LENGTH[work.position] ?? ARC_LENGTH_MIDDLE;
  const relative = span(amount.start / 50, amount.low / 50, amount.high / 50);
  return answer(
    [{ setting: 'arc-length', amount, relative }],
    'Shorter is narrower and under more control. Trim it, not the volts.',
    PRACTICE,
  );
}

function hotStart(job: SettingJob): SettingAnswer {
  if (!isAluminium(job))
    return answer([{ setting: 'hot-start-level', off: true }], 'Only aluminium needs it.');
  // thick metal draws the heat away: the upper end of the handbook's range
  const level = byThickness(job.thinnerMm, [2, 8], 130, 150, 0);
  return answer(
    [
      { setting: 'hot-start-level', amount: span(level, 130, 150) },
      { setting: 'hot-start-time', amount: span(0.5, 0.4, 0.6) },
      { setting: 'hot-start-slope', amount: span(0.4, 0.3, 0.5) },
    ],
    'Aluminium starts cold and humped without it.',
  );
}

function craterFill(job: SettingJob): SettingAnswer {
  if (!isAluminium(job)) {
    return answer(
      [{ setting: 'crater-level', off: true }],
      'Pause half a second on the spot: that fills the crater.',
    );
  }
  return answer(
    [
      { setting: 'crater-level', amount: span(55, 50, 60) },
      { setting: 'crater-time', amount: span(0.5, 0.5, 1) },
      { setting: 'crater-slope', amount: span(byThickness(job.thinnerMm, [2, 8], 1, 3, 1), 1, 3) },
    ],
    'An aluminium crater cracks when it is left. Where the machine has a slope instead of a time, the slope does it.',
  );
}

/** Post-flow grows with the pool that must freeze under it. Source: our model, inside the handbook's range. */
function postFlow(job: SettingJob): SettingAnswer | undefined {
  if (isGasless(job.family.id)) return undefined;
  const [low, high, perA] = isAluminium(job) ? [1, 5, 1 / 50] : [0.5, 2, 1 / 150];
  const start = Number(Math.min(low + job.currentA * perA, high).toFixed(1));
  return answer(
    [{ setting: 'post-flow', amount: span(start, low, high) }],
    'Hold the gun on the crater while it flows.',
  );
}

function stitch(job: SettingJob): SettingAnswer | undefined {
  if (job.thinnerMm >= STITCH_THICKEST_MM) return undefined;
  const { onS, pauseS, gasLPerM, gasThroughLPerM } = stitchTimes(
    job.thinnerMm,
    job.travelMmPerMin,
    job.flowLPerMin,
  );
  const gas =
    job.flowLPerMin === 0
      ? ''
      : words` Gas runs on through the pauses: ${amount.gasPerLength(gasLPerM, 0)}, ${amount.gasPerLength(gasThroughLPerM, 0)} welded through.`;
  return answer(
    [
      { setting: 'stitch-on', amount: rounded(onS) },
      { setting: 'stitch-pause', amount: rounded(pauseS) },
    ],
    words`For a stitched seam: equal beads with equal pauses on thin sheet.${gas}`,
    MODEL,
  );
}

function rounded({ start, low, high }: Span): Span {
  const tenth = (value: number): number => Math.max(Number(value.toFixed(1)), 0.1);
  return span(tenth(start), tenth(low), tenth(high));
}

/** Settings by feature. Source: handbook table of secondary settings, from memory. */
export const SETTING_ROWS: Readonly<Record<MachineFeature, Row>> = {
  pulse: (job) => (job.family.mode === 'pulse' ? arcLength(job) : undefined),
  'pulse-frequency': ({ family, thinnerMm }) =>
    family.mode === 'pulse'
      ? answer(
          [
            {
              setting: 'pulse-frequency',
              relative: thinnerMm < 1.5 ? span(0.2, 0, 0.4) : span(0, -0.2, 0.2),
            },
          ],
          'Up tightens a thin bead or one that wanders.',
          PRACTICE,
        )
      : undefined,
  'double-pulse': (job) =>
    isAluminium(job) && job.family.mode === 'pulse'
      ? answer(
          [
            {
              setting: 'double-pulse-frequency',
              amount: span(byThickness(job.thinnerMm, [1.5, 3], 2.5, 1.5, 1), 0.1, 5),
            },
            { setting: 'double-pulse-step', count: span(2, 1, 3) },
          ],
          'Ripples without weaving the gun; faster on thin metal.',
          PRACTICE,
        )
      : undefined,
  inductance: ({ family }) => {
    if (family.mode !== 'short-circuit') return undefined;
    return family.id === 'stainless-dip'
      ? answer(
          [{ setting: 'inductance', relative: span(0.3, 0.1, 0.5) }],
          'Stainless wets better with a softer arc.',
        )
      : answer(
          [{ setting: 'inductance', relative: span(0, -0.2, 0.2) }],
          'More is softer, flatter and wetter; less is crisper and narrower.',
        );
  },
  'run-in': () =>
    answer(
      [{ setting: 'run-in', amount: span(50, 30, 60) }],
      'Stops the machine-gun start; automatic does as well.',
    ),
  burnback: (job) =>
    isAluminium(job)
      ? answer(
          [{ setting: 'burnback', amount: span(0.03, 0.02, 0.05), relative: span(-0.4, -0.6, -0.2) }],
          'Short, with more stick-out: long burns the wire into the tip.',
        )
      : answer(
          [{ setting: 'burnback', amount: span(0.05, 0.03, 0.1), relative: span(0, -0.2, 0.2) }],
          'Too short freezes the wire in the crater, too long burns it into the tip.',
        ),
  'pre-flow': (job) =>
    isGasless(job.family.id)
      ? undefined
      : answer(
          [{ setting: 'pre-flow', amount: isAluminium(job) ? span(1, 0.5, 3) : span(0.3, 0.1, 0.5) }],
          'Air is gone before the arc starts.',
        ),
  'post-flow': postFlow,
  'hot-start': hotStart,
  'crater-fill': craterFill,
  pinch: ({ wireClass }) =>
    wireClassRow(wireClass).soft === true
      ? answer(
          [{ setting: 'pinch', amount: span(50, 40, 75), relative: span(0, -0.2, 0.5) }],
          'With a wire this soft too much acts as burnback: never over 75 %.',
          PRACTICE,
        )
      : answer(
          [{ setting: 'pinch', amount: span(50, 40, 60), relative: span(0, -0.2, 0.2) }],
          'Too high acts as burnback.',
          PRACTICE,
        ),
  'two-step': () => undefined, // every machine has it; the row of the four-step says when
  'four-step': (job) =>
    isAluminium(job)
      ? undefined
      : unnumbered('2-step; 4-step for long seams', 'Spares the finger on a long seam.'),
  'special-four-step': (job) =>
    isAluminium(job)
      ? unnumbered('special 4-step', 'It drives hot start and crater fill by the trigger.')
      : undefined,
  'spot-timer': ({ thinnerMm }) =>
    thinnerMm < SPOT_THICKEST_MM
      ? answer(
          [{ setting: 'spot-time', amount: rounded(spotTimeS(thinnerMm)) }],
          'For equal tacks: every one gets the same time.',
          MODEL,
        )
      : undefined,
  'stitch-timer': stitch,
  'spool-gun-socket': () => undefined,
};
