import { SCHOOL_TABLE } from '@hot-bead/core';
import { useQuery } from '@tanstack/react-query';
import { usePreferences } from '../../app/preferences.tsx';
import { UNIT_OPTIONS, type UnitQuantity } from '../../app/units.ts';
import { PreferenceSwitches } from '../../shell/preference-switches.tsx';
import { ButtonLink } from '../../ui/button.tsx';
import { ErrorNotice, PageSkeleton } from '../../ui/notices.tsx';
import { Segmented } from '../../ui/segmented.tsx';
import { SchoolChoice, shopQuery } from '../shop/index.ts';
import { ShelfEditor } from './shelf-editor.tsx';

const QUANTITY_NAME: Readonly<Record<UnitQuantity, string>> = {
  wireFeedSpeed: 'Wire feed speed',
  thickness: 'Thickness',
  gasFlow: 'Gas flow',
  distance: 'Distances',
  travel: 'Travel speed',
};

function UnitChoices() {
  const { units, setUnits } = usePreferences();
  return (
    <section aria-labelledby="units" className="rounded-md border border-line bg-plate p-4">
      <h2 id="units" className="text-lg font-semibold">
        Units and theme, on this device
      </h2>
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
    </section>
  );
}

/** Units by quantity and theme on this device; schools and shelf for the shop. */
export function SettingsPage() {
  const shop = useQuery(shopQuery);
  if (shop.error) return <ErrorNotice error={shop.error} onRetry={() => void shop.refetch()} />;
  if (shop.isPending) return <PageSkeleton />;
  return (
    <div className="grid grid-cols-1 gap-4">
      <div className="flex flex-wrap items-center justify-between gap-4">
        <h1 className="text-2xl font-semibold">Settings</h1>
        <ButtonLink to="/truth">How true are the numbers?</ButtonLink>
      </div>
      <div className="grid grid-cols-1 items-start gap-4 md:grid-cols-2">
        <div className="grid grid-cols-1 gap-4">
          <UnitChoices />
          <ShelfEditor shop={shop.data} />
        </div>
        <section aria-labelledby="schools" className="rounded-md border border-line bg-plate p-4">
          <h2 id="schools" className="text-lg font-semibold">
            Where the trade disagrees: this shop’s way
          </h2>
          {SCHOOL_TABLE.map((school) => (
            <SchoolChoice key={school.id} school={school} />
          ))}
        </section>
      </div>
    </div>
  );
}
