import type { BeadSetting } from '@hot-bead/core/window';

/** What can be set next, and the chance that it lies in the window. */
export type OutlookCell = BeadSetting & { readonly chance: number };

/** A stretch of the chart: from one setting to another, and how full it is along the way. */
export interface OutlookArea {
  readonly low: BeadSetting;
  readonly high: BeadSetting;
  /** What the stops run along, from `low` to `high`. */
  readonly along: keyof BeadSetting;
  readonly stops: readonly { readonly at: number; readonly opacity: number }[];
}

/** Least chance that is drawn. */
const LEAST_DRAWN = 0.15;
/** Half the breadth of a stretch, and of a spot. */
const SPOT: Readonly<BeadSetting> = { volts: 0.12, wireFeedSpeedMPerMin: 0.25 };
/** From so many settings in a row on they are drawn as one stretch. */
const MANY = 12;

function opacityOf({ chance }: OutlookCell): number {
  return 0.9 * chance ** 1.5;
}

function about(
  { volts, wireFeedSpeedMPerMin }: BeadSetting,
  sign: 1 | -1,
  but?: keyof BeadSetting,
): BeadSetting {
  return {
    volts: volts + (but === 'volts' ? 0 : sign * SPOT.volts),
    wireFeedSpeedMPerMin:
      wireFeedSpeedMPerMin + (but === 'wireFeedSpeedMPerMin' ? 0 : sign * SPOT.wireFeedSpeedMPerMin),
  };
}

/**
 * Where the outlook is drawn: settings in a row as one stretch that fills along it, single ones (taps, columns) as
 * spots.
 *
 * @param cells from cold to hot
 */
export function outlookAreas(cells: readonly OutlookCell[]): readonly OutlookArea[] {
  const drawn = cells.filter(({ chance }) => chance >= LEAST_DRAWN);
  const [first, last] = [drawn[0], drawn.at(-1)];
  if (!first || !last) return [];
  if (drawn.length < MANY) {
    return drawn.map((cell) => {
      const opacity = opacityOf(cell);
      const stops = [
        { at: 0, opacity },
        { at: 1, opacity },
      ];
      return { low: about(cell, -1), high: about(cell, 1), along: 'volts', stops };
    });
  }
  const along = Math.abs(last.volts - first.volts) > 0.01 ? 'volts' : 'wireFeedSpeedMPerMin';
  const sorted = drawn.toSorted((a, b) => a[along] - b[along]);
  const [low, high] = [sorted[0] as OutlookCell, sorted.at(-1) as OutlookCell];
  const span = high[along] - low[along];
  return [
    {
      low: about(low, -1, along),
      high: about(high, 1, along),
      along,
      stops: sorted.map((cell) => ({ at: (cell[along] - low[along]) / span, opacity: opacityOf(cell) })),
    },
  ];
}
