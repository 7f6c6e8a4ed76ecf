import { useWords } from '../../units/index.ts';
import { amount, wireSizeText, words, type Words } from '@hot-bead/core/base';
import { usePreferences } from '../../preferences/preferences.tsx';
import type { KeptMachine } from '@hot-bead/contract/machine';
import type { KeptStockItem } from '@hot-bead/contract/stores';
import { rigFact } from '@hot-bead/core/changeover';
import { rigValueText } from '@hot-bead/core/machine';
import type { StockItem } from '@hot-bead/core/stores';
import { gasOf } from '@hot-bead/core/trade';
import { Link } from 'react-router';
import { calibratedAt, isOld } from '../machine/index.ts';
import { inUse, leftOf } from '../stores/index.ts';

function leftText(item: StockItem | undefined): Words {
  if (!item) return 'not known how much';
  const { kg, litres } = leftOf(item);
  if (kg !== undefined) return words`${amount.weight(kg, 1)} left`;
  return litres === undefined ? 'not known how much' : words`${amount.gasVolume(litres, 0)} left`;
}

function partText(machine: KeptMachine, name: 'polarity' | 'rollsForm' | 'rollsGroove'): Words {
  const value = rigFact(machine, name)?.value;
  return value === undefined ? '?' : rigValueText(name, value);
}

/** What is due on a machine: calibrations that are old. */
function dueText(machine: KeptMachine, now: Date): string | undefined {
  const { dial, volts, entry } = calibratedAt(machine);
  const old = [
    ['knob', dial],
    ['volts', volts],
    ['entry', entry],
  ] as const;
  const names = old.flatMap(([name, date]) => (date && isOld(date, now) ? [name] : []));
  return names.length === 0 ? undefined : `read again: ${names.join(', ')}`;
}

interface Props {
  readonly machine: KeptMachine;
  readonly stock: readonly KeptStockItem[];
  readonly now: string;
}

/** What is on a machine now, how much of it is left, and what is due. */
export function BenchMachine({ machine, stock, now }: Props) {
  const say = useWords();
  const { units } = usePreferences();
  const { id, name, loadedWireClass, loadedWireDiameterMm, loadedGas } = machine;
  const { spool, cylinder } = inUse(machine, stock);
  const gas = gasOf(loadedGas);
  const due = dueText(machine, new Date(now));
  return (
    <li>
      <Link
        to={`/machines/${id}`}
        className="block h-full rounded-md border border-line bg-plate px-4 py-3 hover:border-action"
      >
        <h3 className="font-semibold">{name}</h3>
        <p className="figure-text text-3xl">{wireSizeText(loadedWireDiameterMm, units)}</p>
        <p>
          {loadedWireClass} <span className="text-[13px] text-ink-soft">{say(leftText(spool))}</span>
        </p>
        <p>
          {gas.name}{' '}
          {gas.shields && <span className="text-[13px] text-ink-soft">{say(leftText(cylinder))}</span>}
        </p>
        <p className="text-[15px]">
          {say(partText(machine, 'polarity'))}; rolls {say(partText(machine, 'rollsForm'))}{' '}
          {say(partText(machine, 'rollsGroove'))}
        </p>
        {due !== undefined && <p className="text-[13px] font-semibold">◆ {due}</p>}
      </Link>
    </li>
  );
}
