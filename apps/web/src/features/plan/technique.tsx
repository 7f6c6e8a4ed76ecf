import { amount, joined, words, type Words } from '@hot-bead/core/base';
import type { PlannedSetup } from '@hot-bead/core/plan';
import { POSITION_NAME } from '@hot-bead/core/trade';
import { usePreferences } from '../../preferences/preferences.tsx';
import { rangeText, withUnit, useWords } from '../../units/index.ts';
import { GunView, JointView, SeamView } from './technique-drawings.tsx';
import { Section } from '../../ui/page/section.tsx';

/** How to hold the gun and set the joint, drawn, with pauses, tacks, preheat and cleaning. */
export function TechniqueCard({ plan }: { readonly plan: PlannedSetup }) {
  const say = useWords();
  const { units } = usePreferences();
  const { technique, fitUp, bead } = plan;
  const { bevel, stitch } = fitUp;
  const rows: readonly (readonly [string, Words | undefined])[] = [
    ['hand', technique.hand],
    [
      'start and end',
      `hold ${technique.pauseAtStartS.low}–${technique.pauseAtStartS.high} s at the start, ${technique.pauseAtEndS.low}–${technique.pauseAtEndS.high} s at the end; gun stays on the crater while gas flows`,
    ],
    [
      'runs',
      bead.passes === 1
        ? '1'
        : bead.legMm === undefined
          ? String(bead.passes)
          : words`${bead.passes}, leg of each ${amount.distance(bead.legMm, 1)}`,
    ],
    ['sides', fitUp.sides === 2 ? 'both' : undefined],
    ['through', fitUp.closedButt?.text],
    ['behind', fitUp.backing ? 'a backing bar, tight against both parts' : undefined],
    ['order', fitUp.sequence],
    ['gap', words`${amount.distance(fitUp.rootGapMm.start, 1)} (${amount.distance(fitUp.rootGapMm, 1)})`],
    [
      'bevel',
      bevel && words`${bevel.includedDegrees}° included, root face ${amount.distance(bevel.rootFaceMm)}`,
    ],
    [
      'tacks',
      `${rangeText('distance', fitUp.tackMm.low, fitUp.tackMm.high, units)} long, one every ${withUnit('distance', fitUp.tackSpacingMm.start, units)}`,
    ],
    [
      'stitch',
      stitch &&
        words`${amount.distance(stitch.stitchMm)} on, ${amount.distance(stitch.gapMm)} off. ${say(stitch.why)}`,
    ],
    ['preheat', fitUp.preheatText],
    [
      'between beads',
      fitUp.interpassMostC === undefined
        ? undefined
        : words`let it fall under ${amount.temperature(fitUp.interpassMostC)}`,
    ],
    ['back purge', fitUp.backPurge ? 'argon behind the root, or it sugars' : undefined],
    ['clean', joined(fitUp.preparation)],
  ];
  return (
    <Section id="technique" title={<>Joint and hand, {POSITION_NAME[plan.work.position]}</>}>
      <div className="mt-2 grid items-start gap-x-6 gap-y-2 lg:grid-cols-[minmax(0,5fr)_minmax(0,6fr)]">
        <div className="grid gap-2">
          <div className="grid gap-2 sm:grid-cols-2">
            <JointView plan={plan} />
            <GunView plan={plan} />
          </div>
          <SeamView plan={plan} />
        </div>
        <dl className="grid grid-cols-[104px_1fr] gap-x-3 gap-y-1.5 text-[15px]">
          {rows.map(([name, text]) =>
            text === undefined ? null : (
              <div key={name} className="contents">
                <dt className="label-text pt-0.5">{name}</dt>
                <dd>{say(text)}</dd>
              </div>
            ),
          )}
        </dl>
      </div>
    </Section>
  );
}
