import type { PlannedSetup } from '../../plan/setup/setup.ts';
import { fewestPoints } from './fewest-points.ts';
import { type SharedSetting, voltsAt, type WeldBand, weldBand } from './weld-band.ts';

/** Wire speeds are tried so far apart, m/min: finer than a knob is set. Source: our tuning. */
const SPEED_STEP_M_PER_MIN = 0.05;
/** Welds of one rig that are looked at together; alike ones count as one. */
const MOST_DISTINCT = 30;

/** Welds that share a setting, by their places in the list. */
export interface SettingGroup {
  readonly setting: SharedSetting;
  readonly welds: readonly number[];
  /** Settings that hold for all of them. */
  readonly range: { readonly lowMPerMin: number; readonly highMPerMin: number };
}

/** Two welds that cannot share, and on what they part. */
export interface CannotShare {
  readonly a: number;
  readonly b: number;
  readonly on: 'wire' | 'gas' | 'mode' | 'gun' | 'wire-speed' | 'volts';
}

/** The settings that serve a list of welds on one machine. */
export interface OneSetting {
  readonly groups: readonly SettingGroup[];
  /** Whether no fewer settings would do. */
  readonly isFewest: boolean;
  /** For each group but the first, a pair that keeps it from the one before. */
  readonly apart: readonly CannotShare[];
}

/** What must be the same before knobs are looked at. */
function rigOf({
  wire,
  gas,
  transferMode,
  feedPath,
  polarity,
}: PlannedSetup): readonly [CannotShare['on'], string][] {
  return [
    ['wire', `${wire.wireClass} ${wire.diameterMm}`],
    ['gas', gas.gas.id],
    ['mode', `${transferMode} ${polarity.polarity}`],
    ['gun', feedPath.gun],
  ];
}

function rigKey(plan: PlannedSetup): string {
  return rigOf(plan)
    .map(([, value]) => value)
    .join('|');
}

/** What a band hangs on: welds that are alike take the same. */
function bandKey({ lowMPerMin, highMPerMin, points }: WeldBand): string {
  const volts = points.flatMap(({ lowV, highV }) => [lowV, highV]);
  return [lowMPerMin, highMPerMin, ...volts].map((value) => value.toFixed(4)).join();
}

function speedsOf(bands: readonly WeldBand[]): readonly number[] {
  const low = Math.min(...bands.map(({ lowMPerMin }) => lowMPerMin));
  const high = Math.max(...bands.map(({ highMPerMin }) => highMPerMin));
  const steps = Math.floor((high - low) / SPEED_STEP_M_PER_MIN);
  const even = Array.from({ length: steps + 1 }, (_, i) => low + i * SPEED_STEP_M_PER_MIN);
  // where bands end they may meet in a point
  return [...even, ...bands.flatMap(({ lowMPerMin, highMPerMin }) => [lowMPerMin, highMPerMin])].toSorted(
    (a, b) => a - b,
  );
}

interface Candidate extends SharedSetting {
  readonly mask: number;
}

/** Settings at which welds may meet: at every speed, the lowest volts of each weld that holds there. */
function candidates(bands: readonly WeldBand[]): readonly Candidate[] {
  return speedsOf(bands).flatMap((speed) => {
    const at = bands.map((band) => voltsAt(band, speed));
    return at.flatMap((one): Candidate[] => {
      if (!one) return [];
      const volts = one[0];
      const mask = at.reduce(
        (bits, other, i) =>
          other && volts >= other[0] - 1e-9 && volts <= other[1] + 1e-9 ? bits | (1 << i) : bits,
        0,
      );
      return [{ wireFeedSpeedMPerMin: speed, volts, mask }];
    });
  });
}

/** The setting in the middle of what some welds share: nearest to their own wire speeds, volts midway. */
function middleOf(bands: readonly WeldBand[]): {
  readonly setting: SharedSetting;
  readonly range: SettingGroup['range'];
} {
  const wanted = bands.reduce((sum, { plan }) => sum + plan.wireFeedSpeedMPerMin.start, 0) / bands.length;
  const open = speedsOf(bands).flatMap((speed) => {
    const at = bands.map((band) => voltsAt(band, speed));
    const low = Math.max(...at.map((one) => one?.[0] ?? Infinity));
    const high = Math.min(...at.map((one) => one?.[1] ?? -Infinity));
    return low <= high + 1e-9 ? [{ speed, volts: (low + high) / 2 }] : [];
  });
  const nearest = open.reduce((a, b) => (Math.abs(b.speed - wanted) < Math.abs(a.speed - wanted) ? b : a));
  const only = bands.length === 1 ? bands[0]?.plan : undefined;
  return {
    setting: {
      wireFeedSpeedMPerMin: only?.wireFeedSpeedMPerMin.start ?? nearest.speed,
      volts: only?.volts.start ?? nearest.volts,
    },
    range: { lowMPerMin: open[0]?.speed ?? nearest.speed, highMPerMin: open.at(-1)?.speed ?? nearest.speed },
  };
}

function partOn(a: WeldBand, b: WeldBand): CannotShare['on'] | undefined {
  const other = rigOf(b.plan);
  const rig = rigOf(a.plan).find(([, value], i) => value !== other[i]?.[1]);
  if (rig) return rig[0];
  if (Math.max(a.lowMPerMin, b.lowMPerMin) > Math.min(a.highMPerMin, b.highMPerMin)) return 'wire-speed';
  return candidates([a, b]).some(({ mask }) => mask === 3) ? undefined : 'volts';
}

/**
 * The fewest settings that serve a list of welds on one machine, and what keeps welds apart. Where welds are alike they
 * count once, so that a piece of forty welds is solved as its few kinds.
 *
 * @param plans each weld's plan on the machine
 * @param pinned welds that keep their own setting
 * @source handbook, several welds one setting; volts need not be boxes: every wire speed is tried
 */
export function oneSetting(
  plans: readonly PlannedSetup[],
  pinned: ReadonlySet<number> = new Set(),
): OneSetting {
  const bands = plans.map(weldBand);
  const groups: SettingGroup[] = [...pinned].map((weld) => ({
    welds: [weld],
    ...middleOf([bands[weld] as WeldBand]),
  }));
  const rigs = new Map<string, number[]>();
  plans.forEach((plan, i) => {
    if (pinned.has(i)) return;
    const key = rigKey(plan);
    rigs.set(key, [...(rigs.get(key) ?? []), i]);
  });
  let isFewest = true;
  for (const welds of rigs.values()) {
    const kinds = new Map<string, number[]>();
    for (const weld of welds) {
      const key = bandKey(bands[weld] as WeldBand);
      kinds.set(key, [...(kinds.get(key) ?? []), weld]);
    }
    const all = [...kinds.values()];
    for (let from = 0; from < all.length; from += MOST_DISTINCT) {
      const some = all.slice(from, from + MOST_DISTINCT);
      if (all.length > MOST_DISTINCT) isFewest = false;
      const sharing = groupsOf(some, bands);
      isFewest = isFewest && sharing.isFewest;
      groups.push(...sharing.groups);
    }
  }
  const sorted = groups.toSorted((a, b) => Math.min(...a.welds) - Math.min(...b.welds));
  return { groups: sorted, isFewest, apart: apartOf(sorted, bands) };
}

function groupsOf(
  kinds: readonly (readonly number[])[],
  bands: readonly WeldBand[],
): Pick<OneSetting, 'groups' | 'isFewest'> {
  const kindBands = kinds.map(([first = 0]) => bands[first] as WeldBand);
  const points = candidates(kindBands);
  const { points: chosen, isFewest } = fewestPoints(
    points.map(({ mask }) => mask),
    2 ** kinds.length - 1,
  );
  let left = 2 ** kinds.length - 1;
  const groups = chosen.map((at): SettingGroup => {
    // each kind goes with the first setting that serves it
    const mask = (points[at]?.mask ?? 0) & left;
    left &= ~mask;
    const members = kinds.filter((_, i) => (mask >> i) & 1);
    return {
      welds: members.flat().toSorted((a, b) => a - b),
      ...middleOf(members.map(([first = 0]) => bands[first] as WeldBand)),
    };
  });
  return { groups, isFewest };
}

/** For each group but the first, two welds of it and of an earlier group that cannot share. */
function apartOf(groups: readonly SettingGroup[], bands: readonly WeldBand[]): readonly CannotShare[] {
  return groups.slice(1).flatMap((group, i): CannotShare[] => {
    for (const earlier of groups.slice(0, i + 1)) {
      for (const a of earlier.welds) {
        for (const b of group.welds) {
          const on = partOn(bands[a] as WeldBand, bands[b] as WeldBand);
          if (on) return [{ a, b, on }];
        }
      }
    }
    return [];
  });
}
