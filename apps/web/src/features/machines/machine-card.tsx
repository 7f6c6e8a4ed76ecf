import type { KeptMachine } from '@hot-bead/contract';
import { gasOf } from '@hot-bead/core';
import { wireSizeText } from '../units/index.ts';

/** One machine and what is on it now. */
export function MachineCard({ machine }: { readonly machine: KeptMachine }) {
  const { name, loadedWireClass, loadedWireDiameterMm, loadedGas, currentRangeA } = machine;
  return (
    <li className="rounded-md border border-line bg-plate p-4">
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
      </dl>
    </li>
  );
}
