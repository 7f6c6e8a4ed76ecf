import { exampleSeam, useReader, useWords, withUnit } from '../../units/index.ts';
import { joined } from '@hot-bead/core/base';
import type { KeptMachine } from '@hot-bead/contract/machine';
import type { KeptStockItem } from '@hot-bead/contract/stores';
import { rigFact } from '@hot-bead/core/changeover';
import type { PlannedSetup } from '@hot-bead/core/plan';
import {
  type Cylinder,
  type Finish,
  type Lasts,
  type LastsVerdict,
  type Spool,
  type StockItem,
  willItFinish,
} from '@hot-bead/core/stores';
import { isSameWire } from '@hot-bead/core/trade';
import { useQuery } from '@tanstack/react-query';
import { MIND_BOX } from '../../ui/page/notices.tsx';
import { Section } from '../../ui/page/section.tsx';
import { stockName } from './stock-text.ts';
import { stockQuery } from './stock.queries.ts';

const NO_STOCK: readonly KeptStockItem[] = [];

const VERDICT: Readonly<Record<LastsVerdict, string>> = {
  enough: '● lasts',
  unsure: '◆ may just not last',
  'not-enough': '■ does not last',
  'not-known': '? not known how much there is',
};

interface RowProps {
  readonly what: string;
  readonly lasts: Lasts;
  readonly text: (amount: number) => string;
}

function Row({ what, lasts, text }: RowProps) {
  const { verdict, needs, has, lastsMin } = lasts;
  return (
    <div>
      <dt className="label-text">{what}</dt>
      <dd>
        <span className={verdict === 'not-enough' ? 'font-semibold text-hot' : 'font-medium'}>
          {VERDICT[verdict]}
        </span>
        <span className="block text-[15px] text-ink-soft">
          takes {text(needs)}
          {has !== undefined && `; there are ${text(has)}`}
          {lastsMin !== undefined && `, ${lastsMin.toFixed(0)} min of arc`}
        </span>
      </dd>
    </div>
  );
}

function minutesText(minutes: number): string {
  return minutes < 1 ? `${(minutes * 60).toFixed(0)} s` : `${minutes.toFixed(minutes < 10 ? 1 : 0)} min`;
}

/** What is on the machine of what Stores keep. */
export function inUse(machine: KeptMachine | undefined, stock: readonly KeptStockItem[]) {
  const itemOf = (name: 'spoolId' | 'cylinder'): StockItem | undefined =>
    stock.find(({ id }) => id === (machine && rigFact(machine, name)?.value))?.item;
  return {
    spool: itemOf('spoolId') as Spool | undefined,
    cylinder: itemOf('cylinder') as Cylinder | undefined,
  };
}

/** Whether wire and gas last for a plan on a machine, by what Stores hold; undefined while the seam has no length. */
function useFinish(plan: PlannedSetup, machine: KeptMachine | undefined): Finish | undefined {
  const { data: stock = NO_STOCK } = useQuery(stockQuery);
  const { spool, cylinder } = inUse(machine, stock);
  const { wire, gas } = plan;
  return willItFinish(
    plan,
    {
      spool: spool && isSameWire(spool, wire) ? spool : undefined,
      cylinder: cylinder?.gas === gas.gas.id ? cylinder : undefined,
    },
    stock.map(({ item }) => item),
  );
}

interface Props {
  readonly plan: PlannedSetup;
  readonly machine: KeptMachine | undefined;
}

/** Said before the first bead: that the wire or the gas on the machine does not last for the job. */
export function FinishWarning({ plan, machine }: Props) {
  const say = useWords();
  const finish = useFinish(plan, machine);
  const short = [
    ['wire', finish?.wireKg],
    ['gas', finish?.gasL],
  ] as const;
  const lacks = short.flatMap(([name, lasts]) => (lasts?.verdict === 'not-enough' ? [name] : []));
  if (!finish || lacks.length === 0) return null;
  const next = say(joined(finish.openNext.map(stockName), ', then '));
  return (
    <p className={MIND_BOX}>
      ◆ The {lacks.join(' and the ')} on it will not last for this job.{' '}
      {next === '' ? 'Stores hold no more: buy before the first bead.' : `Open next: ${next}.`}
    </p>
  );
}

/** Whether wire, gas and tips last for the job, and what to open when they do not. */
export function FinishSection({ plan, machine }: Props) {
  const say = useWords();
  const { units } = useReader();
  const finish = useFinish(plan, machine);
  if (!finish) {
    return (
      <Section id="finish" title="Will it finish the job?">
        <p className="text-ink-soft">
          Say how long the seam is and how many there are (“{exampleSeam(units)}, 12 off”): then wire, gas and
          tips are reckoned against what is in Stores.
        </p>
      </Section>
    );
  }
  const { arcTimeMin, wireKg, gasL, tips, openNext, changesMin } = finish;
  return (
    <Section id="finish" title="Will it finish the job?">
      <dl className="mt-2 grid grid-cols-2 gap-3 md:grid-cols-4">
        <Row what="wire" lasts={wireKg} text={(kg) => withUnit('weight', kg, units)} />
        {gasL && <Row what="gas" lasts={gasL} text={(litres) => withUnit('gasVolume', litres, units)} />}
        <div>
          <dt className="label-text">arc time</dt>
          <dd className="figure-text text-2xl">{minutesText(arcTimeMin)}</dd>
          {changesMin > 0 && (
            <dd className="text-[15px] text-ink-soft">and {changesMin} min to change over</dd>
          )}
        </div>
        <div>
          <dt className="label-text">tips</dt>
          <dd className="figure-text text-2xl">{tips}</dd>
          <dd className="text-[15px] text-ink-soft">at 120 min each, common practice</dd>
        </div>
      </dl>
      {openNext.length > 0 && (
        <p className="mt-3">Open next: {say(joined(openNext.map(stockName), ', then '))}.</p>
      )}
      {(wireKg.verdict === 'not-enough' || gasL?.verdict === 'not-enough') && openNext.length === 0 && (
        <p className="mt-3 font-medium">■ Stores hold no more of it: buy before the first bead.</p>
      )}
      <p className="mt-2 text-sm text-ink-soft">
        3 % of the wire is kept back; wire ± 10 %, gas ± 15 % with the pre- and post-flow of each start. Our
        model.
      </p>
    </Section>
  );
}
