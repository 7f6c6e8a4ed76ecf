import { amount } from '../../base/words/amount.ts';
import { words } from '../../base/words/words.ts';
import { sizeOf } from '../../trade/family/family.ts';
import { gasOf } from '../../trade/gas/gas.ts';
import { isGasless } from '../../trade/family/gas-verdict.ts';
import { hasCircumstance } from '../../trade/material/work.ts';
import { HANDBOOK, MODEL, PRACTICE, standard } from '../../base/source.ts';
import { transitionCurrentA } from '../../trade/transfer/transition.ts';
import { EASILY_PUSHED_FROM_MM } from '../way/gun-limits.ts';
import { fillerVerdict } from '../../trade/wire/filler-verdict.ts';
import type { Caution } from './caution.ts';
import { programCautions } from './program-cautions.ts';
import type { SetupFacts } from './setup-facts.ts';
import { weldCautions } from './weld-cautions.ts';
import { usualClass, wireClassRow } from '../../trade/wire/wire-class.ts';

/** Thickness from which short-circuit is warned of for cold lap, and from which it is only practice, mm. Source: common practice. */
export const COLD_LAP_FROM_MM = 5;
export const PRACTICE_ONLY_FROM_MM = 6;
/** Aluminium without pulse: warned of below, and advised against below, mm. Source: common practice. */
export const ALUMINIUM_WITHOUT_PULSE_MM = { warn: 3, advise: 2 } as const;

function coldLap({ family, context }: SetupFacts): Caution[] {
  const { thicknessMm, thickerMm } = context.thickness;
  if (family.id === 'bronze-braze') return [];
  if (family.mode !== 'short-circuit' || thickerMm < COLD_LAP_FROM_MM) return [];
  if (thicknessMm < PRACTICE_ONLY_FROM_MM) {
    const on = thickerMm > thicknessMm ? words` on the ${amount.thickness(thickerMm, 1)} part` : '';
    const text = words`From ${amount.thickness(5)} short-circuit can cold-lap: the bead lies${on} without fusing. Aim the arc at the thicker part; cut and look at a test piece.`;
    return [{ code: 'cold-lap', level: 'warn', text, source: PRACTICE }];
  }
  const text = words`Short-circuit at ${amount.thickness(6)} and up is for practice only: it can lie on the plate without fusing. For anything that carries load take spray, pulse or flux core.`;
  const source = standard('AWS D1.1: short-circuit is not prequalified');
  return [{ code: 'short-circuit-thick', level: 'stop', text, source }];
}

function beyondTables({ family, context }: SetupFacts): Caution[] {
  const { thicknessMm } = context.thickness;
  const [low, high] = family.rowsMm;
  if (thicknessMm >= low && thicknessMm <= high) return [];
  const text = words`Beyond the tables: the starting rows run from ${amount.thickness([low, high])}. The numbers carry the curve on; trust scrap before them.`;
  return [{ code: 'beyond-the-tables', level: 'warn', text, source: MODEL }];
}

function globular({ family, diameterMm, gas, currentA }: SetupFacts): Caution[] {
  const transition = family.sprayMetal && transitionCurrentA(family.sprayMetal, diameterMm, gas);
  const top = sizeOf(family, diameterMm)?.windowA[1] ?? Infinity;
  const under = transition !== undefined && currentA < transition - 0.5;
  const over = family.mode === 'short-circuit' && currentA > top * 1.1;
  if (!under && !over) return [];
  const text = under
    ? `${Math.round(currentA)} A is under the spray transition (${Math.round(transition)} A): globular, with spatter and cold spots.`
    : `${Math.round(currentA)} A is past this wire’s short-circuit window: it turns globular.`;
  return [{ code: 'globular', level: 'warn', text, source: HANDBOOK }];
}

function gasNotUsed({ family, context, wireClass }: SetupFacts): Caution[] {
  const named = context.resources.gas;
  if (!isGasless(family.id) || named === undefined || named === 'none') return [];
  const text = `You named ${gasOf(named).name}, and ${wireClass} makes its own shield: close the cylinder, or take gas-shielded flux core (${usualClass('gas-shielded-flux-core', gasOf(named)).id}).`;
  return [{ code: 'gas-not-used', level: 'warn', text, source: standard('AWS A5.20') }];
}

function gasCautions({ family, gas }: SetupFacts): Caution[] {
  const [low, high] = gas.co2Percent;
  if (family.id === 'steel-dip' && high <= 12) {
    const text = `Schools differ on ${gas.name} in short-circuit: one shop runs everything on it, another finds too little CO₂ to hold the arc. Expect fewer volts and a colder look.`;
    return [{ code: 'little-co2', level: 'warn', text, source: PRACTICE }];
  }
  if (low > 25 && high < 100) {
    const text = `${gas.name} stands between the usual mixes: its volts are read off a line between Ar + 25 % CO₂ and CO₂.`;
    return [{ code: 'uncommon-mix', level: 'note', text, source: MODEL }];
  }
  const spray = family.id === 'steel-spray' || family.id === 'steel-pulse';
  if (spray && high >= 15) {
    const text = `${gas.name} sprays, with a higher transition and more spatter than Ar + 8–10 % CO₂.`;
    return [{ code: 'rich-mix-spray', level: 'note', text, source: HANDBOOK }];
  }
  return [];
}

function wireCautions({ context, wireClass }: SetupFacts): Caution[] {
  const list: Caution[] = [];
  if (wireClassRow(wireClass).noImpactRequirement && hasCircumstance(context.work, 'load-bearing')) {
    const text = `${wireClass} has no impact requirement: not for structural work by default.`;
    list.push({ code: 'no-impact-class', level: 'stop', text, source: standard('AWS A5.20') });
  }
  const verdict = fillerVerdict(wireClass, context.work, context.pair);
  if (verdict.status === 'fits' && verdict.caution !== undefined) {
    list.push({ code: 'filler-second-choice', level: 'warn', text: verdict.caution, source: HANDBOOK });
  }
  return list;
}

function fluxCoreFume({ family, context }: SetupFacts): Caution[] {
  if (!isGasless(family.id) || context.work.place === 'outdoors') return [];
  const text =
    'Self-shielded flux core indoors makes several times the fume of solid wire, with manganese and fluorides: extract.';
  return [{ code: 'flux-core-fume', level: 'warn', text, source: HANDBOOK }];
}

function aluminiumCautions({ context, family }: SetupFacts): Caution[] {
  const { pair, thickness } = context;
  if (pair.weldMetal !== 'aluminium') return [];
  const list: Caution[] = [
    {
      code: 'aluminium-light',
      level: 'warn',
      text: 'Aluminium arcs are bright and make ozone: full cover, one shade more. It gives no colour warning: hot metal looks cold.',
      source: HANDBOOK,
    },
  ];
  const { warn, advise } = ALUMINIUM_WITHOUT_PULSE_MM;
  if (family.mode === 'spray' && thickness.thinnerMm < warn) {
    const text =
      thickness.thinnerMm < advise
        ? words`Without pulse, aluminium under ${amount.thickness(2)} is not advised: it falls through before you can move. Take pulse, or another process.`
        : words`Without pulse, aluminium under ${amount.thickness(3)} is hard to hold: a backing bar, short runs, fast hand.`;
    list.push({ code: 'thin-without-pulse', level: 'warn', text, source: PRACTICE });
  }
  const alloys = pair.parts.map((part) => part.alloy);
  if (pair.parts.some(({ metal, alloy }) => metal === 'aluminium' && alloy === undefined)) {
    const text =
      'The alloy is not known: the filler is a guess. 5083 and 7075 look alike and only one of them welds.';
    list.push({ code: 'alloy-unknown', level: 'warn', text, source: HANDBOOK });
  }
  if (alloys.some((alloy) => alloy !== undefined && /^6/.test(alloy))) {
    const text =
      'A heat-treatable alloy keeps half to two thirds of its strength beside the weld, as welded.';
    list.push({ code: 'softened-zone', level: 'note', text, source: HANDBOOK });
  }
  return list;
}

/** Shades by current, A: from, to, shade. Source: EN 169 (MAG) and ANSI Z49.1 as suggested, recalled. */
const SHADES = {
  'EN 169': [
    [125, 175, 12],
    [175, 300, 13],
  ],
  'ANSI Z49.1': [
    [60, 160, 11],
    [160, 250, 12],
    [250, 500, 14],
  ],
} as const;

/** The shade of one standard, in words; undefined past the rows we recall. */
function shadeOf(name: keyof typeof SHADES, currentA: number): string | undefined {
  const row = SHADES[name].find(([from, to]) => currentA >= from && currentA <= to);
  return row && `${name}: ${row[2]}`;
}

/** EN 169 and ANSI Z49.1 shades for a current, in words; none past its own rows. */
function shadeText(currentA: number): string {
  const [en, ansi] = [shadeOf('EN 169', currentA), shadeOf('ANSI Z49.1', currentA)];
  const both = [en, ansi].filter((text) => text !== undefined).join(', ');
  return both === '' ? 'as the hood’s table says for this current' : `about ${both}`;
}

/** Current above which a machine's limits must be known, and above which nothing is planned lightly, A. */
export const LIMITS_WANTED_ABOVE_A = { warn: 200, stop: 250 } as const;

function limitsUnknown({ context, currentA }: SetupFacts): Caution[] {
  const { machine } = context.resources;
  if (!machine || machine.currentRangeA !== undefined || currentA <= LIMITS_WANTED_ABOVE_A.warn) return [];
  const amps = Math.round(currentA);
  const text = `Limits not known: whether ${machine.name} gives ${amps} A, and for how long, is not on its page. Read its plate first.`;
  const level = currentA > LIMITS_WANTED_ABOVE_A.stop ? 'stop' : 'warn';
  return [{ code: 'limits-not-known', level, text, source: PRACTICE }];
}

function bronzeCautions({ family, context }: SetupFacts): Caution[] {
  if (family.id !== 'bronze-braze') return [];
  const load = hasCircumstance(context.work, 'load-bearing');
  const text = 'A brazed seam is not for load: it joins and seals thin sheet, no more.';
  return [{ code: 'bronze-not-for-load', level: load ? 'stop' : 'warn', text, source: PRACTICE }];
}

function pushedAluminium({ way, diameterMm }: SetupFacts): Caution[] {
  if (way !== 'aluminium-gun' || diameterMm >= EASILY_PUSHED_FROM_MM) return [];
  const text = words`${amount.wireSize(diameterMm)} aluminium wire buckles when it is pushed through a lead: keep the gun straight and short, or take a spool gun or ${amount.wireSize(1, 1)}.`;
  return [{ code: 'thin-wire-pushed', level: 'warn', text, source: PRACTICE }];
}

/** Cautions that the setup raises: mode, gas, wire, current. */
export function setupCautions(facts: SetupFacts): readonly Caution[] {
  const arc: Caution = {
    code: 'arc',
    level: 'note',
    text: words`Hood shade ${shadeText(facts.currentA)}; gloves, covered skin, head out of the fume.`,
    source: standard('EN 169, ANSI Z49.1; fume: IARC 2018'),
  };
  return [
    ...coldLap(facts),
    ...beyondTables(facts),
    ...globular(facts),
    ...gasNotUsed(facts),
    ...gasCautions(facts),
    ...wireCautions(facts),
    ...fluxCoreFume(facts),
    ...aluminiumCautions(facts),
    ...pushedAluminium(facts),
    ...bronzeCautions(facts),
    ...weldCautions(facts),
    ...programCautions(facts),
    ...limitsUnknown(facts),
    arc,
  ];
}
