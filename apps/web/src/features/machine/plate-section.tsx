import { useReader, withUnit } from '../../units/index.ts';
import type { KeptMachine } from '@hot-bead/contract/machine';
import { dutyPercent, PLATE_C } from '@hot-bead/core/machine';
import { Section } from '../../ui/page/section.tsx';
import { Table } from '../../ui/page/table.tsx';

const DUTY_STEPS_A = [60, 90, 120, 150, 180, 220, 260, 300] as const;

/** Currents that the duty is shown at: steps within the machine's range, and its highest. */
function currentsOf({ currentRangeA, duty = [] }: KeptMachine): readonly number[] {
  const most = currentRangeA?.[1] ?? Math.max(...duty.map(({ currentA }) => currentA));
  return [...DUTY_STEPS_A.filter((a) => a < most), most];
}

/** What the plate says: minutes of arc in ten by current, and the supply. */
export function PlateSection({ machine }: { readonly machine: KeptMachine }) {
  const { units } = useReader();
  const { duty = [], mains } = machine;
  if (duty.length === 0 && !mains) return null;
  return (
    <Section id="plate" title="Minutes of arc in ten">
      {duty.length > 0 && (
        <Table className="mt-2" columns={['Current', 'Minutes in ten', 'Share']} quiet>
          {currentsOf(machine).map((amps) => {
            const percent = dutyPercent(duty, amps) ?? 0;
            return (
              <tr key={amps} className="border-b border-line last:border-b-0">
                <th scope="row" className="py-1 text-left font-medium whitespace-nowrap">
                  {amps} A
                </th>
                <td className="figure-text w-14 text-right text-xl">{(percent / 10).toFixed(1)}</td>
                <td className="w-1/2 pl-3">
                  <span
                    aria-hidden="true"
                    className="block h-2 rounded-full bg-action"
                    style={{ width: `${percent}%` }}
                  />
                  <span className="sr-only">{percent.toFixed(0)} %</span>
                </td>
              </tr>
            );
          })}
        </Table>
      )}
      <p className="mt-2 text-sm text-ink-soft">
        {duty.length > 0 &&
          `From the plate, at ${withUnit('temperature', PLATE_C, units)} [IEC 60974-1, recalled]; between ratings our model. `}
        {mains && `On ${mains.volts} V behind ${mains.breakerA} A.`}
      </p>
    </Section>
  );
}
