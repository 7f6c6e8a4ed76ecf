import { usePreferences } from '../../preferences/preferences.tsx';
import { wireSizeText } from '@hot-bead/core/base';
import type { KeptMachine } from '@hot-bead/contract/machine';
import { gasOf } from '@hot-bead/core/trade';
import { Link } from 'react-router';
import { calibratedAt, isOld } from './calibration-age.ts';
import { agoText } from '../../ui/ago-text.ts';

function dialText({ wireControl, dialReadings }: KeptMachine): string {
  if (wireControl?.kind === 'units') return 'wire speed shown';
  if (wireControl?.kind === 'entry') return 'one entry sets both';
  const places = new Set(dialReadings.filter((r) => r.underArc !== true).map((r) => r.knob)).size;
  return places === 0 ? 'knob not measured' : `knob measured at ${places} places`;
}

/** How old each calibration is; an old one is marked. */
function Ages({ machine }: { readonly machine: KeptMachine }) {
  const { dial, volts, entry } = calibratedAt(machine);
  const now = new Date();
  const ages = [
    ['knob', dial],
    ['volts', volts],
    ['entry', entry],
  ] as const;
  const known = ages.flatMap(([name, date]) => (date ? [{ name, date }] : []));
  if (known.length === 0) return <>nothing measured yet</>;
  return (
    <>
      {known.map(({ name, date }, i) => (
        <span key={name} className={isOld(date, now) ? 'font-semibold' : ''}>
          {i > 0 && ', '}
          {isOld(date, now) && '◆ '}
          {name} {agoText(date, now)}
        </span>
      ))}
    </>
  );
}

/** One machine and what is on it now. */
export function MachineCard({ machine }: { readonly machine: KeptMachine }) {
  const { units } = usePreferences();
  const { id, name, loadedWireClass, loadedWireDiameterMm, loadedGas, currentRangeA } = machine;
  return (
    <li>
      <Link
        to={`/machines/${id}`}
        className="block h-full rounded-md border border-line bg-plate p-4 hover:border-action"
      >
        <h3 className="figure-text text-2xl">{name}</h3>
        <dl className="mt-2 grid grid-cols-[56px_1fr] gap-y-1">
          <dt className="label-text">wire</dt>
          <dd>
            {wireSizeText(loadedWireDiameterMm, units)} {loadedWireClass}
          </dd>
          <dt className="label-text">gas</dt>
          <dd>{gasOf(loadedGas).name}</dd>
          <dt className="label-text">gives</dt>
          <dd>{currentRangeA ? `${currentRangeA[0]} to ${currentRangeA[1]} A` : 'not known'}</dd>
          <dt className="label-text">dial</dt>
          <dd>{dialText(machine)}</dd>
          <dt className="label-text">read</dt>
          <dd>
            <Ages machine={machine} />
          </dd>
        </dl>
      </Link>
    </li>
  );
}
