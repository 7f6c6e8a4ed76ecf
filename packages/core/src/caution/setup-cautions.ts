import { type Family, sizeOf } from '../family/family.ts';
import type { Gas } from '../gas/gas.ts';
import { HANDBOOK, MODEL, PRACTICE, standard } from '../provenance/source.ts';
import { transitionCurrentA } from '../transfer/transition.ts';
import { hasCircumstance } from '../material/work.ts';
import type { WireClass } from '../wire/wire-class.ts';
import { fillerVerdict } from '../wire/filler-verdict.ts';
import type { WireDiameterMm } from '../wire/wire-diameter.ts';
import type { WorkContext } from '../way/work-context.ts';
import { SINGLE_PASS_MOST_MM } from '../way/way-limits.ts';
import type { Caution } from './caution.ts';

/** Thickness from which short-circuit is warned of for cold lap, and from which it is only practice, mm. */
export const COLD_LAP_FROM_MM = 5;
export const PRACTICE_ONLY_FROM_MM = 6;
/** Aluminium without pulse: warned of below, and advised against below, mm. Source: common practice. */
export const ALUMINIUM_WITHOUT_PULSE_MM = { warn: 3, advise: 2 } as const;

/** What the cautions of a setup are computed from. */
export interface SetupFacts {
  readonly context: WorkContext;
  readonly family: Family;
  readonly wireClass: WireClass;
  readonly diameterMm: WireDiameterMm;
  readonly gas: Gas;
  readonly currentA: number;
  readonly passes: number;
}

function coldLap({ family, context }: SetupFacts): Caution[] {
  const { thicknessMm } = context.thickness;
  if (family.mode !== 'short-circuit' || thicknessMm < COLD_LAP_FROM_MM) return [];
  if (thicknessMm < PRACTICE_ONLY_FROM_MM) {
    const text =
      'From 5 mm short-circuit can cold-lap: the bead lies on the plate without fusing. Cut and look at a test piece.';
    return [{ code: 'cold-lap', level: 'warn', text, source: PRACTICE }];
  }
  const text =
    'Short-circuit at 6 mm and up is for practice only: it can lie on the plate without fusing. For anything that carries load take spray, pulse or flux core.';
  const source = standard('AWS D1.1: short-circuit is not prequalified');
  return [{ code: 'short-circuit-thick', level: 'stop', text, source }];
}

function beyondTables({ family, context }: SetupFacts): Caution[] {
  const { thicknessMm } = context.thickness;
  const [low, high] = family.rowsMm;
  if (thicknessMm >= low && thicknessMm <= high) return [];
  const text = `Beyond the tables: the starting rows run from ${low} to ${high} mm. The numbers carry the curve on; trust scrap before them.`;
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

function wireCautions({ context, wireClass, passes }: SetupFacts): Caution[] {
  const list: Caution[] = [];
  const { thicknessMm } = context.thickness;
  if (wireClass === 'E71T-GS' && (passes > 1 || thicknessMm > SINGLE_PASS_MOST_MM)) {
    const text =
      'E71T-GS is a single-pass class, up to about 5 mm: a second pass on it cracks. Take E71T-11.';
    list.push({ code: 'single-pass-wire', level: 'stop', text, source: standard('AWS A5.20') });
  }
  if (wireClass === 'E71T-11' && hasCircumstance(context.work, 'load-bearing')) {
    const text = 'E71T-11 has no impact requirement: not for structural work by default.';
    list.push({ code: 'no-impact-class', level: 'stop', text, source: standard('AWS A5.20') });
  }
  const verdict = fillerVerdict(wireClass, context.work, context.pair);
  if (verdict.status === 'fits' && verdict.caution !== undefined) {
    list.push({ code: 'filler-second-choice', level: 'warn', text: verdict.caution, source: HANDBOOK });
  }
  return list;
}

function fluxCoreFume({ family, context }: SetupFacts): Caution[] {
  if (family.id !== 'self-shielded' || context.work.place === 'outdoors') return [];
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
        ? 'Without pulse, aluminium under 2 mm is not advised: it falls through before you can move. Take pulse, or another process.'
        : 'Without pulse, aluminium under 3 mm is hard to hold: a backing bar, short runs, fast hand.';
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

/** EN 169 and ANSI Z49.1 shades for a current, in words; only where we recall the row. */
function shadeText(currentA: number): string {
  const en = currentA >= 175 ? 'EN 169: 13' : currentA >= 125 ? 'EN 169: 12' : undefined;
  const ansi =
    currentA > 250
      ? 'ANSI Z49.1: 14'
      : currentA > 160
        ? 'ANSI Z49.1: 12'
        : currentA >= 60
          ? 'ANSI Z49.1: 11'
          : undefined;
  const both = [en, ansi].filter((text) => text !== undefined).join(', ');
  return both === '' ? 'as the hood’s table says for this current' : `about ${both}`;
}

/** Cautions that the setup raises: mode, gas, wire, current. */
export function setupCautions(facts: SetupFacts): readonly Caution[] {
  const arc: Caution = {
    code: 'arc',
    level: 'note',
    text: `Hood shade ${shadeText(facts.currentA)}; gloves, covered skin, head out of the fume.`,
    source: standard('EN 169, ANSI Z49.1; fume: IARC 2018'),
  };
  return [
    ...coldLap(facts),
    ...beyondTables(facts),
    ...globular(facts),
    ...gasCautions(facts),
    ...wireCautions(facts),
    ...fluxCoreFume(facts),
    ...aluminiumCautions(facts),
    arc,
  ];
}
