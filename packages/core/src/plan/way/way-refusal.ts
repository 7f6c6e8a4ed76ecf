import { amount } from '../../base/words/amount.ts';
import { words, type Words } from '../../base/words/words.ts';
import { isSizeForPosition } from '../../trade/family/ceilings.ts';
import { type Family, sizeOf } from '../../trade/family/family.ts';
import { gasOf } from '../../trade/gas/gas.ts';
import { gasVerdict, isGasless } from '../../trade/family/gas-verdict.ts';
import { machineHas } from '../../machine/machine.ts';
import type { MachineFeature } from '../../machine/scale/machine-feature.ts';
import { JOINT_NAME, POSITION_NAME } from '../../trade/material/work.ts';
import { polarityOf } from '../../trade/polarity.ts';
import type { RefusalCode } from '../../base/refusal-code.ts';
import { fillerVerdict } from '../../trade/wire/filler-verdict.ts';
import { WAY_NAME } from '../../trade/wire/way.ts';
import { isOfWay, type WireClass } from '../../trade/wire/wire-class.ts';
import { isRootedInDip } from './open-root.ts';
import { COLDER, HOTTER, UPWARD } from './metal-ways.ts';
import { thickestMm, VERTICAL_DOWN_MOST_MM, WAY_LIMITS } from './way-limits.ts';
import { type WayMode, wayModeName } from '../../trade/transfer/way-mode.ts';
import type { WorkContext } from './work-context.ts';

/** Why a way cannot be gone for this work, and what to do about it. */
export interface WayRefusal {
  readonly code: RefusalCode;
  readonly reason: Words;
  readonly instead: readonly Words[];
}

interface Considered {
  readonly option: WayMode;
  readonly family: Family;
  readonly wireClass: WireClass;
  readonly context: WorkContext;
}

type Rule = (considered: Considered) => WayRefusal | undefined;

function refusal(code: RefusalCode, reason: Words, ...instead: Words[]): WayRefusal {
  return { code, reason, instead };
}

const byFiller: Rule = ({ wireClass, context }) => {
  const verdict = fillerVerdict(wireClass, context.work, context.pair);
  return verdict.status === 'refused' ? refusal(verdict.code, verdict.reason, verdict.instead) : undefined;
};

const byPolarity: Rule = ({ wireClass, context }) => {
  const asked = context.resources.polarity;
  const own = polarityOf(wireClass);
  if (asked === undefined || asked === own.polarity) return undefined;
  return refusal(
    'polarity-wrong-for-wire',
    words`${wireClass} is not run on ${asked}: ${own.why}`,
    words`Gun lead to ${own.gunLead}, work lead to ${own.workLead}.`,
  );
};

/** That the machine named, or else every one of the shop, lacks what a way asks for; undefined when it may be had. */
function lacking({ resources }: WorkContext, feature: MachineFeature, what: string): string | undefined {
  const { machine, machines = [] } = resources;
  const asked = machine ? [machine] : machines;
  if (asked.length === 0 || asked.some((m) => machineHas(m, feature) !== false)) return undefined;
  return machine
    ? `${machine.name} has no ${what}.`
    : `No machine of the shop has ${what === 'pulse' ? '' : 'a '}${what}.`;
}

const byMachine: Rule = ({ option, context }) => {
  const pulseless = option.mode === 'pulse' ? lacking(context, 'pulse', 'pulse') : undefined;
  if (pulseless !== undefined) {
    const other = context.pair.weldMetal === 'aluminium' ? 'Take spray' : 'Take short-circuit or spray';
    return refusal('machine-without-pulse', pulseless, words`${other}, or a machine that has pulse.`);
  }
  if (option.way !== 'aluminium-spool-gun') return undefined;
  const socketless = lacking(context, 'spool-gun-socket', 'socket for a spool gun');
  if (socketless === undefined) return undefined;
  return refusal(
    'machine-without-spool-gun',
    socketless,
    'Take aluminium through the standard gun with its kit, or another machine.',
  );
};

const byPosition: Rule = ({ option, family, context }) => {
  const { position } = context.work;
  if (position === 'vertical-down' && context.thickness.thicknessMm > VERTICAL_DOWN_MOST_MM) {
    const reason = words`Nothing over ${amount.thickness(VERTICAL_DOWN_MOST_MM)} is welded vertical down: the puddle runs ahead of the arc and does not fuse.`;
    return refusal('position-wrong-for-way', reason, 'Weld it vertical up, or turn it flat.');
  }
  const size = context.resources.wireDiameterMm;
  const tooThick = size !== undefined && !isSizeForPosition(family.ceilings, size, position);
  if (family.position[position] !== undefined && !tooThick) return undefined;
  if (tooThick && family.position[position] !== undefined) {
    const reason = words`${amount.wireSize(size)} wire stays flat and horizontal in ${wayModeName(option)}: ${POSITION_NAME[position]} its puddle is too large.`;
    return refusal('position-wrong-for-way', reason, 'Turn the work flat, or take a thinner wire.');
  }
  const why =
    option.mode === 'own' ? 'the slag runs ahead of the arc' : 'the puddle is too large and fluid to stay up';
  return refusal(
    'position-wrong-for-way',
    words`No ${wayModeName(option)} ${POSITION_NAME[position]}: ${why}.`,
    words`Turn the work flat, or take ${UPWARD[context.pair.weldMetal]}.`,
  );
};

/** Families whose own arc carries an open root: short-circuit, brazing, self-shielded flux core. */
function holdsOpenRoot(family: Family): boolean {
  return family.mode === 'short-circuit' || isGasless(family.id);
}

const byJoint: Rule = ({ option, family, context }) => {
  const { joint } = context.work;
  const openWithoutBar = joint === 'open-butt' && context.work.backing !== true;
  if (family.joint[joint] !== undefined && (!openWithoutBar || holdsOpenRoot(family))) return undefined;
  if (openWithoutBar && isRootedInDip(option, family, context)) return undefined;
  const root = context.pair.weldMetal === 'aluminium' ? '' : ', or weld the root in short-circuit';
  return refusal(
    'joint-wrong-for-way',
    words`No ${wayModeName(option)} on ${joint === 'tee' ? 'a' : 'an'} ${JOINT_NAME[joint]}: it falls through.`,
    joint === 'open-butt'
      ? words`Close the gap or put a backing bar behind it${root}.`
      : words`Take ${COLDER[context.pair.weldMetal]}.`,
  );
};

const byThickness: Rule = ({ family, context }) => {
  const { thinnestMm, tooThin, tooThick } = WAY_LIMITS[family.id];
  const { weldMetal } = context.pair;
  if (context.thickness.thinnerMm < thinnestMm)
    return refusal('too-thin-for-way', tooThin, words`Take ${COLDER[weldMetal]}.`);
  return context.thickness.thicknessMm > thickestMm(family.id, context.resources.wireDiameterMm)
    ? refusal('too-thick-for-way', tooThick, words`Take ${HOTTER[weldMetal]}.`)
    : undefined;
};

const byCoating: Rule = ({ option, context }) => {
  if (option.way !== 'bronze-braze' || context.pair.coated || context.resources.way === 'bronze-braze')
    return undefined;
  const asked = context.resources.wireClass;
  if (asked !== undefined && isOfWay(asked, option.way)) return undefined;
  const reason = 'Brazing is for thin coated sheet: bare steel is welded.';
  return refusal('way-wrong-for-metal', reason, 'Take solid wire with gas.');
};

const byGas: Rule = ({ option, family, wireClass, context }) => {
  const { gas } = context.resources;
  if (gas === undefined) return undefined;
  if (
    isGasless(family.id) &&
    gas !== 'none' &&
    context.resources.way === undefined &&
    context.resources.wireClass === undefined
  ) {
    const reason = `You named ${gasOf(gas).name}; ${WAY_NAME[option.way]} uses no gas.`;
    return refusal('gas-not-used', reason, 'Leave the gas open, or take gas-shielded flux core.');
  }
  const verdict = gasVerdict(gasOf(gas), { family: family.id, wireClass, leanMix: context.schools.leanMix });
  return verdict.status === 'refused' ? refusal(verdict.code, verdict.reason, verdict.instead) : undefined;
};

const bySize: Rule = ({ option, family, context }) => {
  const { wireDiameterMm } = context.resources;
  if (wireDiameterMm === undefined || sizeOf(family, wireDiameterMm)) return undefined;
  const sold = family.sizes.map((size) => size.nominalMm).toSorted((a, b) => a - b);
  return refusal(
    'wire-without-window',
    words`${amount.wireSize(wireDiameterMm)} wire has no window in ${wayModeName(option)}.`,
    words`Take ${amount.wireSize(sold, undefined, { between: ', ' })}.`,
  );
};

const RULES: readonly Rule[] = [
  byFiller,
  byPolarity,
  byMachine,
  byPosition,
  byJoint,
  byGas,
  bySize,
  byThickness,
  byCoating,
];

/** The first rule that forbids a way, or undefined when none does. */
export function wayRefusal(considered: Considered): WayRefusal | undefined {
  for (const rule of RULES) {
    const refusal = rule(considered);
    if (refusal) return refusal;
  }
  return undefined;
}
