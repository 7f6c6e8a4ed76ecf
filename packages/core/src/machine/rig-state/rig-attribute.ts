import { amount } from '../../base/words/amount.ts';
import { wordsOfMetricText } from '../../base/words/metric-text.ts';
import { words, type Words } from '../../base/words/words.ts';
import { gasNamed } from '../../trade/gas/gas.ts';

/** What is kept of how a machine stands, and what is taken while it is not known. */
export interface RigAttributeRow {
  readonly word: string;
  /** What is taken while it is not known, always the worse; undefined: it is looked at, never guessed. */
  readonly unknown?: string;
  /** For how long what is known of it holds, minutes; undefined: until it is changed. */
  readonly lastsMin?: number;
  /** What is taken when that time is over; otherwise it is not known. */
  readonly then?: string;
  /** Values it can have, where they are few. */
  readonly choices?: readonly string[];
}

const SHIFT_MIN = 12 * 60;
const DAY_MIN = 24 * 60;
const YES_NO = ['yes', 'no'] as const;
const TEST = ['pass', 'open'] as const;
const SIZES = ['0.6', '0.8', '0.9', '1.0', '1.2', '1.6'] as const;

function passing<const Value extends string>(word: string, unknown: Value, choices: readonly Value[]) {
  return { word, unknown, choices, lastsMin: SHIFT_MIN };
}

function test(word: string, lastsMin?: number) {
  return { word, unknown: 'open', choices: TEST, ...(lastsMin === undefined ? {} : { lastsMin }) } as const;
}

/** A part that is in its place unless somebody took it out. */
function fitted(word: string) {
  return { word, unknown: 'yes', choices: YES_NO } as const;
}

/**
 * Everything a rig is told of by. Passing things are taken as the worse once nobody can know any more: power on, valve
 * open, line charged, gun hot. Source: handbook, from memory; how long each holds is our model.
 */
export const RIG_ATTRIBUTES = {
  polarity: { word: 'Leads', choices: ['DCEP', 'DCEN'] },
  gun: { word: 'Gun', choices: ['standard', 'spool-gun'] },
  gunSwitch: { word: 'Gun switch', choices: ['standard', 'spool-gun'] },
  gunPlugged: fitted('Gun in its socket'),
  gunLead: passing('Gun lead', 'coiled', ['straight', 'coiled']),
  idleGun: { word: 'Idle gun', unknown: 'no', choices: ['no', 'parked'] },
  spoolClass: { word: 'Kind of wire' },
  spoolAlloy: { word: 'Wire' },
  spoolDia: { word: 'Wire size', choices: SIZES },
  spoolSize: { word: 'Spool size', choices: ['D100', 'D200', 'D300'] },
  spoolId: { word: 'Spool in Stores', unknown: 'none' },
  spoolAdapter: { word: 'Hub adapter', unknown: 'none' },
  spoolFitted: fitted('Spool on the hub'),
  spoolStored: { word: 'Old spool put away', unknown: 'no', choices: YES_NO },
  feedDirection: { word: 'Wire comes off', choices: ['bottom', 'top'] },
  wireEnd: { word: 'Wire end', unknown: 'out' },
  wireThreaded: { word: 'Wire threaded', unknown: 'yes', choices: YES_NO },
  wireTrim: { word: 'Wire trimmed', unknown: 'no', choices: ['done', 'no'] },
  brake: { word: 'Spool brake', choices: ['set', 'unset'] },
  rollsForm: { word: 'Groove form', choices: ['v-smooth', 'u', 'knurled'] },
  rollsGroove: { word: 'Groove size', choices: SIZES },
  rollsWorn: { word: 'Worn side of the rolls', choices: ['none', 'one', 'both'] },
  rollsFitted: fitted('Rolls on'),
  rollsCap: { word: 'Roll caps', unknown: 'on', choices: ['on', 'off'] },
  rollPressure: { word: 'Roll pressure', unknown: 'unset' },
  pressureArm: passing('Pressure arm', 'closed', ['closed', 'open']),
  inletGuide: { word: 'Inlet guide', choices: ['steel', 'plastic'] },
  outletTube: { word: 'Gun-side tube', choices: ['steel', 'none'] },
  linerMaterial: { word: 'Liner', choices: ['steel', 'plastic'] },
  linerBore: { word: 'Liner for', choices: ['0.6-0.9', '1.0-1.2', '1.4-1.6', '1.7-2.4'] },
  linerLength: { word: 'Liner length', choices: ['3 m', '4 m', '5 m'] },
  linerFitted: fitted('Liner in'),
  linerCollet: { word: 'Liner collet', unknown: 'seated' },
  linerTrim: { word: 'Liner trimmed', unknown: 'done', choices: ['done', 'no'] },
  neckLiner: { word: 'Neck liner', choices: ['none', 'bronze'] },
  tipBore: { word: 'Tip for', choices: SIZES },
  tipAluminium: { word: 'Tip marked for aluminium', choices: YES_NO },
  tipFitted: fitted('Tip on'),
  tipHolder: { word: 'Tip holder', unknown: 'standard' },
  tipHolderFitted: fitted('Tip holder on'),
  tipMinutes: { word: 'Arc minutes on this tip', unknown: '0' },
  nozzleBore: { word: 'Nozzle bore', choices: ['none', '10', '12', '14', '15', '16', '18', '19'] },
  nozzleType: { word: 'Nozzle', choices: ['gas', 'bare-cap'] },
  nozzleFitted: fitted('Nozzle on'),
  gas: { word: 'Gas' },
  cylinder: { word: 'Cylinder in Stores', unknown: 'none' },
  cylinderPlaced: fitted('Cylinder chained'),
  cylinderCracked: { word: 'Valve blown out', unknown: 'no', choices: YES_NO },
  cylinderValve: passing('Cylinder valve', 'open', ['open', 'closed']),
  gasLine: passing('Gas line', 'charged', ['charged', 'bled']),
  linePurged: passing('Line purged', 'no', YES_NO),
  regulatorFitted: fitted('Regulator on'),
  regulatorScale: { word: 'Regulator for', choices: ['ar-mix', 'co2'] },
  regulatorKnob: { word: 'Regulator knob', unknown: 'set', choices: ['set', 'backed-off'] },
  co2Washer: { word: 'CO₂ washer', unknown: 'none' },
  hose: { word: 'Gas hose', choices: ['argon', 'mix'] },
  flow: { word: 'Gas flow set', unknown: '0', lastsMin: DAY_MIN },
  program: { word: 'Program', unknown: 'none' },
  setPoint: { word: 'Wire speed and volts set', unknown: 'none' },
  secondary: { word: 'Other settings set', unknown: 'none' },
  workClamp: passing('Work clamp', 'on', ['on', 'off']),
  workClampPlace: { word: 'Clamped to', unknown: 'none' },
  power: passing('Mains', 'on', ['on', 'off']),
  hot: { word: 'Gun front hot', lastsMin: 20, then: 'no', choices: YES_NO },
  stockNoted: { word: 'Stock noted', unknown: 'no', choices: YES_NO },
  testLeak: test('Leak test'),
  testFlow: test('Flow at the nozzle', DAY_MIN),
  testDrag: test('Drag test'),
  testPressure: test('Roll pressure test'),
  testBrake: test('Brake test'),
  testBead: test('Test bead'),
  refused: { word: 'Refused', unknown: 'no' },
  sgConnected: { word: 'Spool gun connected', choices: YES_NO },
  sgPlug: { word: 'Spool gun’s control plug', choices: ['in', 'out'] },
  sgSpoolClass: { word: 'Spool gun: kind of wire' },
  sgSpoolAlloy: { word: 'Spool gun: wire' },
  sgSpoolDia: { word: 'Spool gun: wire size', choices: SIZES },
  sgBrake: { word: 'Spool gun: brake', choices: ['set', 'unset'] },
  sgRollsGroove: { word: 'Spool gun: rolls for', choices: SIZES },
  sgRollPressure: { word: 'Spool gun: pressure', unknown: 'unset' },
  sgWireThreaded: { word: 'Spool gun: threaded', unknown: 'no', choices: YES_NO },
  sgTipBore: { word: 'Spool gun: tip for', choices: SIZES },
} as const satisfies Readonly<Record<string, RigAttributeRow>>;

export type RigAttribute = keyof typeof RIG_ATTRIBUTES;
export const RIG_ATTRIBUTE_NAMES = Object.keys(RIG_ATTRIBUTES) as readonly RigAttribute[];

/** The row of an attribute, with each field it may have. */
export function rigAttributeRow(name: RigAttribute): RigAttributeRow {
  return RIG_ATTRIBUTES[name];
}

export function isRigAttribute(name: string): name is RigAttribute {
  return Object.hasOwn(RIG_ATTRIBUTES, name);
}

/** Kept as a text, with its quantities in the core's own units. */
const IN_METRIC_TEXT: ReadonlySet<RigAttribute> = new Set(['setPoint', 'secondary', 'workClampPlace']);

const VALUE_WORD: Readonly<Record<string, Words>> = {
  DCEP: 'gun +, work −',
  DCEN: 'gun −, work +',
  'v-smooth': 'V, smooth',
  u: 'U',
  'spool-gun': 'spool gun',
  'bare-cap': 'bare-wire cap',
  D100: words`${amount.distance(100)}`,
  D200: words`${amount.distance(200)}`,
  D300: words`${amount.distance(300)}`,
  'ar-mix': 'argon and mixes',
  co2: 'CO₂',
  mix: 'mixes and CO₂',
  pass: 'passed',
};
/** Said by the size of a wire, or by the smallest and largest. */
const OF_WIRE: ReadonlySet<RigAttribute> = new Set([
  'spoolDia',
  'rollsGroove',
  'linerBore',
  'tipBore',
  'sgSpoolDia',
  'sgRollsGroove',
  'sgTipBore',
]);

/** How a value of an attribute is said. */
export function rigValueText(name: RigAttribute, value: string): Words {
  if (name === 'gas') return gasNamed(value)?.name ?? value;
  if (OF_WIRE.has(name) && /\d/.test(value)) return words`${amount.wireSize(value.split('-').map(Number))}`;
  if (name === 'nozzleBore' && /\d/.test(value)) return words`${amount.distance(Number(value))}`;
  if (name === 'flow' && /^\d/.test(value)) return words`${amount.gasFlow(Number(value), 0)}`;
  if (name === 'linerLength' && /^\d/.test(value)) return words`${amount.length(Number.parseFloat(value))}`;
  if (IN_METRIC_TEXT.has(name)) return wordsOfMetricText(value);
  // kept to a thousandth, so that what is taken back leaves nothing; nobody reads more than a tenth
  if (name === 'tipMinutes' && Number.isFinite(Number(value)))
    return String(Math.round(Number(value) * 10) / 10);
  return VALUE_WORD[value] ?? value;
}
