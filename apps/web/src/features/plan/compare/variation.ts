import type { PlannedSetup, StatedWork } from '@hot-bead/core/plan';
import {
  COMMON_GASES,
  type GasId,
  TRANSFER_MODES,
  WAYS,
  WIRE_DIAMETERS_MM,
  type WireDiameterMm,
} from '@hot-bead/core/trade';

/** How the other plan differs: way with its transfer, wire size, gas; each empty where it is left open. */
export interface Variation {
  readonly way: string;
  readonly wire: string;
  readonly gas: string;
}

export const COMPARED_GASES: readonly GasId[] = COMMON_GASES;

/** The variation that stands in the address. */
export function variationOf(search: URLSearchParams): Variation {
  return { way: search.get('way') ?? '', wire: search.get('wire') ?? '', gas: search.get('gas') ?? '' };
}

/** The next way that would do: what a comparison opens on; all open where there is none. */
export function nextVariation(plan: PlannedSetup): Variation {
  const next = plan.ways.find(({ status }) => status === 'open');
  return { way: next ? `${next.way}/${next.mode}` : '', wire: '', gas: '' };
}

/** The job's work with another way, wire or gas; what the address says and no list knows is left open. */
export function variedWork(work: StatedWork, { way, wire, gas }: Variation): StatedWork {
  const { way: _w, mode: _m, wireClass: _c, wireDiameterMm: _d, gas: _g, polarity: _p, ...rest } = work;
  const [wayName, modeName] = way.split('/');
  const foundWay = WAYS.find((w) => w === wayName);
  const mode = TRANSFER_MODES.find((m) => m === modeName);
  const size = WIRE_DIAMETERS_MM.find((mm) => String(mm) === wire) as WireDiameterMm | undefined;
  const foundGas = COMPARED_GASES.find((id) => id === gas);
  return {
    ...rest,
    ...(foundWay && { way: foundWay }),
    ...(mode && { mode }),
    ...(size !== undefined && { wireDiameterMm: size }),
    ...(foundGas && { gas: foundGas }),
  };
}
