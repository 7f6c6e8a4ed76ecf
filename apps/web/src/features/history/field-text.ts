import { amount, type AmountQuantity, SCHOOL_TABLE, sentence, type Words, words } from '@hot-bead/core/base';
import { AWAY, type Json } from '@hot-bead/core/history';
import { isRigAttribute, type RigAttribute, rigAttributeRow, rigValueText } from '@hot-bead/core/machine';
import { gasNamed, type Joint, JOINT_NAME, type Position, POSITION_NAME } from '@hot-bead/core/trade';
import { faultFieldWord, faultValueText } from './fault-field-text.ts';

/** Fields whose own name does not say enough. */
const FIELD_WORD: Readonly<Record<string, string>> = {
  line: 'Line',
  away: 'Put away',
  machineId: 'Machine',
  loadedWireClass: 'Wire on it',
  loadedWireDiameterMm: 'Wire size',
  loadedGas: 'Gas on it',
  currentRangeA: 'Current range',
  wireFeedSpeedRangeMPerMin: 'Wire speed range',
  wireFeedSpeedMPerMin: 'Wire speed',
  gasFlowLPerMin: 'Gas flow',
  ctwdMm: 'Tip to work',
  voltsControl: 'Volts control',
  oneEntry: 'One-entry settings',
  standingPolarity: 'Leads stand',
  voltsReadAt: 'Volts read',
  entryReadAt: 'One entry read',
  readingCounts: 'Reading of the dial',
  settings: 'How it counts its settings',
  standingProgram: 'Program it stands on',
  wires: 'Wires on the shelf',
  gases: 'Gases on the shelf',
  seamMm: 'Seam',
  outsideMm: 'Outside size',
  wireDiameterMm: 'Wire size',
  wireClass: 'Wire',
  queued: 'On the Bench',
  pieceId: 'Piece',
  place: 'Place in the piece',
  ownSetting: 'Keeps its own setting',
  minutes: 'Minutes at the machine',
  notBefore: 'Not before',
  weight: 'How much late hurts',
  pinMachineId: 'Pinned to the machine',
  pinAfter: 'Pinned right after',
  weldedAt: 'Welded',
  numberOff: 'How many',
  day: 'The shop’s day',
};

/** What a field's figures are, by the end of its name, longest first. */
const QUANTITIES = [
  ['LPerMin', 'gasFlow'],
  ['MPerMin', 'wireFeedSpeed'],
  ['hicknessMm', 'thickness'],
  ['iameterMm', 'wireSize'],
  ['Mm', 'distance'],
] as const satisfies readonly (readonly [ending: string, quantity: AmountQuantity])[];

/** Endings that stand for what the name is of, and are no part of it. */
const IN_NAME = ['LPerMin', 'MPerMin', 'Mm', 'RangeA'];

function plainName(name: string): string {
  const unit = IN_NAME.find((ending) => name.endsWith(ending)) ?? '';
  const words = name
    .slice(0, name.length - unit.length)
    .replace(/([A-Z])/g, ' $1')
    .toLowerCase()
    .trim();
  return sentence(words);
}

/** What a field is called: `work.joint` is "Joint". */
export function fieldWord(path: string): string {
  const ofFault = faultFieldWord(path);
  if (ofFault !== undefined) return ofFault;
  const [branch = '', name] = path.split('.');
  if (branch === 'readingCounts') return FIELD_WORD['readingCounts'] ?? branch;
  const last = name ?? branch;
  if (branch === 'rig' && isRigAttribute(last)) return rigAttributeRow(last).word;
  const school = branch === 'schools' ? SCHOOL_TABLE.find(({ id }) => id === last) : undefined;
  const own = branch === 'own' ? ', your own' : '';
  return `${school?.question ?? FIELD_WORD[last] ?? plainName(last)}${own}`;
}

function listText(list: readonly Json[]): string {
  return list.length === 0 ? 'none' : list.map((one) => partText(one)).join(', ');
}

/** A value inside another, as short as it can be said. */
function partText(value: Json): string {
  if (Array.isArray(value)) return `(${listText(value as readonly Json[])})`;
  if (typeof value !== 'object' || value === null) return String(value);
  return Object.values(value)
    .map((one) => partText(one as Json))
    .join(' ');
}

function named(name: string, value: Json): string | undefined {
  if (typeof value !== 'string') return undefined;
  if (name === 'joint') return JOINT_NAME[value as Joint];
  if (name === 'position') return POSITION_NAME[value as Position];
  return gasNamed(value)?.name;
}

/** What is known of a part of a rig, without since when. */
function rigText(name: RigAttribute, fact: Json): Words {
  const { value, doubted } = fact as { readonly value: string; readonly doubted?: boolean };
  return words`${rigValueText(name, value)}${doubted === true ? ', doubted' : ''}`;
}

/** Fields that hold the id of another record: only whether one is named can be said here. */
const NAMES_ANOTHER: ReadonlySet<string> = new Set(['task.pieceId', 'task.pinMachineId', 'task.pinAfter']);

/** A figure, or the two ends of a range; undefined: it is none. */
function figuresOf(value: Json): number | readonly number[] | undefined {
  if (typeof value === 'number') return value;
  const isRange = Array.isArray(value) && value.every((one) => typeof one === 'number');
  return isRange && value.length > 0 ? (value as readonly number[]) : undefined;
}

/** A field's value in words and with its unit. */
export function valueText(path: string, value: Json | null): Words {
  if (path === AWAY) return value === true ? 'put away' : 'kept';
  if (value === null) return 'nothing';
  if (NAMES_ANOTHER.has(path)) return value === 'first' ? 'first on it' : 'one that was chosen';
  const ofFault = faultValueText(path, value);
  if (ofFault !== undefined) return ofFault;
  const name = path.split('.').at(-1) ?? path;
  if (path.startsWith('rig.') && isRigAttribute(name)) return rigText(name, value);
  if (path.startsWith('readingCounts.')) return value === true ? 'counts' : 'does not count';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  const quantity = QUANTITIES.find(([ending]) => name.endsWith(ending))?.[1];
  const figures = figuresOf(value);
  if (quantity !== undefined && figures !== undefined)
    return words`${amount[quantity](figures, 'as-given', { between: ', ' })}`;
  const unit = name === 'volts' ? 'V' : name.endsWith('RangeA') ? 'A' : '';
  const text = Array.isArray(value) ? listText(value as readonly Json[]) : partText(value);
  const plain = named(name, value) ?? text.replaceAll('\ue000', 'its machine');
  return unit === '' ? plain : `${plain} ${unit}`;
}
