import type { BoothBead } from '@hot-bead/core/practice';
import type { BeadVerdict } from '@hot-bead/core/window';
import { useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import { usePreferences } from '../../preferences/preferences.tsx';
import { BeadSection } from '../../drawing/bead-section.tsx';
import { VerdictMark } from '../../drawing/verdict-mark.tsx';
import { Button, ButtonLink } from '../../ui/button.tsx';
import { MIND_BOX } from '../../ui/page/notices.tsx';
import { PageTitle } from '../../ui/page/page-title.tsx';
import { Section } from '../../ui/page/section.tsx';
import { Segmented } from '../../ui/segmented.tsx';
import { PlayButton } from '../arc-lab/sound/index.ts';
import { figureOf, shownAs, withUnit, useWords } from '../../units/index.ts';
import { BACK_WORD, FACE_WORD, SOUND_WORD, SPATTER_WORD } from './bead-words.ts';
import {
  BOOTH_WORKS,
  boothSound,
  boothState,
  type BoothRung,
  type BoothWorkId,
  hiddenMiddleV,
  type OpenBooth,
  openBooth,
  weldInBooth,
} from './booth.ts';
import { probableText, whyText } from './known-words.ts';
import { QuickTaps } from './quick-taps.tsx';

const SEEDS = 10_000;

/** What the bead just laid looks and sounds like: to be read by the one who practises. */
function Shown({
  shows,
  sound,
  seed,
}: {
  readonly shows: BoothBead;
  readonly sound: ReturnType<typeof boothSound>;
  readonly seed: number;
}) {
  const say = useWords();
  return (
    <div className="flex flex-wrap items-center gap-4">
      <BeadSection face={shows.face} className="h-28 w-44" />
      <dl className="grid grid-cols-[auto_1fr] gap-x-4 text-lg">
        {[
          ['Face', FACE_WORD[shows.face]],
          ['Spatter', SPATTER_WORD[shows.spatter]],
          ['Back', BACK_WORD[shows.back]],
        ].map(([name, word]) => (
          <div key={name} className="contents">
            <dt className="label-text self-center">{name}</dt>
            <dd className="font-medium">{word}</dd>
          </div>
        ))}
      </dl>
      {'arc' in sound ? (
        <PlayButton arcs={[{ setting: sound.arc, seed }]} what="its arc" className="min-h-14 px-6 text-lg" />
      ) : (
        <p>
          It sounded like: <span className="font-medium">{SOUND_WORD[shows.sound]}</span>. {say(sound.why)}
        </p>
      )}
    </div>
  );
}

/** The cover is off: what was hidden, and how close the practice came. */
function Truth({ open, tookV }: { readonly open: OpenBooth; readonly tookV: number }) {
  const { halfWidthV, shownOffV, warmsV } = open.booth;
  const middle = hiddenMiddleV(open);
  const off = tookV - middle;
  const isIn = Math.abs(off) <= halfWidthV;
  return (
    <Section
      id="truth"
      title={isIn ? '● In the window' : '▲ Outside the window'}
      className={isIn ? 'border-good bg-good-tint' : 'border-hot bg-hot-tint'}
    >
      <p className="figure-text text-3xl">
        {Math.abs(off).toFixed(1)} V {off < 0 ? 'under' : 'over'} its middle
      </p>
      <p>
        The hidden window was {(middle - halfWidthV).toFixed(1)} to {(middle + halfWidthV).toFixed(1)} V on
        its display, {Math.abs(middle - open.bookV).toFixed(1)} V {middle < open.bookV ? 'under' : 'over'} the
        book; its display shows {Math.abs(shownOffV).toFixed(1)} V too {shownOffV < 0 ? 'little' : 'much'}.
        Each bead on a hot coupon read {warmsV.toFixed(2)} V hotter than the one before.
      </p>
    </Section>
  );
}

/** The beads laid so far, with what they showed and what was said. */
function Laid({ rungs }: { readonly rungs: readonly BoothRung[] }) {
  if (rungs.length === 0) return <p>No bead yet. Set the volts and weld one.</p>;
  return (
    <ol className="grid grid-cols-1">
      {rungs.map((rung, i) => (
        <li key={i} className="flex flex-wrap items-center gap-3 border-b border-line py-1 last:border-b-0">
          <BeadSection face={rung.shows.face} className="h-10 w-16" />
          <span className="figure-text text-xl">{rung.volts.toFixed(1)} V</span>
          {rung.said && <VerdictMark verdict={rung.said} />}
          <span className="text-sm text-ink-soft">{rung.cooled === false ? 'on a hot coupon' : ''}</span>
        </li>
      ))}
    </ol>
  );
}

function Booth({ open }: { readonly open: OpenBooth }) {
  const { units } = usePreferences();
  const [rungs, setRungs] = useState<readonly BoothRung[]>([]);
  const [shows, setShows] = useState<BoothBead>();
  const [tookV, setTookV] = useState<number>();
  const state = useMemo(() => boothState(open, rungs), [open, rungs]);
  const [typedV, setTypedV] = useState<number>();
  const [cools, setCools] = useState(true);
  const { plan } = open.dialled;
  const { setting } = state.next;
  const volts = typedV ?? setting.volts;
  const report = (verdict: BeadVerdict): void => {
    if (!shows) return;
    const { wireFeedSpeedMPerMin } = setting;
    setRungs([...rungs, { wireFeedSpeedMPerMin, volts, said: verdict, cooled: cools, shows }]);
    setShows(undefined);
    setTypedV(undefined);
  };
  const reader = { plan, machine: undefined, units };
  const nudge = (by: number): void => setTypedV(Number((volts + by).toFixed(1)));
  return (
    <div className="grid grid-cols-1 items-start gap-4 md:grid-cols-[minmax(0,1fr)_minmax(0,400px)]">
      <div className="grid grid-cols-1 gap-4">
        <Section id="set" title={`Bead ${rungs.length + 1}`}>
          <div className="flex flex-wrap items-center gap-4">
            <p className="figure-text text-[56px] leading-tight">
              {figureOf('volts', volts, units)} <span className="text-2xl">V</span>
            </p>
            <p className="figure-text text-2xl text-ink-soft">
              {figureOf('wireFeedSpeed', setting.wireFeedSpeedMPerMin, units)}{' '}
              {shownAs('wireFeedSpeed', units).unit}
            </p>
            {!shows && (
              <div className="flex gap-2">
                {[-0.5, -0.1, 0.1, 0.5].map((by) => (
                  <Button key={by} className="min-h-14 min-w-14 px-2" onClick={() => nudge(by)}>
                    {by > 0 ? '+' : '−'}
                    {Math.abs(by)}
                  </Button>
                ))}
              </div>
            )}
          </div>
          <p className="mt-1">
            {whyText(state, reader)} {probableText(state, reader)}
          </p>
          {shows ? (
            <div className="mt-3 grid grid-cols-1 gap-3">
              <Shown
                shows={shows}
                sound={boothSound(open, { ...setting, ...shows })}
                seed={open.booth.seed + rungs.length}
              />
              <p className="font-semibold">How do you read it?</p>
              <QuickTaps disabled={false} onSay={report} />
            </div>
          ) : (
            <div className="mt-3 flex flex-wrap items-end gap-3">
              <Button
                tone="main"
                className="min-h-14 px-8 text-lg"
                onClick={() => setShows(weldInBooth(open, volts, rungs, cools))}
              >
                Weld it
              </Button>
              <div>
                <p className="label-text mb-1">Coupon before it</p>
                <Segmented
                  label="Coupon before it"
                  value={cools ? 'cool' : 'hot'}
                  options={[
                    { value: 'cool', label: 'Let it cool' },
                    { value: 'hot', label: 'Still hot' },
                  ]}
                  onChange={(next) => setCools(next === 'cool')}
                />
              </div>
              {rungs.length > 0 && (
                <Button className="min-h-14" onClick={() => setTookV(setting.volts)}>
                  Take {withUnit('volts', setting.volts, units)} and lift the cover
                </Button>
              )}
            </div>
          )}
        </Section>
        {tookV !== undefined && <Truth open={open} tookV={tookV} />}
      </div>
      <Section id="laid" title="The ladder so far" quiet>
        <Laid rungs={rungs} />
      </Section>
    </div>
  );
}

/** A simulated machine to practise dialling in on; the number in the address brings the same one back. */
export function BoothPage() {
  const say = useWords();
  const [search, setSearch] = useSearchParams();
  const asked = Number(search.get('machine') ?? 1);
  const seed = Number.isInteger(asked) && asked >= 0 && asked < SEEDS ? asked : 1;
  const work = BOOTH_WORKS.find(({ id }) => id === search.get('work'))?.id ?? 'dip';
  const open = useMemo(() => openBooth(seed, work), [seed, work]);
  const go = (next: { seed?: number; work?: BoothWorkId }): void =>
    setSearch({ machine: String(next.seed ?? seed), work: next.work ?? work });
  return (
    <div className="grid grid-cols-1 gap-4">
      <PageTitle
        actions={
          <>
            <Button onClick={() => go({ seed: (seed + 1) % SEEDS })}>Another one</Button>
            <ButtonLink to="/jobs">All jobs</ButtonLink>
          </>
        }
      >
        {`Practice booth ${seed}`}
      </PageTitle>
      <p className={MIND_BOX}>
        ◆ <span className="font-semibold">Simulated.</span> No machine, no arc: what it answers is drawn from
        its number and holds for nothing real. Nothing of it is kept.
      </p>
      <Segmented
        label="Work to practise on"
        value={work}
        options={BOOTH_WORKS.map(({ id, name }) => ({ value: id, label: say(name) }))}
        onChange={(next) => go({ work: next })}
      />
      <Booth key={`${seed} ${work}`} open={open} />
    </div>
  );
}
