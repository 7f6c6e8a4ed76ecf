import { useWords } from '../../units/index.ts';
import type { Job } from '@hot-bead/contract/plan';
import type { OtherWay } from '@hot-bead/core/plan';
import { useChangeJob } from './jobs/index.ts';
import { Button } from '../../ui/button.tsx';
import { withWayMode } from './work-changes.ts';
import { Section } from '../../ui/page/section.tsx';

const MARK = { chosen: '●', open: '○', closed: '×' } as const;
const WORD = { chosen: 'chosen', open: 'would do', closed: 'not here' } as const;

/** Every way to weld this work: the chosen one, those that would do, and those that will not, with the reason. */
export function OtherWays({ job, ways }: { readonly job: Job; readonly ways: readonly OtherWay[] }) {
  const say = useWords();
  const change = useChangeJob(job.id);
  const own = ways.filter((way) => way.code !== 'way-wrong-for-metal');
  const foreign = ways.filter((way) => way.code === 'way-wrong-for-metal');
  return (
    <Section id="ways" title="Other ways for this work">
      <ul className="mt-1">
        {own.map((way) => (
          <li
            key={`${way.way}/${way.mode}`}
            className="flex items-center justify-between gap-3 border-b border-line py-2 last:border-b-0"
          >
            <p>
              <span className="font-medium">
                <span aria-hidden="true">{MARK[way.status]}</span> {way.name}
              </span>{' '}
              <span className="text-sm text-ink-soft">{WORD[way.status]}</span>
              <span className="block text-[15px] text-ink-soft">{say(way.text)}</span>
            </p>
            {way.status === 'open' && (
              <Button
                onClick={() => change.mutate({ work: withWayMode(job.work, way.way, way.mode), own: {} })}
              >
                Take<span className="sr-only"> {way.name}</span>
              </Button>
            )}
          </li>
        ))}
      </ul>
      {foreign.length > 0 && (
        <p className="mt-2 text-sm text-ink-soft">
          Not for this metal: {[...new Set(foreign.map((way) => way.name))].join('; ')}.
        </p>
      )}
    </Section>
  );
}
