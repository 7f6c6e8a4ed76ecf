import { amount } from '../../base/words/amount.ts';
import { wireNameIn } from '../../base/words/wire-name.ts';
import { words } from '../../base/words/words.ts';
import { mmOfWritten } from '../../base/quantity/length-text.ts';
import { WIRE_DIAMETER_TABLE, type WireDiameterMm } from '../../trade/wire/wire-diameter.ts';
import type { LengthUnit } from '../../base/quantity/thickness.ts';
import { ask, type Draft } from '../draft.ts';
import type { Placed } from './placed.ts';

/** Share by which a written wire size may differ from the name it is sold under before that is said. Source: our tuning. */
const NAME_OFF_SHARE = 0.03;

/** A wire as it is written into a line of this unit, so that it is read as one. */
export function wireWritten(mm: WireDiameterMm, unit: LengthUnit): string {
  return unit === 'in' ? `${wireNameIn(mm) ?? mm} wire` : `${mm} mm wire`;
}

function readWire(draft: Draft, unit: LengthUnit, placed: Placed, wire: WireDiameterMm): void {
  draft.stated.wireDiameterMm = wire;
  draft.verdicts.set(placed.index, {
    status: 'understood',
    label: words`${amount.wireSize(wire)} wire`,
    slots: ['wireDiameterMm'],
  });
  const mm = mmOfWritten(placed.length);
  if (mm === undefined || wire <= 1.2 || Math.abs(mm / wire - 1) <= NAME_OFF_SHARE) return;
  // the value stands while the question does: the inch size and the metric name are some way apart
  ask(
    draft,
    placed.index,
    'wireDiameterMm',
    words`${placed.token.text} is sold as ${amount.wireSize(wire)} (${amount.distance(mm, 2)}): right?`,
    [
      [words`${amount.wireSize(wire)} wire`, wireWritten(wire, unit)],
      ['leave it out', ''],
    ],
  );
}

/** Two sizes of wire in one line: which is it? */
export function readWires(
  draft: Draft,
  unit: LengthUnit,
  wires: readonly { placed: Placed; wire: WireDiameterMm }[],
): void {
  const sizes = [...new Set(wires.map(({ wire }) => wire))];
  if (sizes.length < 2) {
    for (const { placed, wire } of wires) readWire(draft, unit, placed, wire);
    return;
  }
  for (const { placed, wire } of wires) {
    const others = sizes.filter((size) => size !== wire);
    ask(
      draft,
      placed.index,
      'wireDiameterMm',
      words`${amount.wireSize(wire)} wire or ${amount.wireSize(others, undefined, { between: ' or ' })}?`,
      [
        [words`not ${amount.wireSize(wire)}`, ''],
        [words`only ${placed.token.text} thick`, `${placed.token.text} thick`],
      ],
    );
  }
}

/** A size that no wire is sold in, beside a wire: said to be one, and never the plate. */
export function unknownWire(draft: Draft, unit: LengthUnit, placed: Placed): void {
  const { text } = placed.token;
  const sold = WIRE_DIAMETER_TABLE.filter(({ coredOnly }) => coredOnly !== true).map((row) => row.nominalMm);
  ask(draft, placed.index, 'wireDiameterMm', words`${text}: a wire size we do not know. Which is it?`, [
    ...sold.map((mm) => [words`${amount.wireSize(mm)}`, wireWritten(mm, unit)] as const),
    [words`${text} thick`, `${text} thick`],
  ]);
}
