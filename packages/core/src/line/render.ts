import { inMetric } from '../base/words/in-words.ts';
import { gasOf } from '../trade/gas/gas.ts';
import {
  type Circumstance,
  type Joint,
  type Position,
  PRIORITY_NAME,
  PROFILE_NAME,
  type Surface,
} from '../trade/material/work.ts';
import type { BaseMetal } from '../trade/material/base-metal.ts';
import type { Way } from '../trade/wire/way.ts';
import type { StatedWork } from '../plan/work/stated-work.ts';

const METAL: Readonly<Record<BaseMetal, string | undefined>> = {
  'carbon-steel': 'mild steel',
  'coated-steel': 'galvanised',
  stainless: 'stainless',
  aluminium: 'aluminium',
  'cast-aluminium': 'cast aluminium',
  'unweldable-aluminium': undefined,
  other: undefined,
};

const JOINT: Readonly<Record<Joint, string>> = {
  butt: 'butt',
  'open-butt': 'open butt',
  lap: 'lap',
  tee: 'tee',
  'outside-corner': 'outside corner',
  edge: 'edge',
};

const POSITION: Readonly<Record<Position, string>> = {
  flat: 'flat',
  horizontal: 'horizontal',
  'vertical-up': 'vertical up',
  'vertical-down': 'vertical down',
  overhead: 'overhead',
};

const SURFACE: Readonly<Record<Surface, string>> = {
  clean: 'clean',
  'mill-scale': 'mill scale',
  warm: 'warm',
};

const WAY: Readonly<Record<Way, string>> = {
  'solid-gas': 'solid',
  'self-shielded': 'self-shielded',
  'gas-shielded-flux-core': 'gas-shielded flux core',
  'metal-cored': 'metal-cored',
  'aluminium-gun': '',
  'aluminium-spool-gun': 'spool gun',
  'bronze-braze': 'silicon bronze',
};

const CIRCUMSTANCE_WORDS: Readonly<Record<Circumstance, string>> = {
  extraction: 'extraction running',
  'closed-space': 'closed space',
  'closed-vessel': 'closed vessel',
  damp: 'damp',
  painted: 'painted',
  'powder-coated': 'powder coated',
  primed: 'primed',
  chromed: 'chrome plated',
  rusty: 'rusty',
  plated: 'cadmium plated',
  vehicle: 'vehicle',
  'load-bearing': 'load bearing',
  solvent: 'solvent',
  flammables: 'flammables',
  implant: 'implant',
};

function metalText(base: BaseMetal | undefined, alloy: string | undefined): string | undefined {
  const metal = base === undefined ? undefined : METAL[base];
  return [metal, alloy].filter((word) => word !== undefined).join(' ') || undefined;
}

function metalWords(work: StatedWork): string | undefined {
  const first = metalText(work.metal, work.alloy);
  const second = metalText(work.otherMetal, work.otherAlloy);
  return second === undefined ? first : `${first} to ${second}`;
}

function thicknessWords(work: StatedWork): string | undefined {
  const first = work.thicknessMm === undefined ? undefined : `${work.thicknessMm} mm thick`;
  const second = work.otherThicknessMm === undefined ? undefined : `${work.otherThicknessMm} mm thick`;
  const shape = work.profile === undefined ? work.product : PROFILE_NAME[work.profile];
  const parts = [first, shape, second === undefined ? undefined : 'on', second, work.otherProduct];
  return parts.filter((word) => word !== undefined && word !== '').join(' ') || undefined;
}

/** The weld's own figures: size, sides, length, number, stitches, gap, what stands behind. */
function weldWords(work: StatedWork): readonly (string | undefined)[] {
  const mm = (value: number | undefined, word: string): string | undefined =>
    value === undefined ? undefined : `${value} mm ${word}`;
  const [width, height] = work.outsideMm ?? [];
  return [
    height === undefined ? mm(width, 'OD') : `size ${width}x${height} mm`,
    mm(work.legMm, 'leg'),
    mm(work.throatMm, 'throat'),
    work.sides === undefined ? undefined : work.sides === 2 ? 'both sides' : 'one side',
    mm(work.seamMm, 'seam'),
    work.numberOff === undefined ? undefined : `${work.numberOff} off`,
    mm(work.stitchMm, 'stitch'),
    mm(work.pitchMm, 'pitch'),
    work.passes === undefined ? undefined : `${work.passes} passes`,
    mm(work.gapMm, 'root gap'),
    work.backing === true ? 'backing bar' : undefined,
    work.thirdMember === true ? 'third member' : undefined,
  ];
}

function gasWords(work: StatedWork): string | undefined {
  return work.gas === undefined ? undefined : gasOf(work.gas).name;
}

/**
 * A job written out as a quick line that reads back as the same work, whatever the user's unit.
 *
 * @param work what has been said of the job
 */
export function renderLine(work: StatedWork): string {
  const { joint, position, surface, place, way, mode, wireDiameterMm: wire } = work;
  return [
    thicknessWords(work),
    metalWords(work),
    joint && JOINT[joint],
    position && POSITION[position],
    surface && SURFACE[surface],
    place,
    work.windy === true ? 'windy' : undefined,
    wire === undefined ? undefined : `${wire} mm wire`,
    work.wireClass,
    way && WAY[way],
    mode,
    gasWords(work),
    work.polarity,
    work.withoutFiller === true ? 'without filler' : undefined,
    ...(work.priorities ?? []).map((priority) => inMetric(PRIORITY_NAME[priority])),
    ...(work.circumstances ?? []).map((circumstance) => CIRCUMSTANCE_WORDS[circumstance]),
    ...weldWords(work),
    work.machineName,
  ]
    .filter((words) => words !== undefined && words !== '')
    .join(', ');
}
