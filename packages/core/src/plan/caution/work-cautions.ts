import { amount } from '../../base/words/amount.ts';
import { words } from '../../base/words/words.ts';
import { UNEQUAL_WARN_RATIO, type GoverningThickness } from '../demand/governing-thickness.ts';
import type { MetalPair } from '../../trade/material/metal-pair.ts';
import { hasCircumstance, type Circumstance, type Work } from '../../trade/material/work.ts';
import { HANDBOOK, PRACTICE, standard } from '../../base/source.ts';
import type { Caution } from './caution.ts';

/** Vertical down: warned of above, and stopped above, mm. Source: common practice. */
export const VERTICAL_DOWN_MM = { warn: 3, stop: 5 } as const;

const CIRCUMSTANCE_CAUTION: Readonly<Partial<Record<Circumstance, Omit<Caution, 'code' | 'source'>>>> = {
  'closed-space': {
    level: 'stop',
    text: 'Shielding gas displaces air in a closed or low space: you notice nothing before you fall. Ventilate, measure oxygen, never alone, with a permit.',
  },
  'closed-vessel': {
    level: 'stop',
    text: 'A tank, a drum or a closed tube can explode when it is heated. Vent it, have it cleaned, and ask a qualified person first.',
  },
  damp: {
    level: 'stop',
    text: 'Damp, or standing on metal: the shock path is through you. Dry out, stand on dry wood, or stop.',
  },
  painted: {
    level: 'stop',
    text: 'Old paint may hold lead: its fume poisons. Have it tested and stripped by someone trained.',
  },
  'powder-coated': {
    level: 'warn',
    text: words`Powder coat burns to a biting fume and makes pores: strip it ${amount.distance([25, 50])} back on every side, and extract.`,
  },
  primed: {
    level: 'warn',
    text: words`Primer fumes, and a zinc primer makes the bead porous: strip it ${amount.distance([25, 50])} back, whatever its label says.`,
  },
  chromed: {
    level: 'stop',
    text: 'Do not weld chrome plate: its fume holds hexavalent chromium and nickel. Strip it well back first, and extract.',
  },
  rusty: {
    level: 'warn',
    text: words`Rust makes pores and a cold, wandering arc: grind rusty metal bright ${amount.distance(20)} to both sides. The numbers are for bright steel.`,
  },
  plated: {
    level: 'stop',
    text: 'Do not weld cadmium plate: the fume can kill. Have it stripped by someone trained.',
  },
  solvent: {
    level: 'stop',
    text: 'No chlorinated solvent or brake cleaner anywhere near an arc: it turns to phosgene. Let acetone dry off and put it away.',
  },
  flammables: {
    level: 'warn',
    text: words`Hot work: clear everything that burns for ${amount.length(10)}, extinguisher at hand, a fire watch, and look again after 30 to 60 minutes.`,
  },
  implant: {
    level: 'warn',
    text: 'Arc current disturbs pacemakers and other implants: whoever wears one keeps away and asks the doctor.',
  },
  vehicle: {
    level: 'warn',
    text: 'On a vehicle or electronics: battery off, work clamp right beside the weld, keep off airbags and their wiring.',
  },
  'load-bearing': {
    level: 'stop',
    text: 'What carries load, holds pressure or stands under a code needs a qualified procedure and a qualified welder. This plan is a start for practice, not for the record.',
  },
};

function circumstanceCautions(work: Work): Caution[] {
  return (work.circumstances ?? []).flatMap((code) => {
    const caution = CIRCUMSTANCE_CAUTION[code];
    return caution ? [{ ...caution, code, source: HANDBOOK }] : [];
  });
}

function metalCautions(work: Work, pair: MetalPair): Caution[] {
  const list: Caution[] = [];
  if (pair.coated) {
    list.push({
      code: 'zinc-coating',
      level: 'stop',
      text: words`Zinc fume makes you ill and the bead porous. Strip the coating ${amount.distance([25, 50])} back on every side, extract, wear a respirator. The numbers are for stripped steel.`,
      source: HANDBOOK,
    });
  }
  if (pair.weldMetal === 'stainless') {
    const extracted = hasCircumstance(work, 'extraction') || work.place === 'outdoors';
    list.push({
      code: 'chromium-fume',
      level: extracted ? 'warn' : 'stop',
      text: words`Stainless fume holds hexavalent chromium, which causes cancer: extract at the weld and wear a respirator.${extracted ? '' : ' Do not start indoors until extraction is running.'}`,
      source: HANDBOOK,
    });
  }
  return list;
}

function positionCautions({ position }: Work, thicknessMm: number): Caution[] {
  if (position !== 'vertical-down' || thicknessMm <= VERTICAL_DOWN_MM.warn) return [];
  const stop = thicknessMm > VERTICAL_DOWN_MM.stop;
  return [
    {
      code: 'vertical-down-thick',
      level: stop ? 'stop' : 'warn',
      text: stop
        ? words`Vertical down above ${amount.thickness(5)} runs ahead of itself and does not fuse. Weld it upwards.`
        : words`Vertical down is for thin work: above ${amount.thickness(3)} keep right on the front edge of the puddle, or weld upwards.`,
      source: PRACTICE,
    },
  ];
}

function placeCautions(work: Work, needsGas: boolean): Caution[] {
  if (work.windy && needsGas) {
    const text = words`Wind above about ${amount.windSpeed(8)} blows the gas away: pin-holes. Screen the work, or take self-shielded flux core.`;
    return [{ code: 'wind', level: 'warn', text, source: standard('AWS D1.1') }];
  }
  if (work.place === 'outdoors') {
    const text = 'Outdoors, screen the work from any breeze and stay dry.';
    return [{ code: 'outdoors', level: 'note', text, source: PRACTICE }];
  }
  return [];
}

function unequalCautions(thickness: GoverningThickness): Caution[] {
  if (thickness.thickerMm <= UNEQUAL_WARN_RATIO * thickness.thinnerMm) return [];
  const text =
    'One part is more than three times the other: the thin one melts away before the thick one fuses. Lead the arc onto the thick part, or warm it.';
  return [{ code: 'very-unequal', level: 'warn', text, source: PRACTICE }];
}

/** Cautions that the work itself raises, whatever the setup. */
export function workCautions(
  work: Work,
  pair: MetalPair,
  thickness: GoverningThickness,
  needsGas: boolean,
): readonly Caution[] {
  return [
    ...circumstanceCautions(work),
    ...metalCautions(work, pair),
    ...positionCautions(work, thickness.thicknessMm),
    ...placeCautions(work, needsGas),
    ...unequalCautions(thickness),
  ];
}
