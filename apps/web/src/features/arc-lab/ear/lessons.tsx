import { useWords } from '../../../units/index.ts';
import { EAR_LESSONS, type LessonStep } from '@hot-bead/core/arc-lab';
import { PlayButton } from '../sound/index.ts';

const SEED = 21;

function Step({ step, seed }: { readonly step: LessonStep; readonly seed: number }) {
  const say = useWords();
  return (
    <li className="grid content-between gap-2 rounded-md border border-line p-3">
      <div>
        <p className="figure-text text-xl">{say(step.name)}</p>
        <p className="text-sm">{step.hear}</p>
      </div>
      <PlayButton arcs={[{ setting: step.setting, seed }]} what={say(step.name)} />
    </li>
  );
}

/** The lessons: one knob is turned, sound by sound. */
export function Lessons() {
  const say = useWords();
  return (
    <div className="grid grid-cols-1 gap-3">
      {EAR_LESSONS.map(({ id, title, about, steps }, i) => (
        <details key={id} open={i === 0} className="rounded-md border border-line bg-plate p-3">
          <summary className="min-h-11 cursor-pointer py-2 text-lg font-semibold">{title}</summary>
          <p>{say(about)}</p>
          <ol className="mt-2 grid grid-cols-2 gap-3 md:grid-cols-3 lg:grid-cols-6">
            {steps.map((step, k) => (
              <Step key={say(step.name)} step={step} seed={SEED + k} />
            ))}
          </ol>
        </details>
      ))}
    </div>
  );
}
