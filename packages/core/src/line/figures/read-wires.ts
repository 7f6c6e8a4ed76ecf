import { mmOfWritten } from '../../base/quantity/length-text.ts';
import { WIRE_DIAMETER_TABLE, type WireDiameterMm } from '../../trade/wire/wire-diameter.ts';
import { ask, type Draft } from '../draft.ts';
import type { Placed } from './placed.ts';

/** Share by which a written wire size may differ from the name it is sold under before that is said. Source: our tuning. */
const NAME_OFF_SHARE = 0.03;

function readWire(draft: Draft, placed: Placed, wire: WireDiameterMm): void {
  draft.said.wireDiameterMm = wire;
  draft.verdicts.set(placed.index, {
    status: 'understood',
    label: `${wire} mm wire`,
    slots: ['wireDiameterMm'],
  });
  const mm = mmOfWritten(placed.length);
  if (mm === undefined || wire <= 1.2 || Math.abs(mm / wire - 1) <= NAME_OFF_SHARE) return;
  // the value stands while the question does: the inch size and the metric name are some way apart
  ask(
    draft,
    placed.index,
    'wireDiameterMm',
    `${placed.token.text} is sold as ${wire} mm (${mm.toFixed(2)} mm): right?`,
    [
      [`${wire} mm wire`, `${wire} mm wire`],
      ['leave it out', ''],
    ],
  );
}

/** Two sizes of wire in one line: which is it? */
export function readWires(draft: Draft, wires: readonly { placed: Placed; wire: WireDiameterMm }[]): void {
  const sizes = [...new Set(wires.map(({ wire }) => wire))];
  if (sizes.length < 2) {
    for (const { placed, wire } of wires) readWire(draft, placed, wire);
    return;
  }
  for (const { placed, wire } of wires) {
    const others = sizes.filter((size) => size !== wire);
    ask(draft, placed.index, 'wireDiameterMm', `${wire} mm wire or ${others.join(' or ')} mm?`, [
      [`not ${wire} mm`, ''],
      [`only ${wire} mm thick`, `${placed.token.text} thick`],
    ]);
  }
}

/** A size that no wire is sold in, beside a wire: said to be one, and never the plate. */
export function unknownWire(draft: Draft, placed: Placed): void {
  const { text } = placed.token;
  const sold = WIRE_DIAMETER_TABLE.filter(({ coredOnly }) => coredOnly !== true).map((row) => row.nominalMm);
  ask(draft, placed.index, 'wireDiameterMm', `${text}: a wire size we do not know. Which is it?`, [
    ...sold.map((mm) => [`${mm} mm`, `${mm} mm wire`] as const),
    [`${text} thick`, `${text} thick`],
  ]);
}
