import type { KeptTestBead } from '@hot-bead/contract/dial-in';
import type { KeptMachine } from '@hot-bead/contract/machine';
import type { Job } from '@hot-bead/contract/plan';
import type { DialIn } from '@hot-bead/core/dial-in';
import type { PlannedSetup } from '@hot-bead/core/plan';
import { type BeadSetting, type HeatVerdict, HEAT_VERDICTS } from '@hot-bead/core/window';
import { usePreferences } from '../../preferences/preferences.tsx';
import { Button } from '../../ui/button.tsx';
import { Notice } from '../../ui/page/notices.tsx';
import { useToast } from '../../ui/toasts.tsx';
import { useTakeSetting } from '../plan/jobs/index.ts';
import { isKeptBead, useChangeBead } from '../window/test-beads/index.ts';
import { withUnit } from '../../units/index.ts';
import { HEAT_WORD } from './bead-words.ts';
import { bracketText, movedText, probableText, whyText } from './known-words.ts';
import { SettingFigures } from './next-bead-card.tsx';

interface Props {
  readonly job: Job;
  readonly state: DialIn;
  readonly ladder: readonly KeptTestBead[];
  readonly plan: PlannedSetup;
  readonly machine: KeptMachine | undefined;
  /** Another bead is to be laid there. */
  readonly onMore: (at: BeadSetting) => void;
}

function isSameSetting(a: BeadSetting | undefined, b: BeadSetting): boolean {
  return (
    a !== undefined &&
    Math.abs(a.volts - b.volts) < 0.01 &&
    Math.abs(a.wireFeedSpeedMPerMin - b.wireFeedSpeedMPerMin) < 0.01
  );
}

/** Asks whether the heat was right too, once the volts are: it is a question of its own. */
function HeatQuestion({ bead }: { readonly bead: KeptTestBead }) {
  const change = useChangeBead();
  const toast = useToast();
  const say = (heat: HeatVerdict): void =>
    change.mutate(
      { kept: bead, change: { heat } },
      { onSuccess: (_bead, undo) => toast(`Heat of bead ${bead.number} noted`, undo) },
    );
  return (
    <div role="group" aria-labelledby="heat" className="mt-4 border-t border-line pt-3">
      <p id="heat" className="font-semibold">
        The volts are right. Was the heat of bead {bead.number} right too?
      </p>
      <div className="mt-2 grid grid-cols-1 gap-2 md:grid-cols-3">
        {HEAT_VERDICTS.map((heat) => (
          <Button
            key={heat}
            className="min-h-14"
            disabled={change.isPending || !isKeptBead(bead)}
            onClick={() => say(heat)}
          >
            {HEAT_WORD[heat]}
          </Button>
        ))}
      </div>
    </div>
  );
}

/** The end of a dial-in: what to take, kept as proven where the beads bear it out. */
export function TakeCard({ job, state, ladder, plan, machine, onMore }: Props) {
  const { units } = usePreferences();
  const change = useChangeBead();
  const toast = useToast();
  const { isTaken, take, taking } = useTakeSetting(job);
  const { next } = state;
  const last = ladder.at(-1);
  if (next.kind !== 'take' || !last) return null;
  const reader = { plan, machine, units };
  const { setting, isProven, oneMore } = next;
  const isKept = isSameSetting(ladder.findLast(({ taken }) => taken)?.taken, setting);
  const here = movedText(setting, state, reader);
  const heatBead = state.heatOpen === undefined ? undefined : ladder[state.heatOpen];
  const save = (): void =>
    change.mutate(
      { kept: last, change: { taken: setting } },
      {
        onSuccess: () => take(setting),
        onError: (error) => toast(`Not saved as proven. ${error.message}`),
      },
    );
  const mayKeep = isProven && machine !== undefined;
  if (next.because === 'blown-all') {
    return (
      <Notice tone="hot" title="Nothing colder can be set">
        {whyText(state, reader)}
      </Notice>
    );
  }
  return (
    <section
      aria-label="Next bead"
      className={`rounded-md border p-4 ${isProven ? 'border-good bg-good-tint' : 'border-straw bg-straw-tint'}`}
    >
      <h2 className="text-lg font-semibold">{isProven ? 'Take' : 'Take for now'}</h2>
      <SettingFigures setting={setting} plan={plan} machine={machine} />
      <p className="text-lg">{whyText(state, reader)}</p>
      <p className="mt-1">
        {probableText(state, reader)} {bracketText(state, reader)}
      </p>
      {mayKeep && isKept && <p className="mt-2 font-semibold">● Kept as proven on {machine.name}.</p>}
      <div className="mt-3 flex flex-wrap items-center gap-3">
        {mayKeep && !isKept ? (
          <Button
            tone="main"
            className="min-h-14 text-lg"
            disabled={change.isPending || taking || !isKeptBead(last)}
            onClick={save}
          >
            Take {here}: save as proven
          </Button>
        ) : isTaken(setting) ? (
          <p className="font-semibold">● The plan is set to these numbers.</p>
        ) : (
          <Button tone="main" className="min-h-14 text-lg" disabled={taking} onClick={() => take(setting)}>
            Set the plan to {here}
          </Button>
        )}
        {oneMore && (
          <Button className="min-h-14" onClick={() => onMore(oneMore)}>
            One more to centre it
          </Button>
        )}
      </div>
      {state.tapFit && (
        <div className="mt-3 border-t border-line pt-3">
          <p>
            No tap is surely in the window at this wire speed. At{' '}
            {withUnit('wireFeedSpeed', state.tapFit.wireFeedSpeedMPerMin, units)}{' '}
            {movedText(state.tapFit, state, reader)} would be: there the wire speed moves, and the tap with
            it.
          </p>
          <Button className="mt-2 min-h-14" onClick={() => state.tapFit && onMore(state.tapFit)}>
            Lay one there
          </Button>
        </div>
      )}
      {!isProven && (
        <p className="mt-2 text-[15px]">
          It is not saved as proven: the beads do not bear it out surely enough.
        </p>
      )}
      {isProven && !machine && (
        <p className="mt-2 text-[15px]">Name the machine in the plan, and it can be saved as proven on it.</p>
      )}
      {heatBead && <HeatQuestion bead={heatBead} />}
    </section>
  );
}
