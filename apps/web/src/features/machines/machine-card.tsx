import type { KeptMachine } from '@hot-bead/contract';
import { dialOf, gasOf } from '@hot-bead/core';
import { Link } from 'react-router';
import { wireSizeText } from '../units/index.ts';

function dialText({ wireControl, dialReadings }: KeptMachine): string {
  if (wireControl?.kind === 'units') return 'wire speed shown';
  const places = dialOf(dialReadings)?.points.length ?? 0;
  return places === 0 ? 'knob not measured' : `knob measured at ${places} places`;
}

/** One machine and what is on it now. */
export function MachineCard({ machine }: { readonly machine: KeptMachine }) {
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
            {wireSizeText(loadedWireDiameterMm)} {loadedWireClass}
          </dd>
          <dt className="label-text">gas</dt>
          <dd>{gasOf(loadedGas).name}</dd>
          <dt className="label-text">gives</dt>
          <dd>{currentRangeA ? `${currentRangeA[0]} to ${currentRangeA[1]} A` : 'not known'}</dd>
          <dt className="label-text">dial</dt>
          <dd>{dialText(machine)}</dd>
        </dl>
      </Link>
    </li>
  );
}
