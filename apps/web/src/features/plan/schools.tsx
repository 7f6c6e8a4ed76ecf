import { type PlannedSetup, SCHOOL_TABLE, sourceText } from '@hot-bead/core';
import { usePreferences } from '../../preferences/preferences.tsx';
import type { Units } from '../../preferences/units.ts';
import { SchoolChoice } from '../shop/index.ts';
import { withUnit } from '../units/index.ts';
import { Section } from '../../ui/page/section.tsx';

/** The wire speed that each side comes to, where they differ on this plan. */
function speedsOf({ speedSchools }: PlannedSetup, units: Units): Readonly<Record<string, string>> {
  if (speedSchools.length < 2) return {};
  return Object.fromEntries(
    speedSchools.map(({ id, wireFeedSpeedMPerMin: speed }) => [
      id,
      speed === undefined ? 'left out' : withUnit('wireFeedSpeed', speed, units),
    ]),
  );
}

/** Where the trade disagrees on this plan: the sides, this shop's choice, and why. */
export function Schools({ plan }: { readonly plan: PlannedSetup }) {
  const touched = SCHOOL_TABLE.filter((school) => plan.schoolsTouched.includes(school.id));
  const { units } = usePreferences();
  if (touched.length === 0) return null;
  const gives = speedsOf(plan, units);
  return (
    <Section id="schools" title="Where the trade disagrees: your choice is the shop’s">
      {touched.map((school) => (
        <SchoolChoice key={school.id} school={school} gives={gives} />
      ))}
    </Section>
  );
}

/** Every reason of the plan with its source. */
export function EveryReason({ plan }: { readonly plan: PlannedSetup }) {
  return (
    <Section id="reasons" title="Every reason">
      <ul className="mt-1 gap-x-8 text-[15px] lg:columns-2">
        {plan.reasons.map((reason) => (
          <li key={reason.item + reason.text} className="mb-1.5 break-inside-avoid">
            {reason.text} <span className="text-sm text-ink-soft">[{sourceText(reason.source)}]</span>
          </li>
        ))}
      </ul>
    </Section>
  );
}
