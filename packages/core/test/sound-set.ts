import { type DipClass, DIP_CLASSES, arcClass, CLASS_EDGES } from '../src/arc-lab/model/arc-class.ts';
import { type ArcFeatures, type RecordedArc, recordArc } from '../src/arc-lab/model/arc-features.ts';
import { type ArcSetting, ARC_WIRES_MM, loadVolts } from '../src/arc-lab/model/arc-setting.ts';
import { ARC_GASES } from '../src/arc-lab/model/arc-gas.ts';
import { meltingCurrentA, midWindowVolts } from '../src/arc-lab/model/arc-constants.ts';
import { seededRandom, uniformFrom } from '../src/base/numeric/seeded-random.ts';

/** A sound with what it is. */
export interface LabelledArc {
  readonly setting: ArcSetting;
  readonly dipClass: DipClass;
  readonly recorded: RecordedArc;
}

/** How far a feature must lie from an edge for its class to be plain, in the edge's own unit. */
const MARGIN = 0.012;

function isPlain(f: ArcFeatures): boolean {
  const e = CLASS_EDGES;
  const far = (value: number, edge: number, by: number): boolean => Math.abs(value - edge) >= by;
  return (
    [e.stubShortedShare, e.crowdShortedShare, e.longShortedShare, e.raggedShortedShare].every((edge) =>
      far(f.shortedShare, edge, MARGIN),
    ) &&
    far(f.longShare, e.stubLongShare, 0.03) &&
    far(f.longShare, e.crowdLongShare, MARGIN) &&
    far(f.shortsPerS, e.longShortsPerS, 3)
  );
}

/** Where a class is mostly found: volts over the middle of the window, and feed over the wire's usual one. */
const FOUND_AT: Readonly<
  Record<DipClass, { readonly overV: readonly [number, number]; readonly feed: readonly [number, number] }>
> = {
  stubbing: { overV: [-4.5, -2.4], feed: [0.9, 2] },
  crowding: { overV: [-2.4, -0.8], feed: [0.9, 2] },
  steady: { overV: [-0.8, 0.7], feed: [0.9, 2] },
  ragged: { overV: [0.7, 2.2], feed: [0.9, 2] },
  popping: { overV: [1.8, 3.5], feed: [0.7, 1] },
  long: { overV: [2, 4], feed: [1, 2] },
};
const USUAL_FEED = { 0.8: 5, 0.9: 4, 1: 3.5, 1.2: 2.5 } as const;

/** A drawn setting where a class is mostly found. */
export function drawnSetting(random: () => number, wanted: DipClass): ArcSetting {
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T;
  const { overV, feed } = FOUND_AT[wanted];
  const wireMm = pick(ARC_WIRES_MM);
  const gas = pick(ARC_GASES);
  const tipToWorkMm = 10 + 6 * random();
  const wireFeedSpeedMPerMin = USUAL_FEED[wireMm] * uniformFrom(random, feed);
  const middle = midWindowVolts(wireMm, meltingCurrentA(wireMm, wireFeedSpeedMPerMin, tipToWorkMm));
  const gasV = gas === 'co2' ? 1.5 : gas === 'ar-co2-10' ? -0.5 : 0;
  const source = loadVolts(middle + gasV + uniformFrom(random, overV));
  return { wireMm, gas, tipToWorkMm, wireFeedSpeedMPerMin, source };
}

/** So many arcs with plain classes, each class in its turn; the class is what the simulation did, wherever it was looked for. */
export function labelledArcs(seed: number, count: number, seconds: number): readonly LabelledArc[] {
  const random = seededRandom(seed);
  const set: LabelledArc[] = [];
  for (let drawn = 0; set.length < count && drawn < 60 * count; drawn++) {
    const wanted = DIP_CLASSES[set.length % DIP_CLASSES.length] ?? 'steady';
    const setting = drawnSetting(random, wanted);
    const recorded = recordArc(setting, { seed: seed + drawn, seconds });
    const dipClass = arcClass(recorded.features, setting);
    if (dipClass !== wanted || !isPlain(recorded.features)) continue;
    set.push({ setting, dipClass, recorded });
  }
  return set;
}
