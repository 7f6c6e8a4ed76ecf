import { type PlannedSetup, SCHOOL_TABLE, sourceText } from '@hot-bead/core';
import { usePreferences } from '../../preferences/preferences.tsx';
import { SchoolChoice } from '../shop/index.ts';
import { withUnit } from '../units/index.ts';
import { Section } from '../../ui/page/section.tsx';

function SpeedSchools({ plan }: { readonly plan: PlannedSetup }) {
  const { units } = usePreferences();
  if (plan.speedSchools.length < 2) return null;
  return (
    <dl>
      {plan.speedSchools.map((school) => (
        <div
          key={school.id}
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
  );
}

/** Where the trade disagrees on this plan: the sides, this shop's choice, and why. */
export function Schools({ plan }: { readonly plan: PlannedSetup }) {
  const touched = SCHOOL_TABLE.filter((school) => plan.schoolsTouched.includes(school.id));
  if (touched.length === 0) return null;
  return (
    <Section id="schools" title="Where the trade disagrees">
      <p className="text-sm text-ink-soft">Your choice is remembered for the shop.</p>
      <SpeedSchools plan={plan} />
      {touched.map((school) => (
        <SchoolChoice key={school.id} school={school} />
      ))}
    </Section>
  );
}

/** Every reason of the plan with its source. */
export function EveryReason({ plan }: { readonly plan: PlannedSetup }) {
  return (
    <Section id="reasons" title="Every reason">
      <ul className="mt-1 grid gap-1.5 text-[15px]">
        {plan.reasons.map((reason) => (
          <li key={reason.item + reason.text}>
            {reason.text} <span className="text-sm text-ink-soft">[{sourceText(reason.source)}]</span>
          </li>
        ))}
      </ul>
    </Section>
  );
}
