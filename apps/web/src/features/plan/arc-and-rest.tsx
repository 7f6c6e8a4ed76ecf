import { PLATE_C } from '@hot-bead/core/machine';
import { lengthText, withUnit } from '../../units/index.ts';
import type { KeptMachine } from '@hot-bead/contract/machine';
import type { Job } from '@hot-bead/contract/plan';
import { measuredLength } from '@hot-bead/core/base';
import type { PlannedSetup } from '@hot-bead/core/plan';
import { SEAM_RANGE_MM } from '@hot-bead/core/trade';
import { useState } from 'react';
import { usePreferences } from '../../preferences/preferences.tsx';
import { Field } from '../../ui/form/field.tsx';
import { useChangeJob } from './jobs/index.ts';
import { withSeam } from './work-changes.ts';
import { dutyOf, mainsText, seamText } from './duty-text.ts';
import { Section } from '../../ui/page/section.tsx';

interface Props {
  readonly job: Job;
  readonly plan: PlannedSetup;
  readonly machine: KeptMachine | undefined;
}

/** The seam's length, kept with the job as soon as it reads as one. */
function SeamField({ job }: { readonly job: Job }) {
  const { units } = usePreferences();
  const inch = units.distance === 'in';
  const change = useChangeJob(job.id);
  const { seamMm } = job.work;
  const kept = seamMm === undefined ? '' : lengthText(seamMm, units);
  const [draft, setDraft] = useState<string | undefined>();
  const [problem, setProblem] = useState<string | undefined>();
  const commit = (): void => {
    if (draft === undefined || draft === kept) return;
    const read = draft.trim() === '' ? undefined : measuredLength(draft, inch ? 'in' : 'mm');
    if (read?.status === 'unreadable') return setProblem(read.message);
    const [least, most] = SEAM_RANGE_MM;
    if (read && (read.lengthMm < least || read.lengthMm > most)) {
      return setProblem(`A seam is ${lengthText(least, units)} to ${lengthText(most, units)} long.`);
    }
    setProblem(undefined);
    change.mutate(
      { work: withSeam(job.work, read?.lengthMm) },
      { onSuccess: () => setDraft(undefined), onError: (error) => setProblem(error.message) },
    );
  };
  return (
    <Field
      label="Seam to weld, in any unit"
      placeholder={inch ? '18 in, 6 ft, 1 1/2 in' : '31 m, 450, 18 in'}
      value={draft ?? kept}
      error={problem}
      onChange={(event) => setDraft(event.target.value)}
      onBlur={commit}
      onKeyDown={(event) => {
        if (event.key === 'Enter') commit();
      }}
    />
  );
}

/** How long the arc may burn on this machine, the rest that the seam needs, and what it draws from the mains. */
export function ArcAndRest({ job, plan, machine }: Props) {
  const { units } = usePreferences();
  const duty = dutyOf(plan, machine);
  const mains = mainsText(plan, machine);
  if (!machine || (!duty && mains === undefined)) return null;
  const { passes } = plan.bead;
  return (
    <Section
      id="arc-and-rest"
      title={<>Arc and rest on {machine.name}</>}
      className="grid items-start gap-x-8 gap-y-3 lg:grid-cols-3 lg:[&>h2]:col-span-3"
    >
      {duty && (
        <>
          <p>
            <span className="figure-text text-4xl">{duty.minutesOnInTen.toFixed(1)}</span> min of arc in ten
            at {plan.currentA.start.toFixed(0)} A
            <span className="text-sm text-ink-soft">
              {' '}
              ({duty.percent.toFixed(0)} %, from its plate, at {withUnit('temperature', PLATE_C, units)}) [IEC
              60974-1, recalled]
            </span>
          </p>
          <SeamField job={job} />
          {duty.seam && (
            <p aria-live="polite">
              <span className="font-semibold">{seamText(duty.seam)}</span>
              <span className="text-sm text-ink-soft">
                {passes > 1 ? `, ${passes} runs` : ''}, at the plan’s travel [our model]
              </span>
            </p>
          )}
        </>
      )}
      {mains !== undefined && (
        <p>
          <span className="label-text">from the mains</span> {mains}
          <span className="block text-sm text-ink-soft">
            An estimate [our model]; breaker, lead and socket are the electrician’s.
          </span>
        </p>
      )}
    </Section>
  );
}
