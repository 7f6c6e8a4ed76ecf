import { lengthText, secondsText, useWords, withUnit } from '../../../units/index.ts';
import { amount, words } from '@hot-bead/core/base';
import type { KeptRun } from '@hot-bead/contract/records';
import { defectWord, isHeat, runCount, runHeat, runTotals } from '@hot-bead/core/records';
import { format } from 'date-fns';
import { usePreferences } from '../../../preferences/preferences.tsx';
import { Button } from '../../../ui/button.tsx';
import { Section } from '../../../ui/page/section.tsx';
import { useToast } from '../../../ui/toasts.tsx';
import { RESULT_WORD } from './run-words.ts';
import { useTakeRunAway } from './runs.queries.ts';

interface Props {
  readonly runs: readonly KeptRun[];
  readonly onCorrect: (run: KeptRun) => void;
  readonly onCopy: (run: KeptRun) => void;
}

function nameOf(run: KeptRun): string {
  const count = runCount(run);
  const name = run.run === undefined ? 'Run' : `Run ${run.run}`;
  return count > 1 ? `${name}, ${count} alike` : name;
}

function Row({ run, onCorrect, onCopy }: { readonly run: KeptRun } & Omit<Props, 'runs'>) {
  const say = useWords();
  const { units } = usePreferences();
  const away = useTakeRunAway();
  const toast = useToast();
  const heat = runHeat(run);
  const figures = [
    run.wireFeedSpeedMPerMin === undefined
      ? undefined
      : withUnit('wireFeedSpeed', run.wireFeedSpeedMPerMin, units),
    run.volts === undefined ? undefined : withUnit('volts', run.volts, units),
    run.amps === undefined ? undefined : withUnit('current', run.amps, units),
    run.lengthMm === undefined ? undefined : lengthText(run.lengthMm, units),
    run.arcSeconds === undefined ? undefined : secondsText(run.arcSeconds),
  ].filter((one) => one !== undefined);
  const beside = [
    isHeat(heat)
      ? `${withUnit('heatInput', heat.heatInputKJPerMm, units)} ${heat.by === 'means' ? 'by means' : 'by instantaneous power'}`
      : undefined,
    run.interpassC === undefined
      ? undefined
      : `${withUnit('temperature', run.interpassC, units)} between runs`,
    run.wireKg === undefined
      ? undefined
      : `${say(words`${amount.weight(run.wireKg, 3)} wire`)}${run.spoolId === undefined ? ', not booked' : ''}`,
    run.who,
    run.note,
  ].filter((one) => one !== undefined);
  return (
    <li className="flex flex-wrap items-start gap-x-4 border-b border-line py-2 last:border-b-0">
      <div className="min-w-0 flex-1">
        <p className="flex flex-wrap gap-x-3 font-semibold">
          {nameOf(run)}
          <span className="font-normal text-ink-soft">{format(run.weldedAt, 'd MMM, HH:mm')}</span>
          {run.result !== undefined && <span>{RESULT_WORD[run.result]}</span>}
          {run.defect !== undefined && <span className="font-normal">{defectWord(run.defect)}</span>}
        </p>
        <p className="figure-text flex flex-wrap gap-x-4 text-xl">
          {figures.length === 0 ? 'no figures told' : figures.map((one) => <span key={one}>{one}</span>)}
        </p>
        {beside.length > 0 && <p className="text-sm text-ink-soft">{beside.join('; ')}</p>}
      </div>
      <div className="flex">
        <Button tone="quiet" onClick={() => onCopy(run)}>
          Same again
        </Button>
        <Button tone="quiet" onClick={() => onCorrect(run)}>
          Correct
        </Button>
        <Button
          tone="quiet"
          disabled={away.isPending}
          onClick={() =>
            away.mutate(run, {
              onSuccess: (_done, undo) => toast(`${nameOf(run)} taken away`, undo),
              onError: (error) => toast(error.message),
            })
          }
        >
          Take away
        </Button>
      </div>
    </li>
  );
}

/** What was welded so far, with what it came to. */
export function RunList({ runs, onCorrect, onCopy }: Props) {
  const say = useWords();
  const { units } = usePreferences();
  const totals = runTotals(runs);
  if (runs.length === 0) return null;
  const sums = [
    `${totals.runs} ${totals.runs === 1 ? 'run' : 'runs'}`,
    totals.weldMm > 0 ? lengthText(totals.weldMm, units) : undefined,
    totals.arcMin > 0 ? `${totals.arcMin.toFixed(1)} min of arc` : undefined,
    totals.wireKg > 0 ? say(words`${amount.weight(totals.wireKg, 3)} wire`) : undefined,
    totals.gasL > 0 ? `${withUnit('gasVolume', totals.gasL, units)} gas` : undefined,
    totals.untimed > 0 ? `${totals.untimed} without an arc time` : undefined,
  ].filter((one) => one !== undefined);
  return (
    <Section id="runs-welded" title="Welded so far" aside={<p className="text-[15px]">{sums.join(', ')}</p>}>
      <ol className="mt-1">
        {runs.toReversed().map((run) => (
          <Row key={run.id} run={run} onCorrect={onCorrect} onCopy={onCopy} />
        ))}
      </ol>
    </Section>
  );
}
