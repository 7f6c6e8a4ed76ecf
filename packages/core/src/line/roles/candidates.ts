import type { WeightName } from '../hand-weights.ts';
import { meaningOf, type Token } from '../meaning.ts';
import {
  before,
  behind,
  type Figure,
  has,
  type Head,
  headOf,
  isFigure,
  isFillet,
  isLegMm,
  isOwned,
  type Scene,
} from './scene.ts';

/** What a figure of the line can be. */
export type Role = 'thickness' | 'wire' | 'unknown-wire' | 'leg' | 'outside' | 'off' | 'belongs' | 'unclear';

export interface Candidate {
  readonly role: Role;
  readonly terms: readonly WeightName[];
}

/** Thickest a wire can be, mm: a small figure beside a wire is its size, known or not. Source: our tuning. */
const WIRE_MOST_MM = 3.3;
const USUAL_RANGE_MM = [0.45, 25.5] as const;

function isBare({ length }: Figure): boolean {
  return length.form === 'bare';
}

function isBareInteger(figure: Figure): boolean {
  return isBare(figure) && Number.isInteger(figure.length.value) && !/[.,]/.test(figure.token.text);
}

/** A decimal of an inch that wire is sold in: `.035`. */
function isWireDecimal({ length, wireMm }: Figure): boolean {
  return length.inchDecimal && wireMm !== undefined;
}

function formTerm(figure: Figure): WeightName {
  const { length, token } = figure;
  switch (length.form) {
    case 'mm':
      return 'tMm';
    case 'inch':
      return length.inchDecimal ? 'tInchDecimal' : 'tInch';
    case 'gauge':
      return 'tGauge';
    case 'swg':
      return 'tSwg';
    case 'thou':
      return 'tThou';
    case 'mil':
      return 'tMil';
    default:
      if (/[.,]/.test(token.text)) return 'tBareDecimal';
      return length.value <= 7 ? 'tBareSmall' : 'tBareLarge';
  }
}

function rangeTerms(figure: Figure): WeightName[] {
  const { roughMm, length } = figure;
  if (roughMm >= USUAL_RANGE_MM[0] && roughMm <= USUAL_RANGE_MM[1]) return [];
  if (length.form === 'bare') return [roughMm > 60 ? 'tFarOut' : 'tOut'];
  return [roughMm <= 40 && roughMm > 0 ? 'tJustOut' : 'tOut'];
}

/** Whether "thick" or "wall" beside a figure is its own: between two figures it is the left one's. */
export function isCalledThick(scene: Scene, { index }: Figure): boolean {
  const isThick = (token: Token | undefined): boolean => has(token, 'thick-word');
  const next = behind(scene, index);
  if (/^(?:webs?|flanges?)$/i.test(next?.text ?? '')) return true;
  if (isThick(next)) {
    const led = has(before(scene, index), 'wire-word') && isFigure(behind(scene, index, 2));
    return !led;
  }
  if (has(next, 'filler-word') && isThick(behind(scene, index, 2))) return true;
  const last = before(scene, index);
  if (!isThick(last)) return false;
  const owner = before(scene, index, 2);
  const led = has(before(scene, index, 3), 'wire-word');
  return !isFigure(owner) || led;
}

/** Whether "wire" beside a figure is its own: in `sheet .8 wire .6` it leads the next one. */
function isCalledWire(scene: Scene, index: number): boolean {
  const isWireWord = (token: Token | undefined): boolean =>
    has(token, 'wire-word') || (has(token, 'way') && /wire$/i.test(token?.text ?? ''));
  const leads = (at: number): boolean => {
    const lead = before(scene, at, 2);
    return (
      isFigure(before(scene, at)) &&
      isFigure(behind(scene, at)) &&
      (has(lead, 'product') || has(lead, 'thick-word'))
    );
  };
  if (isWireWord(behind(scene, index))) return !leads(index + 1);
  if (has(behind(scene, index), 'filler-word') && has(behind(scene, index, 2), 'wire-word')) return true;
  if (!isWireWord(before(scene, index))) return false;
  return !isFigure(before(scene, index, 2)) || leads(index - 1);
}

function headTerms(figure: Figure, head: Head | undefined): WeightName[] {
  switch (head?.kind) {
    case 'flat-product':
      return ['tFlatHead', ...(isBareInteger(figure) && head.plural ? (['tBarePlural'] as const) : [])];
    case 'thing':
      if (isBareInteger(figure) && head.plural) return ['tBarePlural'];
      return [isBare(figure) ? 'tBareThingHead' : 'tThingHead'];
    case 'hollow': {
      const { roughMm, length } = figure;
      if (length.form === 'inch' && !length.inchDecimal && roughMm >= 12) return ['tHollowFar'];
      if (length.form === 'gauge' || length.form === 'swg' || length.form === 'inch') return [];
      return roughMm >= 16 ? ['tHollowFar'] : roughMm >= 10 ? ['tHollowNear'] : [];
    }
    case 'backing':
      return ['tBackingHead'];
    default:
      return [];
  }
}

/** A metal that is said by its alloy or its family; "steel" by itself says too little of the figure before it. */
function namesMetal(token: Token | undefined): boolean {
  const metal = meaningOf(token, 'metal');
  return metal !== undefined && (metal.alloy !== undefined || metal.metal !== 'carbon-steel');
}

function thickness(scene: Scene, figure: Figure, head: Head | undefined): Candidate {
  const { index } = figure;
  const terms: WeightName[] = [formTerm(figure), ...rangeTerms(figure), ...headTerms(figure, head)];
  if (figure.code) terms.push('tCode');
  else if (isWireDecimal(figure)) terms.push('tWireDecimal');
  if (isCalledThick(scene, figure)) terms.push('tThickWord');
  const [next, last] = [behind(scene, index), before(scene, index)];
  const isPartWord = has(last, 'product') || /^(?:web|flange)$/i.test(last?.text ?? '');
  if (isPartWord && !isOwned(scene, index - 1)) terms.push('tProductBefore');
  if (namesMetal(next) || (has(next, 'noted') && namesMetal(behind(scene, index, 2))))
    terms.push('tBeforeMetal');
  if (figure.length.fraction && figure.length.value < 0.06) terms.push('tFineFraction');
  if (isCalledWire(scene, index)) {
    if (has(next, 'wire-word')) terms.push('tWireBehind');
    else if (has(last, 'wire-word'))
      terms.push('tWireBefore', ...(figure.wireMm === undefined ? [] : (['tWireBeforeSized'] as const)));
  }
  if (isFillet(next)) terms.push('tBeforeFillet');
  // `2 x 10 mm plates`: so many of them
  if (isBareInteger(figure) && /^[x×]$/i.test(next?.text ?? '') && headOf(scene, index + 2)?.plural === true)
    terms.push('tBarePlural');
  return { role: 'thickness', terms };
}

function wireForm(figure: Figure): WeightName {
  const { length, token, code } = figure;
  if (code || length.inchDecimal) return 'wDecimal';
  if (length.fraction) return length.value < 0.06 ? 'wFineFraction' : 'wFraction';
  if (length.form === 'thou') return 'wDecimal';
  const decimal = /[.,]\d/.test(token.text);
  if (length.form === 'bare') return decimal ? 'wBareDecimal' : 'wWhole';
  return decimal ? 'wMmDecimal' : 'wMmWhole';
}

function wire(scene: Scene, figure: Figure, head: Head | undefined): Candidate | undefined {
  if (figure.wireMm === undefined) return undefined;
  const { index } = figure;
  const terms: WeightName[] = [wireForm(figure)];
  const around = [behind(scene, index), before(scene, index)];
  const wide = [...around, behind(scene, index, 2), before(scene, index, 2)];
  if (isCalledWire(scene, index)) terms.push('wWireWord');
  else if (wide.some((token) => has(token, 'wire-class')))
    terms.push(
      'wClass',
      ...(around.some((token) => has(token, 'wire-class')) ? (['wClassBeside'] as const) : []),
    );
  else if (around.some((token) => meaningOf(token, 'way')?.namesWire === true)) terms.push('wWay');
  if (isCalledThick(scene, figure)) terms.push('wThickWord');
  if (head?.kind === 'flat-product') terms.push('wFlatHead');
  if (head?.kind === 'hollow') terms.push('wHollowHead');
  if (around.some((token) => has(token, 'connector') && meaningOf(token, 'connector')?.sign !== true))
    terms.push('wConnector');
  return { role: 'wire', terms };
}

function unknownWire(scene: Scene, figure: Figure): Candidate | undefined {
  const { index, length, roughMm, wireMm } = figure;
  if (wireMm !== undefined || roughMm > WIRE_MOST_MM || isCalledThick(scene, figure)) return undefined;
  if (length.form === 'gauge' || length.form === 'swg') return undefined;
  const around = [behind(scene, index), before(scene, index)];
  if (around.some((token) => has(token, 'wire-word'))) return { role: 'unknown-wire', terms: ['uwWireWord'] };
  const beside = around.some(
    (token) => has(token, 'wire-class') || meaningOf(token, 'way')?.namesWire === true,
  );
  const odd =
    length.inchDecimal ||
    (scene.cored && length.fraction) ||
    (length.form === 'bare' && /[.,]\d/.test(figure.token.text));
  return beside && odd && scene.figures.length > 1
    ? { role: 'unknown-wire', terms: ['uwBeside'] }
    : undefined;
}

function leg(scene: Scene, figure: Figure): Candidate | undefined {
  const { index, length, roughMm } = figure;
  if (length.form === 'gauge' || length.form === 'swg' || figure.code || !isLegMm(roughMm)) return undefined;
  const last = before(scene, index);
  if (has(last, 'connector')) return undefined;
  const stitched =
    meaningOf(behind(scene, index), 'measure')?.slots.some(({ slot }) => slot === 'stitchMm') === true;
  if (stitched) return { role: 'leg', terms: ['legBeforeStitch'] };
  const afterProduct = has(last, 'product') && !isOwned(scene, index - 1);
  if (isFillet(behind(scene, index))) {
    const decimal = length.form === 'bare' && /[.,]/.test(figure.token.text);
    return {
      role: 'leg',
      terms: [
        decimal ? 'legBareDecimal' : 'legBeforeFillet',
        ...(afterProduct ? (['legAfterProduct'] as const) : []),
      ],
    };
  }
  if (isFillet(last)) {
    const drawn = /^c?fw/i.test(last?.text ?? '');
    return {
      role: 'leg',
      terms: [
        drawn ? 'legAfterSymbol' : 'legAfterFillet',
        ...(isBare(figure) ? [] : (['legAfterUnit'] as const)),
      ],
    };
  }
  return undefined;
}

function isOutside(token: Token | undefined): boolean {
  return meaningOf(token, 'measure')?.slots.some(({ slot }) => slot === 'outsideMm') === true;
}

function outside(scene: Scene, figure: Figure, head: Head | undefined): Candidate | undefined {
  const { length, roughMm } = figure;
  // its outside stands before it already: `60 OD x 3.2 pipe`
  if ([1, 2].some((steps) => isOutside(scene.tokens[figure.index - steps]))) return undefined;
  if (head?.kind !== 'hollow' || length.form === 'gauge' || length.form === 'swg' || length.inchDecimal)
    return undefined;
  const inchLike = length.form === 'bare' && roughMm < 10;
  if (roughMm < 5 && !inchLike) return undefined;
  const small = length.form === 'mm' && roughMm < 10;
  return {
    role: 'outside',
    terms: [inchLike ? 'outBareSmall' : 'outBeforeHollow', ...(small ? (['outSmall'] as const) : [])],
  };
}

function off(scene: Scene, figure: Figure, head: Head | undefined): Candidate | undefined {
  if (!isBareInteger(figure) || figure.length.value > 500 || figure.length.value < 1) return undefined;
  const next = behind(scene, figure.index);
  const countsParts = has(next, 'connector') && /^[x×]$/i.test(next?.text ?? '');
  if (countsParts && isFigure(behind(scene, figure.index, 2))) {
    const parts = headOf(scene, figure.index + 2);
    return { role: 'off', terms: parts?.plural === true ? ['offTimes'] : ['offTimes', 'offTimesLoose'] };
  }
  if (head?.plural === true && head.index === figure.index + 1) return { role: 'off', terms: ['offPlural'] };
  if (head?.plural === true && (head.kind === 'thing' || head.kind === 'flat-product'))
    return { role: 'off', terms: ['offPluralFar'] };
  return undefined;
}

/** A figure that belongs to the word beside it: `3/4 ton`, `8 lug`, `cat 1`. */
function belongs(scene: Scene, figure: Figure, head: Head | undefined): Candidate | undefined {
  const { index, length } = figure;
  const terms: WeightName[] = [];
  const [next, last] = [behind(scene, index), before(scene, index)];
  const size: 'Bare' | 'Inch' | 'Mm' = isBare(figure) ? 'Bare' : length.form === 'inch' ? 'Inch' : 'Mm';
  const gauge = length.form === 'gauge' || length.form === 'swg';
  if (head?.kind === 'backing') terms.push('nBacking');
  else if (has(next, 'unknown') || has(next, 'near-word')) terms.push(`nUnknown${size}`);
  else if (meaningOf(next, 'thing')?.sized === true) terms.push('nSized');
  else if (has(next, 'thing')) terms.push(`nThing${size}`);
  else if (has(next, 'noted') || has(next, 'circumstance')) terms.push(`nNoted${size}`);
  else if (/^[az]\s?=?\s?\d/i.test(next?.text ?? '')) terms.push(`nNoted${size}`);
  else if (has(last, 'unknown') || has(last, 'near-word')) terms.push(`nAfterUnknown${size}`);
  else if (has(last, 'thing') || has(last, 'noted')) terms.push(`nAfterThing${size}`);
  else return undefined;
  if (gauge) terms.push('nGauge');
  if (
    isWireDecimal(figure) ||
    (isBare(figure) && figure.wireMm !== undefined && /[.,]/.test(figure.token.text))
  )
    terms.push('nWireDecimal');
  if (has(last, 'connector')) terms.push('nAfterConnector');
  if (isCalledThick(scene, figure)) terms.push('nThickWord');
  if (size === 'Mm' && has(next, 'unknown') && isFigure(behind(scene, index, 2))) terms.push('nBetweenMm');
  return { role: 'belongs', terms };
}

/** Everything a figure can be here, with what each costs. */
export function candidatesOf(scene: Scene, figure: Figure): readonly Candidate[] {
  if (meaningOf(figure.token, 'length')?.fixed === 'wire')
    return [{ role: figure.wireMm === undefined ? 'unknown-wire' : 'wire', terms: [] }];
  const head = headOf(scene, figure.index);
  return [
    thickness(scene, figure, head),
    wire(scene, figure, head),
    unknownWire(scene, figure),
    leg(scene, figure),
    outside(scene, figure, head),
    off(scene, figure, head),
    belongs(scene, figure, head),
    { role: 'unclear' as const, terms: ['unclear' as const] },
  ].filter((candidate) => candidate !== undefined);
}
