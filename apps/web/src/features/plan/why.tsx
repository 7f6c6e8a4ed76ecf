import { type DemandRow, type PlannedSetup, sourceText } from '@hot-bead/core';
import { usePreferences } from '../../preferences/preferences.tsx';
import { wireSizeText, withUnit } from '../units/index.ts';
import { Section } from '../../ui/page/section.tsx';
import { Table } from '../../ui/page/table.tsx';

const ROW_WORD: Readonly<Record<DemandRow['kind'], string>> = {
  reference: '',
  joint: '',
  position: '',
  surface: '',
  behind: '',
  floor: 'lifted',
  limit: 'held',
  school: 'school',
  yours: 'yours',
};

/** Reference × factors, limits as rows of their own: how the current came about. */
export function Why({ plan }: { readonly plan: PlannedSetup }) {
  const { units } = usePreferences();
  const most = Math.max(...plan.demand.map((row) => row.currentA));
  return (
    <Section id="why" title="Why these numbers: the current" quiet>
      <Table className="mt-1 text-[15px]" columns={['Because of', 'Factor', 'Current']} quiet>
        {plan.demand.map((row) => (
          <tr key={row.kind + row.label} className="border-b border-line align-top last:border-b-0">
            <td className="py-1.5 pr-2">
              <span className="font-medium">{row.label}</span>
              <span className="block text-sm leading-snug text-ink-soft">
                {row.why} [{sourceText(row.source)}]
              </span>
              <span
                aria-hidden="true"
                className="mt-1 block h-1.5 rounded-full bg-action"
                style={{ width: `${(row.currentA / most) * 100}%` }}
              />
            </td>
            <td className="figure-text px-2 py-1.5 text-right text-lg whitespace-nowrap">
              {row.factor === undefined ? ROW_WORD[row.kind] : `× ${row.factor.toFixed(2)}`}
            </td>
            <td className="figure-text py-1.5 text-right text-lg whitespace-nowrap">
              {row.currentA.toFixed(0)} A
            </td>
          </tr>
        ))}
      </Table>
      <p className="mt-2 text-sm text-ink-soft">
        {plan.currentA.start.toFixed(0)} A melts {wireSizeText(plan.wire.diameterMm)} wire at{' '}
        {withUnit('wireFeedSpeed', plan.wireFeedSpeedMPerMin.start, units)}. {plan.limits.text}
      </p>
    </Section>
  );
}
