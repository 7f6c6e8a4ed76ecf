import { SCHOOL_TABLE, UNIT_OPTIONS, type UnitQuantity } from '@hot-bead/core/base';
import { useQuery } from '@tanstack/react-query';
import { usePreferences } from '../../preferences/preferences.tsx';
import { PreferenceSwitches } from '../../preferences/preference-switches.tsx';
import { ButtonLink } from '../../ui/button.tsx';
import { ErrorNotice, PageSkeleton } from '../../ui/page/notices.tsx';
import { Segmented } from '../../ui/segmented.tsx';
import { RatesSection } from '../records/cost/index.ts';
import { SetAsideNotice } from '../history/index.ts';
import { DayHours } from './day-hours.tsx';
import { OwnWordsSection } from './own-words-section.tsx';
import { SchoolChoice, shopQuery } from '../shop/index.ts';
import { Section } from '../../ui/page/section.tsx';
import { PageTitle } from '../../ui/page/page-title.tsx';

const QUANTITY_NAME: Readonly<Record<UnitQuantity, string>> = {
  wireFeedSpeed: 'Wire feed speed',
  thickness: 'Thickness',
  wireSize: 'Wire sizes',
  gasFlow: 'Gas flow',
  distance: 'Distances',
  travel: 'Travel speed',
  temperature: 'Temperature',
  weight: 'Weight',
  pressure: 'Pressure',
};

function UnitChoices() {
  const { units, setUnits } = usePreferences();
  return (
    <Section id="units" title="Units and theme, on this device">
      <div className="mt-2 grid max-w-md gap-3">
        <div className="grid gap-3 md:hidden">
          <PreferenceSwitches />
        </div>
        {(Object.keys(QUANTITY_NAME) as UnitQuantity[]).map((quantity) => (
          <div key={quantity}>
            <h3 className="label-text mb-1">{QUANTITY_NAME[quantity]}</h3>
            <Segmented<string>
              label={QUANTITY_NAME[quantity]}
              value={units[quantity]}
              options={UNIT_OPTIONS[quantity].map((unit) => ({ value: unit, label: unit }))}
              onChange={(unit) => setUnits({ ...units, [quantity]: unit })}
            />
          </div>
        ))}
      </div>
    </Section>
  );
}

/** Units by quantity and theme on this device; schools for the shop. */
export function SettingsPage() {
  const shop = useQuery(shopQuery);
  if (shop.error) return <ErrorNotice error={shop.error} onRetry={() => void shop.refetch()} />;
  if (shop.isPending) return <PageSkeleton />;
  return (
    <div className="grid grid-cols-1 gap-4">
      <PageTitle
        actions={
          <>
            <ButtonLink to="/files">Backup, files in and out</ButtonLink>
            <ButtonLink to="/history">What happened</ButtonLink>
            <ButtonLink to="/truth">How true are the numbers?</ButtonLink>
          </>
        }
      >
        Settings
      </PageTitle>
      <SetAsideNotice />
      <div className="grid grid-cols-1 items-start gap-4 md:grid-cols-2">
        <div className="grid grid-cols-1 gap-4">
          <UnitChoices />
          <DayHours />
          <RatesSection />
          <OwnWordsSection />
        </div>
        <Section id="schools" title="Where the trade disagrees: this shop’s way">
          {SCHOOL_TABLE.map((school) => (
            <SchoolChoice key={school.id} school={school} />
          ))}
        </Section>
      </div>
    </div>
  );
}
