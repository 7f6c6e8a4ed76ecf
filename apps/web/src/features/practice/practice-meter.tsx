import { positionVolts, type VoltsPosition } from '@hot-bead/core/machine';
import { type PracticeFeeder, practiceVolts } from '@hot-bead/core/practice';
import { useState } from 'react';
import { Button } from '../../ui/button.tsx';
import { Pick } from '../../ui/pick.tsx';
import { Section } from '../../ui/page/section.tsx';
import { Table } from '../../ui/page/table.tsx';

interface Props {
  readonly feeder: PracticeFeeder;
  readonly random: () => number;
  readonly shown: boolean;
}

interface MeterRead {
  readonly tap: number;
  readonly currentA: number;
  readonly volts: number;
}

export const CURRENTS = [
  ['0', 'open circuit, no arc'],
  ['60', 'an arc of 60 A'],
  ['100', 'an arc of 100 A'],
  ['140', 'an arc of 140 A'],
] as const;
/** Current that taps are compared at, A. */
export const COMPARED_AT_A = 100;

/** What the readings of a tap say together, as a machine's own page takes them. */
function positionOf(tap: number, reads: readonly MeterRead[]): VoltsPosition {
  const own = reads.filter((read) => read.tap === tap);
  const open = own.findLast((read) => read.currentA === 0);
  const loaded = own.filter((read) => read.currentA > 0).map(({ volts, currentA }) => ({ volts, currentA }));
  return { name: String(tap), ...(open ? { openV: open.volts } : {}), loaded };
}

function TapRow({
  feeder,
  tap,
  reads,
  shown,
}: Pick<Props, 'feeder' | 'shown'> & { readonly tap: number; readonly reads: readonly MeterRead[] }) {
  const gives = positionVolts(positionOf(tap, reads), 'transformer', COMPARED_AT_A);
  const truth = (feeder.openV[tap - 1] ?? 0) - (feeder.droopVPer100A * COMPARED_AT_A) / 100;
  const inBand = gives && truth >= gives.volts.low && truth <= gives.volts.high;
  return (
    <tr className="border-b border-line last:border-b-0">
      <th scope="row" className="figure-text py-1 text-left text-xl">
        {tap}
      </th>
      <td>
        {reads
          .filter((read) => read.tap === tap)
          .map(
            ({ volts, currentA }) => `${volts.toFixed(1)} V ${currentA === 0 ? 'open' : `at ${currentA} A`}`,
          )
          .join(', ') || '–'}
      </td>
      <td>
        {gives
          ? `${gives.volts.start.toFixed(1)} V (${gives.volts.low.toFixed(1)} to ${gives.volts.high.toFixed(1)})`
          : 'not read'}
      </td>
      {shown && (
        <td>
          {truth.toFixed(1)} V{gives ? (inBand ? ', in the band' : ', outside it') : ''}
        </td>
      )}
    </tr>
  );
}

/** A meter on the tip and the work lead: open-circuit volts, and what an arc leaves of them. */
export function PracticeMeter({ feeder, random, shown }: Props) {
  const [tap, setTap] = useState('1');
  const [current, setCurrent] = useState<string>('0');
  const [reads, setReads] = useState<readonly MeterRead[]>([]);
  const taps = feeder.openV.map((_, i) => i + 1);
  const last = reads.at(-1);
  const onRead = (): void => {
    const [tapRead, currentA] = [Number(tap), Number(current)];
    const volts = Math.round(practiceVolts(feeder, tapRead, currentA, random) * 10) / 10;
    setReads([...reads, { tap: tapRead, currentA, volts }]);
  };
  return (
    <Section id="practice-meter" title="Find its taps" className="grid content-start gap-3">
      <div className="flex flex-wrap items-end gap-3">
        <Pick
          label="Tap"
          value={tap}
          options={taps.map((n) => [String(n), String(n)] as const)}
          onPick={setTap}
        />
        <Pick<string> label="Trigger held, with" value={current} options={CURRENTS} onPick={setCurrent} />
        <Button tone="main" onClick={onRead}>
          Read the meter
        </Button>
      </div>
      <p className="figure-text text-5xl" aria-live="polite">
        {last ? `${last.volts.toFixed(1)} V` : '– V'}
      </p>
      <Table
        className="text-[15px]"
        columns={['tap', 'read', `so at ${COMPARED_AT_A} A`, ...(shown ? ['hidden'] : [])]}
      >
        {taps.map((n) => (
          <TapRow key={n} feeder={feeder} tap={n} reads={reads} shown={shown} />
        ))}
      </Table>
      {shown && <p>It droops by {feeder.droopVPer100A.toFixed(1)} V for each 100 A.</p>}
    </Section>
  );
}
