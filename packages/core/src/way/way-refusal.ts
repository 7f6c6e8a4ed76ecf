import { type Family, sizeOf } from '../family/family.ts';
import { gasOf } from '../gas/gas.ts';
import { gasVerdict } from '../gas/gas-verdict.ts';
import { type MachineFeature, machineHas } from '../machine/machine.ts';
import { JOINT_NAME, POSITION_NAME } from '../material/work.ts';
import { polarityOf } from '../polarity/polarity.ts';
import type { RefusalCode } from '../setup/setup.ts';
import { fillerVerdict } from '../wire/filler-verdict.ts';
import { WAY_NAME, type WireClass } from '../wire/wire-class.ts';
import { WAY_LIMITS } from './way-limits.ts';
import { type WayMode, wayModeName } from './way-mode.ts';
import type { WorkContext } from './work-context.ts';

/** Why a way cannot be gone for this work, and what to do about it. */
export interface WayRefusal {
  readonly code: RefusalCode;
  readonly reason: string;
  readonly instead: readonly string[];
}

interface Considered {
  readonly option: WayMode;
  readonly family: Family;
  readonly wireClass: WireClass;
  readonly context: WorkContext;
}

type Rule = (considered: Considered) => WayRefusal | undefined;

function refusal(code: RefusalCode, reason: string, ...instead: string[]): WayRefusal {
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
    `${wireClass} is not run on ${asked}: ${own.why}`,
    `Gun lead to ${own.gunLead}, work lead to ${own.workLead}.`,
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
  if (pulseless !== undefined) return refusal('machine-without-pulse', pulseless);
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
  const thickWireUp =
    context.pair.weldMetal === 'aluminium' &&
    context.resources.wireDiameterMm === 1.6 &&
    position !== 'flat' &&
    position !== 'horizontal';
  if (family.position[position] !== undefined && !thickWireUp) return undefined;
  const why =
    option.mode === 'own' ? 'the slag runs ahead of the arc' : 'the puddle is too large and fluid to stay up';
  return refusal(
    'position-wrong-for-way',
    `No ${wayModeName(option)} ${POSITION_NAME[position]}: ${why}.`,
    'Turn the work flat, or take short-circuit, pulse or flux core.',
  );
};

const byJoint: Rule = ({ option, family, context }) => {
  const { joint } = context.work;
  if (family.joint[joint] !== undefined) return undefined;
  return refusal(
    'joint-wrong-for-way',
    `No ${wayModeName(option)} on an ${JOINT_NAME[joint]}: it falls through.`,
    'Close the gap or put a backing bar behind it, or weld the root in short-circuit.',
  );
};

const byThickness: Rule = ({ family, context }) => {
  const { thinnestMm, tooThin, thickestMm, tooThick } = WAY_LIMITS[family.id];
  if (context.thickness.thinnerMm < thinnestMm) return refusal('too-thin-for-way', tooThin);
  return context.thickness.thicknessMm > thickestMm ? refusal('too-thick-for-way', tooThick) : undefined;
};

const byCoating: Rule = ({ option, context }) => {
  if (option.way !== 'bronze-braze' || context.pair.coated || context.resources.way === 'bronze-braze')
    return undefined;
  if (context.resources.wireClass === 'ERCuSi-A') return undefined;
  return refusal('way-wrong-for-metal', 'Brazing is for thin coated sheet: bare steel is welded.');
};

const byGas: Rule = ({ option, family, wireClass, context }) => {
  const { gas } = context.resources;
  if (gas === undefined) return undefined;
  if (
    family.id === 'self-shielded' &&
    gas !== 'none' &&
    context.resources.way === undefined &&
    context.resources.wireClass === undefined
  ) {
    return refusal('gas-not-used', `You named ${gasOf(gas).name}; ${WAY_NAME[option.way]} uses no gas.`);
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
    `${wireDiameterMm} mm wire has no window in ${wayModeName(option)}.`,
    `Take ${sold.join(', ')} mm.`,
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
    const found = rule(considered);
    if (found) return found;
  }
  return undefined;
}
