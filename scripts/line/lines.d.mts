import type { JudgedLine } from './judge.mjs';

export const JUDGED_LINES: string;
export function randomFrom(seed: number): () => number;
export function judgedLines(folder: string): readonly JudgedLine[];
export function linesFrom(judged: readonly JudgedLine[], count: number, seed: number): Generator<string>;
