import { amount } from '../../base/words/amount.ts';
import { isSameWords, words, type Words } from '../../base/words/words.ts';
import { POSITION_NAME, JOINT_NAME } from '../../trade/material/work.ts';
import { MODE_NAME } from '../../trade/transfer/transfer-mode.ts';
import { WAY_NAME } from '../../trade/wire/way.ts';
import type { PlannedSetup } from './setup.ts';

/** A quantity whose unit the reader may choose; undefined for words. */
export type ComparedQuantity =
  'wireFeedSpeed' | 'volts' | 'gasFlow' | 'distance' | 'travel' | 'current' | 'leg';

/** One line of two plans side by side. */
export interface ComparedRow {
  readonly name: string;
  readonly quantity: ComparedQuantity | undefined;
  readonly values: readonly [number | Words, number | Words];
  /** Whether the two differ by more than what is shown. */
  readonly differs: boolean;
}

/** Least difference of a number that is called one, as a share. Source: our model. */
export const DIFFERENCE_SHARE = 0.01;

function row(
  name: string,
  quantity: ComparedQuantity | undefined,
  plans: readonly [PlannedSetup, PlannedSetup],
  read: (plan: PlannedSetup) => number | Words,
): ComparedRow {
  const [a, b] = plans.map(read) as [number | Words, number | Words];
  const differs =
    typeof a === 'number' && typeof b === 'number'
      ? Math.abs(a - b) > DIFFERENCE_SHARE * Math.max(Math.abs(a), Math.abs(b))
      : !isSameWords(a, b);
  return { name, quantity, values: [a, b], differs };
}

/** Two plans line by line: what differs first, in both parts in the order a welder sets a machine. */
export function comparedPlans(plans: readonly [PlannedSetup, PlannedSetup]): readonly ComparedRow[] {
  const rows = [
    row('way', undefined, plans, (p) => WAY_NAME[p.way]),
    row('transfer', undefined, plans, (p) => MODE_NAME[p.transferMode]),
    row('wire', undefined, plans, (p) => words`${amount.wireSize(p.wire.diameterMm, 1)} ${p.wire.wireClass}`),
    row('gas', undefined, plans, (p) => p.gas.gas.name),
    row('wire speed', 'wireFeedSpeed', plans, (p) => p.wireFeedSpeedMPerMin.start),
    row('volts', 'volts', plans, (p) => p.volts.start),
    row('current', 'current', plans, (p) => p.currentA.start),
    row('gas flow', 'gasFlow', plans, (p) => (p.gas.gas.shields ? p.gasFlowLPerMin.start : 'none')),
    row('tip to work', 'distance', plans, (p) => p.ctwdMm.start),
    row('travel', 'travel', plans, (p) => p.travelMmPerMin.start),
    row('passes', undefined, plans, (p) => String(p.bead.passes)),
    row('polarity', undefined, plans, (p) => words`gun ${p.polarity.gunLead}, work ${p.polarity.workLead}`),
    row('drive rolls', undefined, plans, (p) => p.feedPath.driveRolls.fit),
    row('liner', undefined, plans, (p) => p.feedPath.liner.fit),
    row('tip', undefined, plans, (p) => p.feedPath.tip.fit),
    row('nozzle', undefined, plans, (p) => p.feedPath.nozzle.fit),
    row('gun', undefined, plans, (p) => p.technique.gunAngle.direction),
    row(
      'joint',
      undefined,
      plans,
      (p) => words`${JOINT_NAME[p.work.joint]}, ${POSITION_NAME[p.work.position]}`,
    ),
  ];
  return [...rows.filter(({ differs }) => differs), ...rows.filter(({ differs }) => !differs)];
}
