import { type PlannedSetup, sourceText } from '@hot-bead/core';
import { usePreferences } from '../../app/preferences.tsx';
import { withUnit } from '../units/index.ts';

/** The ways the trade arrives at a wire speed, side by side, and every other reason of the plan. */
export function Schools({ plan }: { readonly plan: PlannedSetup }) {
  const { units } = usePreferences();
  return (
    <section aria-labelledby="schools" className="rounded-md border border-line bg-plate p-4">
      <h2 id="schools" className="text-lg font-semibold">
        Two ways to a wire speed
      </h2>
      <dl className="mt-1">
        {plan.schools.map((school) => (
          <div
            key={school.name}
            className="grid grid-cols-[1fr_auto] gap-x-4 border-b border-line py-2 last:border-b-0"
          >
            <dt className="font-medium">{school.name}</dt>
            <dd className="figure-text text-lg">
              {school.wireFeedSpeedMPerMin === undefined
                ? 'left out'
                : withUnit('wireFeedSpeed', school.wireFeedSpeedMPerMin, units)}
            </dd>
            <dd className="col-span-2 text-sm text-ink-soft">
              {school.text} [{sourceText(school.source)}]
            </dd>
          </div>
        ))}
      </dl>
      <h2 className="mt-4 text-lg font-semibold">Every reason</h2>
      <ul className="mt-1 grid gap-1.5 text-[15px]">
        {plan.reasons.map((reason) => (
          <li key={reason.item}>
            {reason.text} <span className="text-sm text-ink-soft">[{sourceText(reason.source)}]</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
