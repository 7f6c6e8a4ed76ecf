import type { NewTestBead } from '@hot-bead/contract/dial-in';
import type { Machine, MachineProgram, RigAttribute, TimedReading } from '@hot-bead/core/machine';

import { MARIGOLD_STANDS } from './demo-stock.ts';

export interface DemoMachine {
  readonly id: string;
  /** What is known of how it stands, besides what its own fields say; nothing: nobody looked. */
  readonly stands?: Readonly<Partial<Record<RigAttribute, string>>>;
  readonly machine: Machine;
  /** Whether its taps or its display were held against a meter. */
  readonly isRead: boolean;
}

function program(
  name: string,
  wireClass: MachineProgram['wireClass'],
  diameterMm: MachineProgram['diameterMm'],
  gas: MachineProgram['gas'],
  mode: MachineProgram['mode'],
): MachineProgram {
  return { name, wireClass, diameterMm, gas, mode };
}

/** The invented shop: Copper Kettle Cartworks. All machines, jobs and beads here are made up. */
export const DEMO_MACHINES: readonly DemoMachine[] = [
  {
    id: 'demo-marigold',
    isRead: true,
    stands: MARIGOLD_STANDS,
    machine: {
      name: 'Marigold',
      loadedWireClass: 'ER70S-6',
      loadedWireDiameterMm: 0.8,
      loadedGas: 'ar-co2-18',
      kind: 'inverter',
      wireControl: { kind: 'units' },
      voltsControl: {
        kind: 'displayed',
        meter: [
          { shownV: 17.5, meterV: 17.1 },
          { shownV: 22, meterV: 21.4 },
        ],
      },
      oneEntry: {
        unit: 'mm',
        lines: [
          {
            wireClass: 'ER70S-6',
            diameterMm: 0.8,
            gas: 'ar-co2-18',
            points: [
              { entry: 0.8, wireFeedSpeedMPerMin: 2.9, volts: 15.4 },
              { entry: 1.5, wireFeedSpeedMPerMin: 4.6, volts: 16.6 },
              { entry: 3, wireFeedSpeedMPerMin: 8.2, volts: 18.9 },
              { entry: 5, wireFeedSpeedMPerMin: 11.4, volts: 20.8 },
            ],
          },
        ],
      },
      duty: [
        { currentA: 220, percent: 30 },
        { currentA: 160, percent: 60 },
        { currentA: 125, percent: 100 },
      ],
      mains: { volts: 230, breakerA: 32 },
      polarityChange: 'sockets',
      wires: [
        { wireClass: 'ER70S-6', diameterMm: 0.8 },
        { wireClass: 'ER5356', diameterMm: 1.0 },
        { wireClass: 'ER308LSi', diameterMm: 0.8 },
      ],
      rolls: [
        { form: 'v-smooth', grooveMm: 0.8 },
        { form: 'v-smooth', grooveMm: 1.0 },
        { form: 'u', grooveMm: 1.0 },
      ],
      currentRangeA: [30, 220],
      wireFeedSpeedRangeMPerMin: [2, 20],
      standingPolarity: 'DCEP',
      features: [
        'pulse',
        'inductance',
        'run-in',
        'burnback',
        'pre-flow',
        'post-flow',
        'hot-start',
        'crater-fill',
        'four-step',
        'spool-gun-socket',
      ],
      settings: [
        { setting: 'inductance', name: 'Arc feel', scale: { least: 0, most: 99, unit: 'mark', middle: 50 } },
        { setting: 'arc-length', scale: { least: -30, most: 30, unit: 'mark' } },
        { setting: 'run-in', scale: { least: 20, most: 100, unit: '%' } },
        { setting: 'burnback', scale: { least: 0, most: 0.5, unit: 's' } },
        { setting: 'hot-start-level', scale: { least: 50, most: 200, unit: '%' } },
      ],
      programs: [
        program('3', 'ER70S-6', 0.8, 'ar-co2-18', 'short-circuit'),
        program('4', 'ER70S-6', 1.0, 'ar-co2-18', 'short-circuit'),
        program('11', 'ER70S-6', 1.0, 'ar-co2-8', 'pulse'),
        program('14', 'ER308LSi', 0.8, 'ar-co2-2', 'short-circuit'),
        program('21', 'ER5356', 1.0, 'argon', 'pulse'),
      ],
      standingProgram: '3',
      purgeButton: true,
      gasStand: 'one',
      rollPressures: [{ wireClass: 'ER70S-6', diameterMm: 0.8, mark: '3½' }],
    },
  },
  {
    id: 'demo-old-tom',
    isRead: true,
    machine: {
      name: 'Old Tom',
      loadedWireClass: 'ER70S-6',
      loadedWireDiameterMm: 1.0,
      loadedGas: 'ar-co2-18',
      kind: 'transformer',
      wireControl: { kind: 'knob', min: 0, max: 10 },
      voltsControl: {
        kind: 'positions',
        positions: [
          { name: '1', openV: 17.5 },
          { name: '2', openV: 19 },
          { name: '3', openV: 20.5 },
          { name: '4', openV: 22.5 },
          { name: '5', openV: 25 },
          { name: '6', openV: 28 },
        ],
      },
      feedFollowsPosition: true,
      duty: [{ currentA: 150, percent: 20 }],
      mains: { volts: 230, breakerA: 16 },
      polarityChange: 'links',
      rolls: [
        { form: 'v-smooth', grooveMm: 0.8 },
        { form: 'v-smooth', grooveMm: 1.0 },
      ],
      currentRangeA: [30, 170],
      wireFeedSpeedRangeMPerMin: [1.5, 14],
      standingPolarity: 'DCEP',
      features: ['burnback'],
    },
  },
  {
    id: 'demo-suitcase',
    isRead: false,
    machine: {
      name: 'Suitcase',
      loadedWireClass: 'E71T-11',
      loadedWireDiameterMm: 0.9,
      loadedGas: 'none',
      kind: 'inverter',
      wireControl: { kind: 'knob', min: 1, max: 10 },
      voltsControl: {
        kind: 'positions',
        positions: [{ name: 'A' }, { name: 'B' }, { name: 'C' }, { name: 'D' }],
      },
      standingPolarity: 'DCEN',
      polarityChange: 'switch',
      rolls: [{ form: 'knurled', grooveMm: 0.9 }],
      features: [],
    },
  },
];

/** How long ago the machines were read, days. */
export const DEMO_READ_DAYS_AGO = 41;

function tenSeconds(knob: number, lengthMm: number, position: string, underArc = false): TimedReading {
  return { knob, run: { lengthMm, timeS: 10 }, position, ...(underArc ? { underArc } : {}) };
}

/** Ten-second readings of Old Tom's knob, invented: bent the way cheap dials are, and following the tap. */
const TOMS_READINGS: readonly TimedReading[] = [
  tenSeconds(0, 333, '3'),
  tenSeconds(2.5, 400, '3'),
  tenSeconds(5, 612, '3'),
  tenSeconds(5, 600, '3'),
  tenSeconds(7.5, 1180, '3'),
  tenSeconds(10, 2070, '3'),
  tenSeconds(5, 570, '3', true),
  tenSeconds(5, 745, '5'),
];

/** Readings of the machines' dials, by the machine's id. */
export const DEMO_READINGS: Readonly<Record<string, readonly TimedReading[]>> = {
  'demo-old-tom': TOMS_READINGS,
};

export interface DemoJob {
  readonly line: string;
  /** Whether it is on the Bench, and hours from its opening until it is due. */
  readonly task?: { readonly dueInH?: number; readonly weight?: 2 | 3 };
  readonly beads: readonly NewTestBead[];
}

/** Jobs of the shop, oldest first. */
export const DEMO_JOBS: readonly DemoJob[] = [
  {
    line: '2mm lap Old Tom',
    beads: [
      {
        wireFeedSpeedMPerMin: 3.8,
        volts: 16.5,
        face: 'tall',
        sound: 'popping',
        note: 'Shelf bracket.',
        cooled: true,
      },
      {
        wireFeedSpeedMPerMin: 3.8,
        volts: 18.5,
        face: 'concave',
        sound: 'crackle',
        note: 'Tap 4: too much.',
        cooled: true,
      },
      {
        wireFeedSpeedMPerMin: 3.4,
        volts: 16.9,
        face: 'crowned',
        sound: 'sizzle',
        note: 'Tap 3, less wire.',
        cooled: true,
      },
      {
        wireFeedSpeedMPerMin: 3.4,
        volts: 16.9,
        face: 'flat',
        sound: 'sizzle',
        note: '',
        cooled: true,
        heat: 'right',
        taken: { wireFeedSpeedMPerMin: 3.4, volts: 16.9 },
      },
    ],
  },
  { line: '5mm 5083 tee Marigold 300 mm seam 2 off', task: { dueInH: 30 }, beads: [] },
  { line: '12mm S355 plate open root butt Ar+18 600 long', beads: [] },
  { line: '3mm 5052 outside corner', beads: [] },
  { line: '3mm 6063 tube spool gun butt', beads: [] },
  { line: '1.5mm 304 308 outside corner Marigold 600 mm seam', task: {}, beads: [] },
  {
    line: '1.0mm lap Marigold',
    beads: [
      {
        wireFeedSpeedMPerMin: 3.7,
        volts: 15.5,
        face: 'tall',
        sound: 'popping',
        note: 'Sits on top. Skin off-cut.',
      },
      { wireFeedSpeedMPerMin: 3.7, volts: 16, face: 'crowned', sound: 'sizzle', note: '' },
      {
        wireFeedSpeedMPerMin: 3.7,
        volts: 16.5,
        face: 'flat',
        sound: 'sizzle',
        note: 'Faint line of tint on the back.',
      },
    ],
  },
  { line: 'galvanised 3mm lap gasless outdoors windy Suitcase 400 mm seam', task: {}, beads: [] },
  { line: '6mm plate to 3mm tee Old Tom 250 mm seam 6 off', task: { dueInH: 5, weight: 2 }, beads: [] },
  {
    line: '2mm outside corner Marigold',
    beads: [
      { wireFeedSpeedMPerMin: 4.8, volts: 16, face: 'ropy', sound: 'stubbing', note: '' },
      { wireFeedSpeedMPerMin: 4.8, volts: 16.5, face: 'crowned', sound: 'sizzle', note: '' },
      {
        wireFeedSpeedMPerMin: 4.8,
        volts: 17,
        face: 'flat',
        sound: 'sizzle',
        note: 'Door frame, second one.',
      },
      {
        wireFeedSpeedMPerMin: 4.8,
        volts: 17.5,
        face: 'concave',
        sound: 'crackle',
        note: 'Edge starts to go.',
        taken: { wireFeedSpeedMPerMin: 4.8, volts: 16.8 },
      },
    ],
  },
  {
    line: '40x40x3 box S235 tee Marigold',
    beads: [
      {
        wireFeedSpeedMPerMin: 8.8,
        volts: 18.5,
        face: 'ropy',
        sound: 'stubbing',
        note: 'Cart chassis, scrap of the same tube.',
      },
      { wireFeedSpeedMPerMin: 8.8, volts: 19, face: 'crowned', sound: 'sizzle', note: '' },
    ],
  },
];

/** The demo machines as the planner takes them. */
export function demoMachines(): readonly Machine[] {
  return DEMO_MACHINES.map(({ machine }) => machine);
}
