import { words } from '../../../base/words/words.ts';
import type { WrittenLength } from '../../../base/quantity/length-text.ts';
import type { Meaning } from '../../meaning.ts';
import type { WeightName } from '../../hand-weights.ts';
import type { Edge, LineText } from '../edge.ts';
import { isPipeOutsideMm } from '../pipe-table.ts';
import { flatProduct, hollow, type Shape } from './shapes.ts';
import { outsideMeaning, outsideMm, type Sizes, wallOf } from './sizes.ts';

export function productOf(shape: Shape): Meaning {
  return {
    kind: 'product',
    product: shape.product,
    ...(shape.profile === undefined ? {} : { profile: shape.profile }),
  };
}
export interface Named {
  readonly shape: Shape | undefined;
  /** Named by letters glued before it, or right behind. */
  readonly close: boolean;
}

export function edge(end: number, weights: readonly WeightName[], ...meanings: readonly Meaning[]): Edge {
  return { end, meanings, terms: weights };
}
export function threeSizes(sizes: Sizes, inches: boolean, end: number, { shape }: Named): Edge[] {
  const [a, b, c] = sizes.items as [WrittenLength, WrittenLength, WrittenLength];
  const mm = sizes.items.map((item) => outsideMm(item, inches) ?? 0) as [number, number, number];
  const edges: Edge[] = [];
  const least = Math.min(...mm);
  const at = mm.indexOf(least);
  const others = mm.filter((_, i) => i !== at);
  if (flatProduct(shape) || (!hollow(shape) && others.every((value) => value >= 6 * least))) {
    const isPlate = others.every((value) => value >= 6 * least);
    edges.push(
      edge(
        end,
        [
          flatProduct(shape) ? 'sectionNamed' : 'sectionPlate',
          ...(isPlate ? [] : (['sectionOddWall'] as const)),
        ],
        wallOf(sizes.items[at] as WrittenLength, inches, 'plate'),
        ...(shape ? [productOf(shape)] : []),
      ),
    );
  }
  if (!flatProduct(shape)) {
    const odd =
      mm[2] > Math.min(mm[0], mm[1]) / 2
        ? 'sectionOddWall'
        : mm[2] > Math.min(mm[0], mm[1]) / 3
          ? 'sectionThickWall'
          : undefined;
    edges.push(
      edge(
        end,
        [shape ? 'sectionNamed' : 'sectionThree', ...(odd ? [odd] : [])] as WeightName[],
        wallOf(c, inches, 'tube'),
        ...outsideMeaning([outsideMm(a, inches), outsideMm(b, inches)]),
        productOf(shape ?? { product: 'tube' }),
      ),
    );
  }
  return edges;
}

export function fourSizes(sizes: Sizes, inches: boolean, end: number, { shape }: Named): Edge[] {
  const [a, b, c, d] = sizes.items as [WrittenLength, WrittenLength, WrittenLength, WrittenLength];
  const [, , mm3 = 0, mm4 = 0] = sizes.items.map((item) => outsideMm(item, inches) ?? 0);
  const wall = mm4 < mm3 ? d : c;
  const lipped = mm4 < mm3;
  return [
    edge(
      end,
      [shape ? 'sectionNamed' : 'sectionThree'],
      wallOf(wall, inches, 'tube'),
      ...outsideMeaning([outsideMm(a, inches), outsideMm(b, inches)]),
      productOf(shape ?? (lipped ? { product: 'section', profile: 'channel' } : { product: 'tube' })),
    ),
  ];
}

/** Narrowest that a strip is, mm. Source: our tuning. */
const LEAST_STRIP_WIDTH_MM = 12;

export function twoSizes(
  line: LineText,
  sizes: Sizes,
  inches: boolean,
  end: number,
  { shape, close }: Named,
): Edge[] {
  const [a, b] = sizes.items as [WrittenLength, WrittenLength];
  const [mmA, mmB] = [outsideMm(a, inches) ?? 0, outsideMm(b, inches) ?? 0];
  const ratio = mmA / mmB;
  const gauged = b.form === 'gauge' || b.form === 'swg';
  const edges: Edge[] = [];
  const isPipe = isPipeOutsideMm(mmA) && ratio >= 3 && mmA > 20;
  if (hollow(shape) || isPipe) {
    const least = close ? 3 : 4;
    if (ratio >= least || gauged || isPipe)
      edges.push(
        edge(
          end,
          [shape ? 'sectionNamed' : 'sectionPipe'],
          wallOf(b, inches, 'tube'),
          ...outsideMeaning([mmA]),
          productOf(shape ?? { product: 'tube' }),
        ),
      );
    else if (hollow(shape))
      edges.push(
        edge(end, ['sectionNamed'], ...outsideMeaning([mmA, mmB]), productOf(shape as Shape), {
          kind: 'wall-open',
        }),
      );
  }
  if (flatProduct(shape) || !shape) {
    const [wide, thin, thinItem] = mmA >= mmB ? [mmA, mmB, b] : [mmB, mmA, a];
    const isStrip = wide / thin >= 3 && wide >= LEAST_STRIP_WIDTH_MM;
    const isSheetSize = shape?.product === 'sheet' || shape?.product === 'plate';
    if (
      isStrip &&
      (shape?.product === 'bar' || !isSheetSize || wide / thin >= 6) &&
      !(isSheetSize && thin > 26)
    ) {
      edges.push(
        edge(
          end,
          [shape?.product === 'bar' ? 'sectionNamed' : 'sectionStrip'],
          wallOf(thinItem, inches, 'plate'),
          ...(shape?.product === 'bar' || !shape ? outsideMeaning([wide]) : []),
          ...(shape ? [productOf(shape)] : []),
        ),
      );
    }
    // `8x4 sheet`: feet or metres of the sheet, no thickness
    if (isSheetSize && b.form === 'bare' && a.form === 'bare' && !(wide / thin >= 6 && thin <= 26))
      edges.push(
        edge(end, ['sectionSheetSize'], {
          kind: 'measure',
          label: words`${line.text.slice(sizes.ends[0] ?? 0, end)} size of the sheet`,
          slots: [],
        }),
      );
  }
  // `5x3 ramp`: the size of what stands behind
  if (
    !shape &&
    a.form === 'bare' &&
    b.form === 'bare' &&
    Number.isInteger(a.value) &&
    Number.isInteger(b.value)
  )
    edges.push(
      edge(
        end,
        ['sectionThingSize'],
        { kind: 'measure', label: 'the size of what it is', slots: [] },
        { kind: 'thing-size' },
      ),
    );
  return edges;
}
