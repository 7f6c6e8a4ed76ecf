import { seededRandom } from '@hot-bead/core/base';
import { practiceFeeder } from '@hot-bead/core/practice';
import { useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import { Button, ButtonLink } from '../../ui/button.tsx';
import { MIND_BOX } from '../../ui/page/notices.tsx';
import { PracticeDial } from './practice-dial.tsx';
import { PracticeGauge } from './practice-gauge.tsx';
import { PracticeVoltsKnob } from './practice-volts-knob.tsx';
import { PracticeMeter } from './practice-meter.tsx';
import { PageTitle } from '../../ui/page/page-title.tsx';

const SEEDS = 10_000;

function Practice({ seed }: { readonly seed: number }) {
  const [shown, setShown] = useState(false);
  const feeder = useMemo(() => practiceFeeder(seededRandom(seed)), [seed]);
  const random = useMemo(() => seededRandom(seed + SEEDS), [seed]);
  return (
    <>
      <PracticeDial feeder={feeder} random={random} shown={shown} />
      <div className="grid grid-cols-1 items-start gap-4 md:grid-cols-2">
        <PracticeMeter feeder={feeder} random={random} shown={shown} />
        <div className="grid grid-cols-1 gap-4">
          <PracticeGauge feeder={feeder} shown={shown} />
          <PracticeVoltsKnob feeder={feeder} random={random} shown={shown} />
        </div>
      </div>
      <Button tone={shown ? 'plain' : 'main'} className="min-h-14" onClick={() => setShown(!shown)}>
        {shown ? 'Put the cover back' : 'Lift the cover: show what was hidden'}
      </Button>
    </>
  );
}

/** A simulated feeder, meter and gas gauge to learn on; the number in the address brings the same one back. */
export function PracticePage() {
  const [search, setSearch] = useSearchParams();
  const asked = Number(search.get('feeder') ?? 1);
  const seed = Number.isInteger(asked) && asked >= 0 && asked < SEEDS ? asked : 1;
  return (
    <div className="grid grid-cols-1 gap-4">
      <PageTitle
        actions={
          <>
            <Button onClick={() => setSearch({ feeder: String((seed + 1) % SEEDS) })}>Another one</Button>
            <ButtonLink to="/machines">All machines</ButtonLink>
          </>
        }
      >
        {`Practice feeder ${seed}`}
      </PageTitle>
      <p className={MIND_BOX}>
        ◆ <span className="font-semibold">Simulated.</span> No machine, no wire, no arc: what it shows is
        drawn from its number and holds for nothing real. Nothing of it is kept.
      </p>
      <Practice key={seed} seed={seed} />
    </div>
  );
}
