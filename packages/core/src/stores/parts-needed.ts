import { amount } from '../base/words/amount.ts';
import { words, type Words } from '../base/words/words.ts';
import { type Attributes } from '../machine/rig-state/rig-fact.ts';
import { rigSize, takesSize } from '../changeover/machine-rig.ts';
import type { Machine } from '../machine/machine.ts';
import { rigValueText } from '../machine/rig-state/rig-attribute.ts';
import { isUsedUp, type Part, type StockItem } from './stock-item.ts';

/** A part that a changeover takes, and whether it is at hand; undefined: nobody counted any such. */
export interface PartNeeded {
  readonly step: string;
  readonly what: Words;
  readonly atHand: boolean | undefined;
}

type Finder = (need: Attributes, machine: Machine, stock: readonly StockItem[]) => PartNeeded | undefined;

/** Whether there is some of what fits; undefined where none of the sort is kept at all. */
function held<T extends StockItem>(sort: readonly T[], fits: (one: T) => boolean): boolean | undefined {
  if (sort.length === 0) return undefined;
  return sort.some((one) => !isUsedUp(one) && fits(one));
}

function partsOf(stock: readonly StockItem[], part: Part['part']): readonly Part[] {
  return stock.filter((item): item is Part => item.kind === 'part' && item.part === part);
}

const sizeIs = (mm: number | undefined, size: string | undefined): boolean =>
  mm === undefined || size === undefined || rigSize(mm) === size;

const sizeText = (size: string | undefined): Words =>
  size === undefined ? '' : words`${amount.wireSize(Number(size))}`;

function spool(step: string, alloy: string | undefined, size: string | undefined, small: boolean): Finder {
  return (_need, _machine, stock) => {
    const spools = stock.filter((item) => item.kind === 'spool');
    const fits = spools.filter((one) => one.size === undefined || (one.size === 'D100') === small);
    const word = small ? words`, ${amount.distance(100)} spool` : '';
    return {
      step,
      what: words`${sizeText(size)} ${alloy ?? ''}${word}`,
      atHand:
        spools.length === 0
          ? undefined
          : fits.some((one) => !isUsedUp(one) && one.wireClass === alloy && sizeIs(one.diameterMm, size)),
    };
  };
}

/** What each step that fits a part takes. */
const FINDERS: Readonly<Record<string, Finder>> = {
  'spool-on': (need, machine, stock) =>
    spool('spool-on', need['spoolAlloy'], need['spoolDia'], false)(need, machine, stock),
  'sg-spool': (need, machine, stock) =>
    spool('sg-spool', need['sgSpoolAlloy'], need['sgSpoolDia'], true)(need, machine, stock),
  'rolls-on': ({ rollsForm = '', rollsGroove = '' }, { rolls }, stock) => {
    const onMachine = rolls?.some(
      ({ form, grooveMm }) => form === rollsForm && sizeIs(grooveMm, rollsGroove),
    );
    const inStores = held(
      partsOf(stock, 'roll'),
      (one) => one.rollForm === rollsForm && sizeIs(one.forMm, rollsGroove),
    );
    return {
      step: 'rolls-on',
      what: words`rolls: ${rigValueText('rollsForm', rollsForm)} ${sizeText(rollsGroove)}`,
      atHand: onMachine === true || inStores === true ? true : (onMachine ?? inStores),
    };
  },
  'liner-in': ({ linerMaterial = '', linerBore = '' }, _machine, stock) => ({
    step: 'liner-in',
    what: words`${linerMaterial} liner for ${rigValueText('linerBore', linerBore)}`,
    atHand: held(
      partsOf(stock, 'liner'),
      ({ liner, forMm }) =>
        (liner === undefined || liner === linerMaterial) &&
        (forMm === undefined || takesSize(linerBore, forMm)),
    ),
  }),
  'neck-liner': ({ neckLiner }, _machine, stock) =>
    neckLiner === 'bronze'
      ? {
          step: 'neck-liner',
          what: 'bronze neck liner',
          atHand: held(partsOf(stock, 'neck-liner'), () => true),
        }
      : undefined,
  'tip-on': ({ tipBore, tipAluminium }, _machine, stock) => ({
    step: 'tip-on',
    what: words`${sizeText(tipBore)} tip${tipAluminium === 'yes' ? ' marked for aluminium' : ''}`,
    atHand: held(
      partsOf(stock, 'tip'),
      (one) => sizeIs(one.forMm, tipBore) && (one.forAluminium === true) === (tipAluminium === 'yes'),
    ),
  }),
  'cyl-place': ({ gas }, _machine, stock) => ({
    step: 'cyl-place',
    what: words`cylinder of ${gas ?? ''}`,
    atHand: held(
      stock.filter((item) => item.kind === 'cylinder'),
      (one) => one.gas === gas,
    ),
  }),
};

/**
 * Parts that the steps of a changeover take.
 *
 * @param steps ids of the steps
 */
export function partsNeeded(
  steps: readonly string[],
  need: Attributes,
  machine: Machine,
  stock: readonly StockItem[],
): readonly PartNeeded[] {
  return steps.flatMap((id) => FINDERS[id]?.(need, machine, stock) ?? []);
}
