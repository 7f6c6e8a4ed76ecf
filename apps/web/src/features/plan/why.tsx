import { sourceText, wireSizeText } from '@hot-bead/core/base';
import { Fragment } from 'react';
import type { DemandRow, PlannedSetup } from '@hot-bead/core/plan';
import { usePreferences } from '../../preferences/preferences.tsx';
import { withUnit, useWords } from '../../units/index.ts';
import { Section } from '../../ui/page/section.tsx';
import { Table } from '../../ui/page/table.tsx';
import { EveryReason } from './every-reason.tsx';

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
function WhyTheCurrent({ plan }: { readonly plan: PlannedSetup }) {
  const say = useWords();
  const { units } = usePreferences();
  const most = Math.max(...plan.demand.map((row) => row.currentA));
  return (
    <div className="break-inside-avoid">
      <Table className="mt-1 text-[15px]" columns={['Because of', 'Factor', 'Current']} quiet>
        {plan.demand.map((row) => (
          <Fragment key={row.kind + row.label}>
            <tr className="align-top">
              <td className="pt-1 pr-2 font-medium">{say(row.label)}</td>
              <td className="figure-text px-2 pt-1 text-right text-lg whitespace-nowrap">
                {row.factor === undefined ? ROW_WORD[row.kind] : `× ${row.factor.toFixed(2)}`}
              </td>
              <td className="figure-text pt-1 text-right text-lg whitespace-nowrap">
                {row.currentA.toFixed(0)} A
              </td>
            </tr>
            <tr className="border-b border-line last:border-b-0">
              <td colSpan={3} className="pb-1.5 text-sm leading-snug text-ink-soft">
                {say(row.why)} [{sourceText(row.source)}]
                <span
                  aria-hidden="true"
                  className="mt-1 block h-1.5 rounded-full bg-action"
                  style={{ width: `${(row.currentA / most) * 100}%` }}
                />
              </td>
            </tr>
          </Fragment>
        ))}
      </Table>
      <p className="mt-2 text-sm text-ink-soft">
        {plan.currentA.start.toFixed(0)} A melts {wireSizeText(plan.wire.diameterMm, units)} wire at{' '}
        {withUnit('wireFeedSpeed', plan.wireFeedSpeedMPerMin.start, units)}. {say(plan.limits.text)}
      </p>
    </div>
  );
}

/** Why these numbers: how the current came about, then every reason, in columns that fill the page's width. */
export function Why({ plan }: { readonly plan: PlannedSetup }) {
  return (
    <Section id="why" title="Why these numbers: the current, then the rest">
      <div className="gap-x-8 lg:columns-3">
        <WhyTheCurrent plan={plan} />
        <EveryReason plan={plan} />
      </div>
    </Section>
  );
}
