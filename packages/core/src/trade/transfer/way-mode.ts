import { MODE_NAME, type PlannedMode } from './transfer-mode.ts';
import { type Way, WAY_NAME } from '../wire/way.ts';

/** A way to weld together with the transfer it runs in. */
export interface WayMode {
  readonly way: Way;
  readonly mode: PlannedMode;
}

/** Every way with each transfer it can run in, in the order they are shown. */
export const WAY_MODES: readonly WayMode[] = [
  { way: 'solid-gas', mode: 'short-circuit' },
  { way: 'solid-gas', mode: 'spray' },
  { way: 'solid-gas', mode: 'pulse' },
  { way: 'self-shielded', mode: 'own' },
  { way: 'gas-shielded-flux-core', mode: 'own' },
  { way: 'metal-cored', mode: 'spray' },
  { way: 'aluminium-spool-gun', mode: 'spray' },
  { way: 'aluminium-spool-gun', mode: 'pulse' },
  { way: 'aluminium-gun', mode: 'spray' },
  { way: 'aluminium-gun', mode: 'pulse' },
  { way: 'bronze-braze', mode: 'short-circuit' },
];

/** "solid wire with gas, spray"; flux core's own transfer is not named again. */
export function wayModeName({ way, mode }: WayMode): string {
  const named = mode === 'own' || way === 'bronze-braze' || way === 'metal-cored';
  return named ? WAY_NAME[way] : `${WAY_NAME[way]}, ${MODE_NAME[mode]}`;
}
