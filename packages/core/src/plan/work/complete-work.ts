import { amount } from '../../base/words/amount.ts';
import { joined, type Phrase, words } from '../../base/words/words.ts';
import { asWelded } from '../bead/joint-section.ts';
import { metalName } from '../../trade/material/base-metal.ts';
import {
  gaugeTableFor,
  JOINT_NAME,
  POSITION_NAME,
  PROFILE_NAME,
  type Work,
} from '../../trade/material/work.ts';
import type { StatedWork } from './stated-work.ts';

/** Slots of a job that {@link completeWork} may fill. */
export type AssumedSlot = 'metal' | 'joint' | 'position' | 'surface' | 'place' | 'windy';

export interface CompletedWork {
  readonly work: Work;
  /** Which slots were filled by assumption, to be shown as such. */
  readonly assumed: readonly AssumedSlot[];
}

/** What is taken for granted until it is said. Source: common practice. */
export const USUAL_WORK = {
  metal: 'carbon-steel',
  joint: 'butt',
  position: 'flat',
  surface: 'clean',
  place: 'indoors',
  windy: false,
} as const satisfies Partial<Work>;

/**
 * Joint that is taken for granted: a leg or a throat, and a tube or section set on a plate, mean a fillet; else a butt.
 *
 * @source common practice
 */
function usualJoint({ legMm, throatMm, product, otherProduct }: StatedWork): Work['joint'] {
  const sized = legMm !== undefined || throatMm !== undefined;
  const isHollow = (one: StatedWork['product']): boolean => one === 'tube' || one === 'section';
  const onPlate =
    (isHollow(product) && otherProduct === 'plate') || (product === 'plate' && isHollow(otherProduct));
  return sized || onPlate ? 'tee' : USUAL_WORK.joint;
}

/**
 * A complete work from what was said, with the usual values for the rest; undefined without a thickness.
 *
 * @example
 * completeWork({ thicknessMm: 3 }).work.metal // 'carbon-steel'
 * completeWork({ joint: 'tee' }) // undefined
 */
export function completeWork(stated: StatedWork): CompletedWork | undefined {
  if (stated.thicknessMm === undefined) return undefined;
  const place = stated.place ?? (stated.windy === true ? 'outdoors' : USUAL_WORK.place);
  const slots: readonly AssumedSlot[] = ['metal', 'joint', 'position', 'surface', 'place', 'windy'];
  return {
    work: asWelded({
      metal: stated.metal ?? USUAL_WORK.metal,
      alloy: stated.alloy,
      otherMetal: stated.otherMetal,
      otherAlloy: stated.otherAlloy,
      product: stated.product,
      otherProduct: stated.otherProduct,
      thicknessMm: stated.thicknessMm,
      otherThicknessMm: stated.otherThicknessMm,
      joint: stated.joint ?? usualJoint(stated),
      position: stated.position ?? USUAL_WORK.position,
      surface: stated.surface ?? USUAL_WORK.surface,
      place,
      windy: stated.windy ?? USUAL_WORK.windy,
      priorities: stated.priorities,
      circumstances: stated.circumstances,
      profile: stated.profile,
      outsideMm: stated.outsideMm,
      seamMm: stated.seamMm,
      numberOff: stated.numberOff,
      stitchMm: stated.stitchMm,
      pitchMm: stated.pitchMm,
      legMm: stated.legMm,
      throatMm: stated.throatMm,
      sides: stated.sides,
      passes: stated.passes,
      gapMm: stated.gapMm,
      backing: stated.backing,
      thirdMember: stated.thirdMember,
    }),
    assumed: slots.filter((slot) => stated[slot] === undefined),
  };
}

/**
 * A job's title: "3 mm carbon steel tee, flat".
 *
 * @example
 * workTitle({ metal: 'carbon-steel', thicknessMm: 3, joint: 'tee', position: 'flat' }).code // '{0} {1} {2}, {3}'
 */
export function workTitle(work: TitledWork): Phrase {
  const { thicknessMm, otherThicknessMm, outsideMm } = work;
  const plates = [thicknessMm, ...(otherThicknessMm === undefined ? [] : [otherThicknessMm])];
  const thick = amount.thickness(plates, 'as-given', {
    between: ' on ',
    gauges: gaugeTableFor(work.metal, work.product),
  });
  const shape = work.profile === undefined ? work.product : PROFILE_NAME[work.profile];
  const outside =
    outsideMm === undefined || shape === undefined
      ? ''
      : amount.distance(outsideMm.map(tidied), 'as-given', { between: '×' });
  const products = joined(
    [shape === undefined ? '' : joined([outside, shape]), work.otherProduct ?? ''],
    ' to ',
  );
  const second = work.otherMetal === undefined ? '' : metalName(work.otherMetal, work.otherAlloy);
  const metals = joined([metalName(work.metal, work.alloy), second], ' to ');
  const what = joined([metals, products]);
  return words`${thick} ${what} ${JOINT_NAME[work.joint]}, ${POSITION_NAME[work.position]}`;
}

type TitledWork = Pick<Work, 'metal' | 'thicknessMm' | 'joint' | 'position'> & Partial<Work>;

/** A size as it is said: hundredths of a millimetre are the noise of a conversion. */
const tidied = (mm: number): number => Number(mm.toFixed(2));
