import { type Gas } from '../gas/gas.ts';
import type { Work } from '../material/work.ts';
import { HANDBOOK, MODEL, PRACTICE, standard } from '../provenance/source.ts';
import type { GoverningThickness } from '../demand/governing-thickness.ts';
import { UNEQUAL_WARN_RATIO } from '../demand/governing-thickness.ts';
import { SHORT_CIRCUIT_ROWS_MM } from '../demand/reference-current.ts';
import { COLD_LAP_FROM_MM, PRACTICE_ONLY_FROM_MM } from '../transfer/short-circuit.ts';
import type { Caution } from './caution.ts';

/** Vertical down: warned of above, and stopped above, mm. Source: common practice. */
export const VERTICAL_DOWN_MM = { warn: 3, stop: 5 } as const;

function thicknessCautions(thickness: GoverningThickness): Caution[] {
  const { thicknessMm } = thickness;
  const list: Caution[] = [];
  if (thicknessMm >= PRACTICE_ONLY_FROM_MM) {
    list.push({
      code: 'short-circuit-thick',
      level: 'stop',
      text: 'Short-circuit at 6 mm and up is for practice only: it can lie on the plate without fusing. For anything that carries load take spray, pulse or flux core.',
      source: standard('AWS D1.1: short-circuit is not prequalified'),
    });
  } else if (thicknessMm >= COLD_LAP_FROM_MM) {
    list.push({
      code: 'cold-lap',
      level: 'warn',
      text: 'From 5 mm short-circuit can cold-lap: the bead lies on the plate without fusing. Cut and look at a test piece.',
      source: PRACTICE,
    });
  }
  const [low, high] = SHORT_CIRCUIT_ROWS_MM;
  if (thicknessMm < low || thicknessMm > high) {
    list.push({
      code: 'beyond-the-tables',
      level: 'warn',
      text: `Beyond the tables: the starting rows run from ${low} to ${high} mm. The numbers carry the curve on; trust scrap before them.`,
      source: MODEL,
    });
  }
  if (thickness.thickerMm > UNEQUAL_WARN_RATIO * thickness.thinnerMm) {
    list.push({
      code: 'very-unequal',
      level: 'warn',
      text: 'One part is more than three times the other: the thin one melts away before the thick one fuses. Lead the arc onto the thick part, or warm it.',
      source: PRACTICE,
    });
  }
  return list;
}

function workCautions(work: Work, thicknessMm: number): Caution[] {
  const list: Caution[] = [];
  if (work.metal === 'coated-steel') {
    list.push({
      code: 'zinc-coating',
      level: 'stop',
      text: 'Zinc fume makes you ill and the bead porous. Strip the coating 25 to 50 mm back on every side, extract, wear a respirator. The numbers are for stripped steel.',
      source: HANDBOOK,
    });
  }
  if (work.position === 'vertical-down' && thicknessMm > VERTICAL_DOWN_MM.stop) {
    list.push({
      code: 'vertical-down-thick',
      level: 'stop',
      text: 'Vertical down above 5 mm runs ahead of itself and does not fuse. Weld it upwards.',
      source: PRACTICE,
    });
  } else if (work.position === 'vertical-down' && thicknessMm > VERTICAL_DOWN_MM.warn) {
    list.push({
      code: 'vertical-down-thick',
      level: 'warn',
      text: 'Vertical down is for thin work: above 3 mm keep right on the front edge of the puddle, or weld upwards.',
      source: PRACTICE,
    });
  }
  if (work.windy) {
    list.push({
      code: 'wind',
      level: 'warn',
      text: 'Wind above about 8 km/h (5 mph) blows the gas away: pin-holes. Screen the work, or take self-shielded flux core.',
      source: standard('AWS D1.1'),
    });
  } else if (work.place === 'outdoors') {
    list.push({
      code: 'outdoors',
      level: 'note',
      text: 'Outdoors, screen the work from any breeze and stay dry.',
      source: PRACTICE,
    });
  }
  return list;
}

function gasCautions(gas: Gas): Caution[] {
  const [low, high] = gas.co2Percent;
  if (high <= 12) {
    return [
      {
        code: 'little-co2',
        level: 'warn',
        text: `Schools differ on ${gas.name} in short-circuit: one shop runs everything on it, another finds too little CO₂ to hold the arc. Expect fewer volts and a colder look.`,
        source: PRACTICE,
      },
    ];
  }
  if (low > 25 && high < 100) {
    return [
      {
        code: 'uncommon-mix',
        level: 'note',
        text: `${gas.name} stands between the usual mixes: its volts are read off a line between Ar + 25 % CO₂ and CO₂.`,
        source: MODEL,
      },
    ];
  }
  return [];
}

/** EN 169 and ANSI Z49.1 shades for a current, in words; only where we recall the row. */
function shadeText(currentA: number): string {
  const en = currentA >= 175 ? 'EN 169: 13' : currentA >= 125 ? 'EN 169: 12' : undefined;
  const ansi = currentA > 160 ? 'ANSI Z49.1: 12' : currentA >= 60 ? 'ANSI Z49.1: 11' : undefined;
  const both = [en, ansi].filter((text) => text !== undefined).join(', ');
  return both === '' ? 'as the hood’s table says for this current' : `about ${both}`;
}

/** Cautions that the work and its short-circuit plan raise. */
export function shortCircuitCautions(
  work: Work,
  thickness: GoverningThickness,
  gas: Gas,
  currentA: number,
): readonly Caution[] {
  const arc: Caution = {
    code: 'arc',
    level: 'note',
    text: `Hood shade ${shadeText(currentA)}; gloves, covered skin, head out of the fume.`,
    source: standard('EN 169, ANSI Z49.1; fume: IARC 2018'),
  };
  return [
    ...workCautions(work, thickness.thicknessMm),
    ...thicknessCautions(thickness),
    ...gasCautions(gas),
    arc,
  ];
}
