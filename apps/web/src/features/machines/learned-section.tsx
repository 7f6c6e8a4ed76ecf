import type { KeptMachine, KeptProvenSetting } from '@hot-bead/contract';
import { gasOf, LEARNED_WORTH_SAYING_V, learnedOffset, MODE_NAME } from '@hot-bead/core';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { usePreferences } from '../../app/preferences.tsx';
import { wireSizeText, withUnit } from '../units/index.ts';
import { provenQuery } from './machines.queries.ts';

/** Settings with the same wire, gas and transfer: they teach together. */
function groupsOf(proven: readonly KeptProvenSetting[]): readonly (readonly KeptProvenSetting[])[] {
  const key = ({ wire, gas, mode }: KeptProvenSetting): string =>
    `${wire.wireClass} ${wire.diameterMm} ${gas} ${mode}`;
  const keys = [...new Set(proven.map(key))];
  return keys.map((k) => proven.filter((setting) => key(setting) === k));
}

const signed = (volts: number): string => `${volts < 0 ? '−' : '+'}${Math.abs(volts).toFixed(1)}`;

function Group({ settings }: { readonly settings: readonly KeptProvenSetting[] }) {
  const { units } = usePreferences();
  const [first] = settings;
  const learned = first && learnedOffset(settings, first);
  if (!first || !learned) return null;
  const { start, low, high } = learned.offsetV;
  const { wire, gas, mode } = first;
  return (
    <div>
      <h3 className="font-semibold">
        {wireSizeText(wire.diameterMm)} {wire.wireClass}, {gasOf(gas).name}
        {mode === 'own' ? '' : `, ${MODE_NAME[mode]}`}
      </h3>
      <p>
        {Math.abs(start) < LEARNED_WORTH_SAYING_V ? (
          <span className="figure-text text-3xl">as the book says</span>
        ) : (
          <>
            wants{' '}
            <span className="figure-text text-3xl">
              {Math.abs(start).toFixed(1)} V {start < 0 ? 'less' : 'more'}
            </span>{' '}
            than the book
          </>
        )}{' '}
        <span className="text-sm text-ink-soft">
          ({signed(low)} to {signed(high)} V, from {learned.settings}{' '}
          {learned.settings === 1 ? 'setting' : 'settings'}) [our model]
        </span>
      </p>
      <ul>
        {settings.map(({ jobId, title, wireFeedSpeedMPerMin, volts, offsetV }) => (
          <li key={jobId} className="border-b border-line last:border-b-0">
            <Link
              to={`/jobs/${jobId}`}
              className="flex min-h-11 flex-wrap items-center gap-x-3 hover:text-action hover:underline"
            >
              ● {title}:{' '}
              <span className="font-medium">
                {withUnit('wireFeedSpeed', wireFeedSpeedMPerMin, units)}, {volts.toFixed(1)} V
              </span>
              <span className="text-sm text-ink-soft">
                {Math.abs(offsetV).toFixed(1)} V {offsetV < 0 ? 'under' : 'over'} the book
              </span>
            </Link>
          </li>
        ))}
      </ul>
    </div>
  );
}

/** What test beads proved on this machine, and by how much it differs from the book. */
export function LearnedSection({ machine }: { readonly machine: KeptMachine }) {
  const proven = useQuery(provenQuery);
  const own = (proven.data ?? []).filter(({ machineName }) => machineName === machine.name);
  return (
    <section
      aria-labelledby="learned"
      className="grid grid-cols-1 content-start gap-3 rounded-md border border-line bg-plate p-4"
    >
      <h2 id="learned" className="text-lg font-semibold">
        What its beads taught
      </h2>
      {proven.error && (
        <p role="alert" className="text-hot">
          This could not be loaded. {proven.error.message}
        </p>
      )}
      {proven.data && own.length === 0 && (
        <p>
          Nothing yet. A job that names this machine and is dialled in to the end proves a setting; its lid
          chart and plans then follow it.
        </p>
      )}
      {groupsOf(own).map((settings) => (
        <Group key={settings[0]?.jobId} settings={settings} />
      ))}
    </section>
  );
}
