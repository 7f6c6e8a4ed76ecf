import type { WeightName } from '../hand-weights.ts';
import { meaningOf, type Token } from '../meaning.ts';
import type { Role } from './candidates.ts';
import { type Figure, has, headOf, type Scene } from './scene.ts';

/** A thickness of the line: an open figure that was taken as one, or the wall of a section. */
interface Thick {
  readonly index: number;
  readonly mm: number;
  readonly section: string | undefined;
  readonly part: 1 | 2 | undefined;
  readonly wireLike: boolean;
}

/** Thicknesses by the roles given to the open figures, in the order of the line. */
export function thicknessesOf(scene: Scene, roles: ReadonlyMap<number, Role>): readonly Thick[] {
  return scene.tokens.flatMap((token, index): Thick[] => {
    const meaning = meaningOf(token, 'length');
    if (!meaning || scene.noted.has(index)) return [];
    const isFixed = meaning.fixed === 'thickness';
    if (!isFixed && roles.get(index) !== 'thickness') return [];
    const figure = scene.figures.find((f) => f.index === index);
    const { form, value } = meaning.length;
    const mm = form === 'gauge' || form === 'swg' ? -value : form === 'inch' ? value * 25.4 : value;
    return [
      {
        index,
        mm,
        section: meaning.section,
        part: meaning.part,
        wireLike: figure?.wireMm !== undefined && (meaning.length.inchDecimal || /[.,]/.test(token.text)),
      },
    ];
  });
}

/** Whether "to", "on" or "x" stands between two places of the line; a sign only where it touches both. */
export function isJoined({ tokens, noted }: Scene, from: number, to: number): boolean {
  for (let i = from + 1; i < to; i += 1) {
    const connector = meaningOf(tokens[i], 'connector');
    if (!connector || noted.has(i)) continue;
    // `mill scale on`, and the cross before a wall: `40 mm box x 2.5 wall`
    if (has(tokens[i - 1], 'surface') && /^on$/i.test(tokens[i]?.text ?? '')) continue;
    if (/^[x×]$/i.test(tokens[i]?.text ?? '') && has(tokens[i + 2], 'thick-word')) continue;
    if (connector.sign !== true || (i === from + 1 && i === to - 1)) return true;
    // `PL 10 + PL 12`, `5 plate / 8 flat`: a sign between two parts that are named
    if (has(tokens[i - 1], 'product') || has(tokens[i + 1], 'product') || has(tokens[i - 1], 'length'))
      return true;
  }
  return false;
}

function pairTerms(scene: Scene, a: Thick, b: Thick): WeightName[] {
  const { tokens } = scene;
  const between = tokens.slice(a.index + 1, b.index);
  if (a.part !== undefined && b.part !== undefined) return ['pairKeyed'];
  if (isJoined(scene, a.index, b.index)) {
    const parting = tokens
      .slice(a.index + 1, b.index + 1)
      .filter(
        (token, i) =>
          (i > 0 && token.pause === true) ||
          (has(token, 'joint') && i < between.length) ||
          (has(token, 'position') && i < between.length) ||
          (has(token, 'gas') && i < between.length),
      ).length;
    const touching = between.length === 1;
    return [
      touching ? 'pairTouching' : 'pairJoined',
      ...Array.from({ length: Math.min(parting, 2) }, () => 'pairParted' as const),
    ];
  }
  const [headA, headB] = [headOf(scene, a.index), headOf(scene, b.index)];
  const own = (thick: Thick, head: typeof headA): string | undefined =>
    thick.section ?? (head && head.kind !== 'wire' && head.kind !== 'fillet' ? `${head.kind}` : undefined);
  const [ownA, ownB] = [own(a, headA), own(b, headB)];
  const comma = tokens.slice(a.index + 1, b.index + 1).some(({ pause }) => pause === true);
  const equal: WeightName[] = Math.abs(a.mm - b.mm) < 1e-6 ? ['pairEqual'] : [];
  if (ownA !== undefined && ownB !== undefined && headA?.index !== headB?.index)
    return [a.section !== undefined || b.section !== undefined ? 'pairSection' : 'pairOwnHeads', ...equal];
  if (a.section !== undefined || b.section !== undefined) return ['pairSectionLoose', ...equal];
  if (between.length === 1 && has(between[0], 'unknown')) return ['pairUnknown', ...equal];
  const wireLike: WeightName[] = a.wireLike || b.wireLike ? ['pairWireLike'] : [];
  if (between.length === 0)
    return ['pairAdjacent', ...(comma ? (['pairComma'] as const) : []), ...wireLike, ...equal];
  return ['pairLoose', ...wireLike, ...equal];
}

function isOutside(token: Token): boolean {
  return meaningOf(token, 'measure')?.slots.some(({ slot }) => slot === 'outsideMm') === true;
}

function thicknessTerms(scene: Scene, thick: readonly Thick[], roles: readonly Role[]): WeightName[] {
  if (thick.length === 0) {
    const open = scene.tokens.find((token, i) => has(token, 'wall-open') && !scene.noted.has(i));
    if (scene.either.thickness || scene.tokens.some((token) => has(token, 'spread'))) return [];
    if (open) return [meaningOf(open, 'wall-open')?.nominal === true ? 'noneNominal' : 'noneOpen'];
    if (roles.length === 0 && !scene.tokens.some(isOutside)) return ['noneUnsaid'];
    return [roles.some((role) => role === 'outside') || scene.tokens.some(isOutside) ? 'noneOpen' : 'none'];
  }
  const terms: WeightName[] = scene.either.thickness ? ['pairLoose'] : [];
  for (const [i, one] of thick.entries()) {
    const last = thick[i - 1];
    if (!last) continue;
    if (i === 1) terms.push(...pairTerms(scene, last, one));
    else {
      const repeats =
        one.section !== undefined && thick.slice(0, i).some((t) => Math.abs(t.mm - one.mm) < 1e-6);
      terms.push(repeats ? 'repeatedSection' : 'thirdThickness');
    }
  }
  return terms;
}

/** What the roles of a line cost together: how two thicknesses are tied, and what would be too many. */
export function jointTerms(scene: Scene, roles: ReadonlyMap<number, Role>): readonly WeightName[] {
  const thick = thicknessesOf(scene, roles);
  const terms = thicknessTerms(scene, thick, [...roles.values()]);
  const of = (role: Role): Figure[] => scene.figures.filter(({ index }) => roles.get(index) === role);
  const wires = of('wire').length + of('unknown-wire').length + (scene.either.wire ? 1 : 0);
  for (let extra = 1; extra < wires; extra += 1) terms.push('secondWire');
  const jointTokens = scene.tokens.filter(
    (token, i) =>
      !scene.noted.has(i) && meaningOf(token, 'measure')?.slots.some(({ slot }) => slot === 'legMm') === true,
  ).length;
  const legs = of('leg').length + jointTokens;
  for (let extra = 1; extra < legs; extra += 1) terms.push('secondLeg');
  const known = thick.filter(({ mm }) => mm > 0).map(({ mm }) => mm);
  const thickest = known.length === 0 ? undefined : Math.max(...known);
  if (thickest !== undefined) {
    for (const { roughMm } of of('leg')) if (roughMm > 2 * thickest + 2) terms.push('legTooBig');
    for (const { wireMm = 0 } of of('wire')) {
      if (wireMm > thickest) terms.push('wireOver');
      if (wireMm > 1.5 * thickest) terms.push('wireFarThicker');
      else if (wireMm > thickest + 0.4) terms.push('wireThicker');
    }
    for (const { roughMm, length } of of('outside')) {
      if (roughMm <= 2 * thickest && length.form !== 'bare') terms.push('outsideTooSmall');
      if (thick.every(({ wireLike }) => wireLike)) terms.push('outsideWireLike');
    }
  }
  for (let extra = 1; extra < of('outside').length; extra += 1) terms.push('secondOutside');
  return terms;
}
