import { mapAxes, type MapCell, type MapSetting, windowMap } from '@hot-bead/core/arc-lab';

/** How far the map is. */
export interface MapProgress {
  readonly cells: readonly MapCell[];
  readonly of: number;
}

/** Time between two messages, ms. */
const TELL_EVERY_MS = 120;
const SEED = 5;

addEventListener('message', ({ data }: MessageEvent<MapSetting>) => {
  const { volts, wireFeedSpeedsMPerMin } = mapAxes(data);
  const of = volts.length * wireFeedSpeedsMPerMin.length;
  let cells: MapCell[] = [];
  let doneAtMs = performance.now();
  for (const cell of windowMap(data, SEED)) {
    cells.push(cell);
    if (performance.now() - doneAtMs < TELL_EVERY_MS) continue;
    doneAtMs = performance.now();
    postMessage({ cells, of } satisfies MapProgress);
    cells = [];
  }
  postMessage({ cells, of } satisfies MapProgress);
});
