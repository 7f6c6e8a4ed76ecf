import { amount } from '../../base/words/amount.ts';
import { joined, words, type Words } from '../../base/words/words.ts';
import type { WireDiameterMm } from '../../trade/wire/wire-diameter.ts';
import type { WireClass } from '../../trade/wire/wire-class.ts';
import type { WireClassChoice } from '../way/wire-class-of-way.ts';
import { carriesOn, firstChoiceSize, type SizeUse } from './wire-size.ts';

export interface WireChoice {
  readonly wireClass: WireClass;
  readonly diameterMm: WireDiameterMm;
  readonly origin: 'asked' | 'loaded' | 'shelf' | 'assumed';
  readonly why: Words;
}

/** The wire to plan with: asked, else loaded when the work is in its range, else on the shelf, else first choice. */
export function chooseWire(use: SizeUse, chosen: WireClassChoice): WireChoice {
  const { resources } = use.context;
  const { machine } = resources;
  const wireClass = chosen.wireClass;
  if (resources.wireDiameterMm !== undefined) {
    return { wireClass, diameterMm: resources.wireDiameterMm, origin: 'asked', why: 'The wire you named.' };
  }
  const loaded = machine !== undefined && machine.loadedWireClass === wireClass;
  if (loaded && carriesOn(use, machine.loadedWireDiameterMm)) {
    const why = `It is on ${machine.name} and the work is in its range.`;
    return { wireClass, diameterMm: machine.loadedWireDiameterMm, origin: 'loaded', why };
  }
  const onShelf = (resources.shelf?.wires ?? []).find(
    (wire) => wire.wireClass === wireClass && carriesOn(use, wire.diameterMm),
  );
  if (onShelf) {
    const why = 'It is on the shelf and the work is in its range.';
    return { wireClass, diameterMm: onShelf.diameterMm, origin: 'shelf', why };
  }
  const diameterMm = firstChoiceSize(use);
  const other = loaded && machine.loadedWireDiameterMm !== diameterMm;
  const why = other
    ? words`${amount.wireSize(machine.loadedWireDiameterMm)} on ${machine.name} is out of its range here; ${amount.wireSize(diameterMm)} fits.`
    : joined([chosen.origin === 'assumed' ? chosen.why : '', 'The first choice for this work.']);
  return { wireClass, diameterMm, origin: 'assumed', why };
}
