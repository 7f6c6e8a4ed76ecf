export interface LineExpectation {
  readonly understood?: Readonly<Record<string, unknown>>;
  readonly absent?: readonly string[];
  readonly visible?: readonly string[];
  readonly orVisible?: readonly string[];
  readonly anyOf?: readonly Readonly<Record<string, unknown>>[];
  /** Part of a refusal's code, or whether it is refused at all. */
  readonly refused?: string | boolean;
  readonly orRefused?: string;
}

export interface JudgedLine {
  readonly say: string;
  readonly unit?: 'mm' | 'in';
  readonly expect: LineExpectation;
}

export type LineVerdict = 'right' | 'proper' | 'asked' | 'misread' | 'silent';

export function misses(
  got: Readonly<Record<string, unknown>>,
  want: Readonly<Record<string, unknown>>,
): string[];

export function judged(
  report: object,
  expect: LineExpectation,
): { readonly kind: LineVerdict; readonly bad: string[] };
