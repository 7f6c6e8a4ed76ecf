import { ARC_CLASSES, type MapCell, type MapSetting } from '@hot-bead/core/arc-lab';
import { useEffect, useMemo, useRef, useState } from 'react';
import type { MapProgress } from './map.worker.ts';

/** Changes when the model does: maps kept by an older one are drawn anew. */
const KEPT_UNDER = 'hot-bead-map-1';

function keyOf({ wireMm, gas, tipToWorkMm, source }: MapSetting): string {
  return [KEPT_UNDER, wireMm, gas, tipToWorkMm, source.means, source.inductanceH, source.slopeVPerA].join(
    ' ',
  );
}

function isCell(one: unknown): one is MapCell {
  if (typeof one !== 'object' || one === null) return false;
  const { volts, wireFeedSpeedMPerMin, arc } = one as Partial<Record<keyof MapCell, unknown>>;
  return (
    typeof volts === 'number' &&
    typeof wireFeedSpeedMPerMin === 'number' &&
    ARC_CLASSES.some((known) => known === arc)
  );
}

function storedMap(key: string): readonly MapCell[] | undefined {
  try {
    const stored: unknown = JSON.parse(localStorage.getItem(key) ?? 'null');
    return Array.isArray(stored) && stored.every(isCell) ? stored : undefined;
  } catch {
    return undefined;
  }
}

function keep(key: string, cells: readonly MapCell[]): void {
  try {
    localStorage.setItem(key, JSON.stringify(cells));
  } catch {
    // no room: it is drawn anew the next time
  }
}

/** A map as far as it is drawn. */
export interface DrawnMap {
  readonly cells: readonly MapCell[];
  /** How far it is, 0 to 1; 1: it is whole. */
  readonly done: number;
  readonly isWorking: boolean;
  readonly draw: () => void;
  readonly stop: () => void;
}

interface Drawing {
  readonly key: string;
  readonly cells: readonly MapCell[];
  readonly done: number;
  readonly isWorking: boolean;
}

/** The map of a setting: kept from before, or drawn in a worker when it is asked for. */
export function useWindowMap(setting: MapSetting): DrawnMap {
  const key = keyOf(setting);
  const [drawing, setDrawing] = useState<Drawing>();
  const worker = useRef<Worker>(undefined);
  const before = useMemo(() => storedMap(key), [key]);
  const now = drawing?.key === key ? drawing : undefined;
  useEffect(() => () => worker.current?.terminate(), [key]);
  const draw = (): void => {
    worker.current?.terminate();
    const own = new Worker(new URL('./map.worker.ts', import.meta.url), { type: 'module' });
    worker.current = own;
    let cells: readonly MapCell[] = [];
    setDrawing({ key, cells, done: 0, isWorking: true });
    own.addEventListener('message', ({ data }: MessageEvent<MapProgress>) => {
      cells = [...cells, ...data.cells];
      const isWhole = cells.length >= data.of;
      setDrawing({ key, cells, done: cells.length / data.of, isWorking: !isWhole });
      if (!isWhole) return;
      keep(key, cells);
      own.terminate();
    });
    own.postMessage(setting);
  };
  return {
    cells: now?.cells ?? before ?? [],
    done: now?.done ?? (before ? 1 : 0),
    isWorking: now?.isWorking ?? false,
    draw,
    stop: () => {
      worker.current?.terminate();
      if (now) setDrawing({ ...now, isWorking: false });
    },
  };
}
