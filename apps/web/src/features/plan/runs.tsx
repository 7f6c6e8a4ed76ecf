import { amount, isSameWords, type Units, words, type Words } from '@hot-bead/core/base';
import { isNewSetting, type PlannedSetup, type PlannedRun, RUN_ROLE_NAME } from '@hot-bead/core/plan';
import { MODE_NAME, WAY_NAME } from '@hot-bead/core/trade';
import { usePreferences } from '../../preferences/preferences.tsx';
import { withUnit, useWords } from '../../units/index.ts';
import { JointView } from './technique-drawings.tsx';
import { Section } from '../../ui/page/section.tsx';

/** Runs that are laid alike, one after the other. */
export interface RunGroup {
  readonly from: number;
  readonly to: number;
  readonly run: PlannedRun;
  /** What is changed on the machine before it, in words; undefined: nothing. */
  readonly anew: Words | undefined;
}

function isAlike(a: PlannedRun, b: PlannedRun): boolean {
  return (
    a.role === b.role &&
    !isNewSetting(a, b) &&
    isSameWords(a.technique, b.technique) &&
    Math.abs(a.travelMmPerMin / b.travelMmPerMin - 1) < 0.02
  );
}

function settingText(run: PlannedRun): Words {
  const mode = run.mode === 'own' ? WAY_NAME[run.way] : MODE_NAME[run.mode];
  return words`${mode}, ${amount.wireSize(run.wireDiameterMm)} ${run.wireClass}`;
}

/** What is changed on the machine between two runs: another wire or transfer, or the same turned up or down. */
function changeText(before: PlannedRun | undefined, after: PlannedRun): Words | undefined {
  if (before && !isNewSetting(before, after)) return undefined;
  if (!before || before.wireClass !== after.wireClass || before.mode !== after.mode)
    return words`${before ? 'Change to' : 'Set'} ${settingText(after)}.`;
  return after.wireFeedSpeedMPerMin < before.wireFeedSpeedMPerMin ? 'Turn it down.' : 'Turn it up.';
}

/** The runs with those that are laid alike taken together, in the order they are laid. */
export function runGroups(runs: readonly PlannedRun[]): readonly RunGroup[] {
  const groups: RunGroup[] = [];
  for (const [i, run] of runs.entries()) {
    const before = runs[i - 1];
    const last = groups.at(-1);
    if (last && before && isAlike(before, run)) groups[groups.length - 1] = { ...last, to: run.number };
    else groups.push({ from: run.number, to: run.number, run, anew: changeText(before, run) });
  }
  return groups;
}

/** Numbers of the runs in a group: 3, or 4–7. */
export function numbersText({ from, to }: RunGroup): string {
  return from === to ? String(from) : `${from}–${to}`;
}

function sizeText({ legMm, sectionMm2 }: PlannedRun, units: Units): string {
  return legMm === undefined
    ? withUnit('section', sectionMm2, units)
    : `leg ${withUnit('distance', legMm, units)}`;
}

function GroupRow({ group }: { readonly group: RunGroup }) {
  const say = useWords();
  const { units } = usePreferences();
  const { run, anew } = group;
  return (
    <li className="grid gap-x-4 gap-y-1 border-b border-line py-2.5 last:border-b-0 sm:grid-cols-[112px_1fr]">
      <div>
        <p className="figure-text text-2xl leading-none">{numbersText(group)}</p>
        <p className="label-text mt-1">{RUN_ROLE_NAME[run.role]}</p>
      </div>
      <div>
        <p className="figure-text flex flex-wrap gap-x-4 text-xl">
          <span>{withUnit('wireFeedSpeed', run.wireFeedSpeedMPerMin, units)}</span>
          <span>{withUnit('volts', run.volts, units)}</span>
          <span>{withUnit('travel', run.travelMmPerMin, units)}</span>
        </p>
        <p className="text-[15px]">
          {anew !== undefined && <strong className="font-semibold">⇄ {say(anew)} </strong>}
          {say(run.technique)}
        </p>
        <p className="text-sm text-ink-soft">
          {run.currentA.toFixed(0)} A, {sizeText(run, units)},{' '}
          {withUnit('heatInput', run.heatInputKJPerMm, units)}
        </p>
      </div>
    </li>
  );
}

/** The runs of a weld that one does not make: each with its own numbers, laid into the joint's section to scale. */
export function Runs({ plan }: { readonly plan: PlannedSetup }) {
  const { units } = usePreferences();
  const { runs, fitUp } = plan;
  if (runs.length < 2) return null;
  const { interpassMostC } = fitUp;
  return (
    <Section
      id="runs"
      title={`${runs.length} runs${fitUp.sides === 2 && plan.bead.legMm !== undefined ? ' a side' : ''}`}
    >
      <div className="mt-2 grid gap-4 md:grid-cols-[minmax(0,2fr)_minmax(0,3fr)]">
        <div>
          <JointView plan={plan} tall />
          <p className="mt-2 text-[15px]">
            <span className="label-text">between runs</span> {runs[0]?.clean}
            {interpassMostC !== undefined &&
              ` Let it fall under ${withUnit('temperature', interpassMostC, units)}.`}
          </p>
        </div>
        <ol>
          {runGroups(runs).map((group) => (
            <GroupRow key={group.from} group={group} />
          ))}
        </ol>
      </div>
      <p className="mt-2 text-sm text-ink-soft">
        Heat input by mean volts and mean current, 0.8 of it in the work [EN 1011-1, recalled]; the division
        into runs is our model.
      </p>
    </Section>
  );
}
