import type { Family } from '../family/family.ts';
import { type Machine, type MachineFeature, machineHas } from '../machine/machine.ts';
import type { Work } from '../material/work.ts';
import { HANDBOOK, PRACTICE, type Source } from '../provenance/source.ts';
import { isGasless } from '../family/gas-verdict.ts';
import { type WireClass, wireClassRow } from '../wire/wire-class.ts';

/** One of the settings behind the four numbers. */
export interface SecondarySetting {
  readonly feature: MachineFeature;
  readonly name: string;
  readonly set: string;
  readonly why: string;
  readonly source: Source;
}

interface Asked {
  readonly family: Family;
  readonly work: Work;
  readonly wireClass: WireClass;
}

type Row = (asked: Asked) => Omit<SecondarySetting, 'feature'> | undefined;

function row(
  name: string,
  set: string,
  why: string,
  source: Source = HANDBOOK,
): Omit<SecondarySetting, 'feature'> {
  return { name, set, why, source };
}

const isAluminium = (family: Family): boolean => family.id.startsWith('aluminium');

function trim({ work }: Asked): string {
  if (work.position === 'vertical-up') return '5 under the middle';
  if (work.position === 'overhead') return '3 under the middle';
  if (work.position === 'vertical-down') return '2 to 15 under the middle';
  return 'middle';
}

/** Settings by feature. Source: handbook table of secondary settings, from memory. */
const ROWS: Readonly<Record<MachineFeature, Row>> = {
  pulse: (asked) =>
    asked.family.mode === 'pulse'
      ? row(
          'arc length (pulse trim)',
          trim(asked),
          'Shorter is narrower and under more control. Trim it, not the volts.',
          PRACTICE,
        )
      : undefined,
  'double-pulse': ({ family, work }) =>
    isAluminium(family) && family.mode === 'pulse'
      ? row(
          'double pulse',
          work.thicknessMm < 2 ? '2.5 Hz, step 2' : '1.5 Hz, step 2',
          'Ripples without weaving the gun; faster on thin metal.',
          PRACTICE,
        )
      : undefined,
  inductance: ({ family }) => {
    if (family.mode !== 'short-circuit') return undefined;
    return family.id === 'stainless-dip'
      ? row('inductance', 'over the middle', 'Stainless wets better with a softer arc.')
      : row('inductance', 'middle', 'More is softer, flatter and wetter; less is crisper and narrower.');
  },
  'run-in': ({ family }) =>
    row(
      'run-in',
      isAluminium(family) ? 'on' : '30–60 % of wire speed, or auto',
      'Stops the machine-gun start.',
    ),
  burnback: ({ family }) =>
    isAluminium(family)
      ? row('burnback', 'short, with more stick-out', 'Long burns the wire into the tip.')
      : row(
          'burnback',
          'middle',
          'Too short freezes the wire in the crater, too long burns it into the tip.',
        ),
  'pre-flow': ({ family }) =>
    isGasless(family.id)
      ? undefined
      : row(
          'pre-flow',
          isAluminium(family) ? 'up to 2–3 s' : '0.1–0.5 s',
          'Air is gone before the arc starts.',
        ),
  'post-flow': ({ family }) =>
    isGasless(family.id)
      ? undefined
      : row(
          'post-flow',
          isAluminium(family) ? '1–5 s' : '0.5–2 s',
          'Hold the gun on the crater while it flows.',
        ),
  'hot-start': ({ family }) =>
    isAluminium(family)
      ? row(
          'hot start',
          '130–150 % for 0.5 s, slope 0.3–0.5 s',
          'Aluminium starts cold and humped without it.',
        )
      : row('hot start', 'off', 'Only aluminium needs it.'),
  'crater-fill': ({ family }) =>
    isAluminium(family)
      ? row(
          'crater fill',
          '50–60 % for 0.5 s, or slope down 1–3 s',
          'An aluminium crater cracks when it is left.',
        )
      : row('crater fill', 'off: pause half a second', 'Half a second on the spot fills the crater.'),
  pinch: ({ wireClass }) =>
    wireClassRow(wireClass).soft === true
      ? row(
          'end-of-weld pinch',
          '50 %, at most 75 %',
          'With a wire this soft too much acts as burnback.',
          PRACTICE,
        )
      : row('end-of-weld pinch', 'middle', 'Too high acts as burnback.', PRACTICE),
  'two-step': () => undefined, // every machine has it; the row of the four-step says when
  'four-step': ({ family }) =>
    isAluminium(family)
      ? undefined
      : row('trigger', '2-step; 4-step for long seams', 'Spares the finger on a long seam.'),
  'special-four-step': ({ family }) =>
    isAluminium(family)
      ? row('trigger', 'special 4-step', 'It drives hot start and crater fill by the trigger.')
      : undefined,
  'spot-timer': ({ work }) =>
    work.thicknessMm < 2
      ? row('spot timer', 'for equal tacks', 'Every tack gets the same time.', PRACTICE)
      : undefined,
  'stitch-timer': ({ work }) =>
    work.thicknessMm < 1.5
      ? row(
          'stitch timer',
          'on for a stitched seam',
          'Equal beads with equal pauses on thin sheet.',
          PRACTICE,
        )
      : undefined,
  'spool-gun-socket': () => undefined,
};

/**
 * The settings behind the four numbers, for what the machine has; a machine that lacks one is never told to set
 * it. Without a machine, or where its features are not known, every setting that matters is listed.
 */
export function secondarySettings(asked: Asked, machine: Machine | undefined): readonly SecondarySetting[] {
  return (Object.keys(ROWS) as MachineFeature[]).flatMap((feature) => {
    if (machineHas(machine, feature) === false) return [];
    const found = ROWS[feature](asked);
    return found ? [{ feature, ...found }] : [];
  });
}
