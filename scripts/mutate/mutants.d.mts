export interface Mutant {
  readonly file: string;
  readonly line: number;
  readonly was: string;
  readonly text: string;
  readonly start: number;
  readonly end: number;
  readonly kind: 'number' | 'operator' | 'condition' | 'method';
}
export function mutantsOf(file: string, source: string): readonly Mutant[];
export function mutated(source: string, mutant: Mutant): string;
export function sampleOf<T>(list: readonly T[], most: number, seed: number): readonly T[];
export function shuffled<T>(list: readonly T[], seed: number): readonly T[];
