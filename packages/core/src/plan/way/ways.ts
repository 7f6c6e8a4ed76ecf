import { words } from '../../base/words/words.ts';
import type { Family } from '../../trade/family/family.ts';
import { familyOf, isWayOfMetal } from '../../trade/family/families.ts';
import { baseMetalRow } from '../../trade/material/base-metal.ts';
import { WAY_NAME } from '../../trade/wire/way.ts';
import { isOfWay } from '../../trade/wire/wire-class.ts';
import { WAY_MODES, type WayMode, wayModeName } from '../../trade/transfer/way-mode.ts';
import { WAYS_OF_METAL } from './metal-ways.ts';
import { type WayRefusal, wayRefusal } from './way-refusal.ts';
import { wayScore } from './way-score.ts';
import { type WireClassChoice, wireClassOfWay } from './wire-class-of-way.ts';
import type { WorkContext } from './work-context.ts';

/** A way that can be gone, with its family and wire. */
export interface OpenWay extends WayMode {
  readonly status: 'open';
  readonly name: string;
  readonly family: Family;
  readonly wire: WireClassChoice;
  readonly score: number;
  /** The context it was judged in: what was asked counts only for the ways that were asked for. */
  readonly context: WorkContext;
}

/** A way that cannot, with the reason. */
export interface ClosedWay extends WayMode, WayRefusal {
  readonly status: 'closed';
  readonly name: string;
  readonly score: number;
}

export type JudgedWay = OpenWay | ClosedWay;

/** Whether a way is among those the user asked for by naming a way, a mode, a wire or a gas. */
export function isAsked({ way, mode }: WayMode, { resources }: WorkContext): boolean {
  if (resources.way !== undefined && resources.way !== way) return false;
  if (resources.mode !== undefined && resources.mode !== mode) return false;
  if (resources.wireClass !== undefined && !isOfWay(resources.wireClass, way)) return false;
  const needsWay = resources.way === undefined && resources.wireClass === undefined;
  return !(resources.gas === 'none' && needsWay && way !== 'self-shielded');
}

function closed(option: WayMode, { code, reason, instead }: WayRefusal, score = -1000): ClosedWay {
  const { way, mode } = option;
  return { way, mode, status: 'closed', name: wayModeName(option), score, code, reason, instead };
}

/** The same work with nothing said of wire, gas or way: how a way that was not asked for is judged. */
function unasked({ work, pair, thickness, schools, resources }: WorkContext): WorkContext {
  const { machine, machines, shelf } = resources;
  return {
    work,
    pair,
    thickness,
    schools,
    resources: { machine, machines, shelf, schools: resources.schools },
  };
}

function judged(option: WayMode, asking: WorkContext): JudgedWay {
  const context = isAsked(option, asking) ? asking : unasked(asking);
  const wire = isWayOfMetal(option, context.pair.weldMetal) ? wireClassOfWay(option.way, context) : undefined;
  const family = familyOf(context.pair.weldMetal, option, wire?.wireClass);
  if (!family) {
    const name = baseMetalRow(context.work.metal).name;
    const reason = `${WAY_NAME[option.way]} is not a way for ${name}.`;
    const instead = [words`Take ${WAYS_OF_METAL[context.pair.weldMetal]}.`];
    return closed(option, { code: 'way-wrong-for-metal', reason, instead });
  }
  if (!wire) {
    const reason = 'No filler suits both parts and what matters to you.';
    return closed(option, {
      code: 'no-filler-for-pair',
      reason,
      instead: ['Give up one of your priorities.'],
    });
  }
  const score = wayScore(option, family, wire.wireClass, context);
  const refusal = wayRefusal({ option, family, wireClass: wire.wireClass, context });
  if (refusal) return closed(option, refusal, score);
  const { way, mode } = option;
  return { way, mode, status: 'open', name: wayModeName(option), family, wire, score, context };
}

/** Ways judged for the work, best first: every one, or those that were asked for alone. */
export function judgedWays(context: WorkContext, which: 'every' | 'asked' = 'every'): readonly JudgedWay[] {
  const options = which === 'every' ? WAY_MODES : WAY_MODES.filter((option) => isAsked(option, context));
  return options.map((option) => judged(option, context)).toSorted((a, b) => b.score - a.score);
}
