import { SCHOOL_TABLE, type Units } from '@hot-bead/core/base';
import type { PlannedSetup } from '@hot-bead/core/plan';
import { usePreferences } from '../../preferences/preferences.tsx';
import { SchoolChoice } from '../shop/index.ts';
import { withUnit } from '../../units/index.ts';
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
