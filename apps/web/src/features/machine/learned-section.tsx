import { wireSizeText } from '@hot-bead/core/base';
import type { KeptMachine } from '@hot-bead/contract/machine';
import type { KeptProvenSetting } from '@hot-bead/contract/window';
import { gasOf, MODE_NAME } from '@hot-bead/core/trade';
import {
  driftOf,
  type LearnedGroup,
  learnedOffset,
  type MachineLearning,
  offsetWords,
} from '@hot-bead/core/window';
import { useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { format } from 'date-fns';
import { Link } from 'react-router';
import { usePreferences } from '../../preferences/preferences.tsx';
import { Button } from '../../ui/button.tsx';
import { withUnit } from '../../units/index.ts';
import { learningQuery, provenQuery } from './machines.queries.ts';
import { Wrong } from '../../ui/form/wrong.tsx';
import { MIND_BOX } from '../../ui/page/notices.tsx';
import { Section } from '../../ui/page/section.tsx';

const signed = (volts: number): string => `${volts < 0 ? '−' : '+'}${Math.abs(volts).toFixed(1)}`;

/** A machine that has begun to want other volts than it did, and what to look at. */
function DriftNote({ group, machineId }: { readonly group: LearnedGroup; readonly machineId: string }) {
  const drift = driftOf(group);
  if (!drift) return null;
  const { driftV, last, before } = drift;
  return (
    <p className={MIND_BOX}>
      ◆ The last {last} settings wanted {Math.abs(driftV).toFixed(1)} V {driftV < 0 ? 'less' : 'more'} than
      the {before} before them. Look at the tip, the liner, the mains, and whether a new spool was put on.{' '}
      <Link to={`/faults/new?machine=${machineId}`} className="text-action underline">
        Find the fault
      </Link>
    </p>
  );
}

interface GroupProps {
  readonly machineId: string;
  readonly group: LearnedGroup;
  /** All that was proven on the machine: each wire and gas counts for the others in part. */
  readonly all: MachineLearning;
}

function Group({ machineId, group, all }: GroupProps) {
  const { units } = usePreferences();
  const learned = learnedOffset(all, group);
  if (!learned) return null;
  const { volts, side, isByTheBook, settings } = offsetWords(learned);
  const { low, high } = learned.offsetV;
  const { wire, gas, mode } = group;
  return (
    <div>
      <h3 className="font-semibold">
        {wireSizeText(wire.diameterMm, units)} {wire.wireClass}, {gasOf(gas).name}
        {mode === 'own' ? '' : `, ${MODE_NAME[mode]}`}
      </h3>
      <p>
        {isByTheBook ? (
          <span className="figure-text text-3xl">as the book says</span>
        ) : (
          <>
            wants{' '}
            <span className="figure-text text-3xl">
              {volts} {side}
            </span>{' '}
            than the book
          </>
        )}{' '}
        <span className="text-sm text-ink-soft">
          (the next job {signed(low)} to {signed(high)} V, from {settings}) [our model]
        </span>
      </p>
      <DriftNote group={group} machineId={machineId} />
    </div>
  );
}

function Setting({ setting }: { readonly setting: KeptProvenSetting }) {
  const { units } = usePreferences();
  const { jobId, title, wire, wireFeedSpeedMPerMin, volts, offsetV, at } = setting;
  return (
    <li className="border-b border-line last:border-b-0">
      <Link
        to={`/jobs/${jobId}`}
        className="flex min-h-11 flex-wrap items-center gap-x-3 hover:text-action hover:underline"
      >
        ● {title}:{' '}
        <span className="font-medium">
          {withUnit('wireFeedSpeed', wireFeedSpeedMPerMin, units)}, {volts.toFixed(1)} V
        </span>
        <span className="text-sm text-ink-soft">
          {Math.abs(offsetV).toFixed(1)} V {offsetV < 0 ? 'under' : 'over'} the book, with{' '}
          {wireSizeText(wire.diameterMm, units)} {wire.wireClass}, {format(new Date(at), 'd MMM yyyy')}
        </span>
      </Link>
    </li>
  );
}

/** The settings that it rests on, the last first. */
function Settings({ machineId }: { readonly machineId: string }) {
  const proven = useInfiniteQuery(provenQuery(machineId));
  if (proven.error) return <LoadError error={proven.error} />;
  return (
    <>
      <ul>
        {proven.data?.pages
          .flatMap(({ items }) => items)
          .map((setting) => (
            <Setting key={setting.id} setting={setting} />
          ))}
      </ul>
      {proven.hasNextPage && (
        <Button disabled={proven.isFetchingNextPage} onClick={() => void proven.fetchNextPage()}>
          Show more
        </Button>
      )}
    </>
  );
}

function LoadError({ error }: { readonly error: Error }) {
  return <Wrong>This could not be loaded. {error.message}</Wrong>;
}

/** What test beads proved on this machine, and by how much it differs from the book. */
export function LearnedSection({ machine }: { readonly machine: KeptMachine }) {
  const learning = useQuery(learningQuery);
  const groups = learning.data?.[machine.id] ?? [];
  return (
    <Section id="learned" title="What its beads taught" className="grid grid-cols-1 content-start gap-3">
      {learning.error && <LoadError error={learning.error} />}
      {learning.data && groups.length === 0 && (
        <p>
          Nothing yet. A job that names this machine and is dialled in to the end proves a setting; its lid
          chart and plans then follow it.
        </p>
      )}
      {groups.map((group) => (
        <Group
          machineId={machine.id}
          key={`${group.wire.wireClass} ${group.wire.diameterMm} ${group.gas} ${group.mode}`}
          group={group}
          all={groups}
        />
      ))}
      {groups.length > 0 && <Settings machineId={machine.id} />}
    </Section>
  );
}
