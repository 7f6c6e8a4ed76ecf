import { useWords } from '../../units/index.ts';
import { bareLengthUnit } from '@hot-bead/core/base';
import type { Job } from '@hot-bead/contract/plan';
import { parseLine } from '@hot-bead/core/line';
import type { RefusedSetup } from '@hot-bead/core/plan';
import { useQuery } from '@tanstack/react-query';
import { usePreferences } from '../../preferences/preferences.tsx';
import { Button } from '../../ui/button.tsx';
import { Notice } from '../../ui/page/notices.tsx';
import { useChangeJob } from './jobs/index.ts';
import { machineListQuery } from '../machine/index.ts';

/** Why this work is not planned as it stands, and what to do instead. The chips above stay open to change. */
export function Refusal({ setup }: { readonly setup: RefusedSetup }) {
  const say = useWords();
  return (
    <Notice tone="hot" title="Not like this">
      {setup.reasons.map((reason) => (
        <p key={say(reason)} className="text-lg">
          {say(reason)}
        </p>
      ))}
      <ul className="mt-3 grid gap-1">
        {setup.instead.map((text) => (
          <li key={say(text)}>→ {say(text)}</li>
        ))}
      </ul>
      <p className="mt-3 text-sm">
        The job is saved as you typed it. Change a chip above and it is planned again.
      </p>
    </Notice>
  );
}

/** A draft without a thickness: the question it left open, or a plain prompt. */
export function ThicknessNeeded({ job }: { readonly job: Job }) {
  const say = useWords();
  const { units } = usePreferences();
  const { data: machines = [] } = useQuery(machineListQuery);
  const change = useChangeJob(job.id);
  const machineNames = machines.map((machine) => machine.name);
  const context = { unit: bareLengthUnit(units), machineNames };
  const question = parseLine(job.line, context).questions.find((q) => q.slot === 'thicknessMm');
  const answer = (line: string): void => {
    change.mutate({ line, unit: context.unit });
  };
  return (
    <Notice
      tone="straw"
      title={say(question?.message ?? 'How thick is the work?')}
      action={question?.choices.map((choice) => (
        <Button key={say(choice.label)} tone="main" onClick={() => answer(choice.line)} className="min-h-14">
          {say(choice.label)}
        </Button>
      ))}
    >
      The thickness settles every number. Measure it with a caliper if you can: sheet is often thinner than
      its name.
      {question === undefined && ' Open the thickness chip above and type it.'}
    </Notice>
  );
}
