/**
 * Number of single-letter slips between two words: insertions, deletions, replacements, and swaps of
 * neighbours (optimal string alignment).
 */
export function editDistance(a: string, b: string): number {
  const rows: number[][] = [Array.from({ length: b.length + 1 }, (_, j) => j)];
  for (let i = 1; i <= a.length; i++) {
    const row = [i];
    for (let j = 1; j <= b.length; j++) {
      const above = rows[i - 1] as number[];
      const same = a[i - 1] === b[j - 1] ? 0 : 1;
      let best = Math.min(
        (above[j] as number) + 1,
        (row[j - 1] as number) + 1,
        (above[j - 1] as number) + same,
      );
      if (i > 1 && j > 1 && a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1]) {
        best = Math.min(best, ((rows[i - 2] as number[])[j - 2] as number) + 1);
      }
      row.push(best);
    }
    rows.push(row);
  }
  return (rows[a.length] as number[])[b.length] as number;
}

/** Slips allowed in a word of this length before it is another word. */
export function slipsAllowed(length: number): number {
  if (length < 4) return 0;
  return length < 8 ? 1 : 2;
}
