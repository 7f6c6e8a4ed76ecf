const KEY = 'hot-bead.lines';
const MOST = 20;

/** Lines typed before on this device, newest first. */
export function rememberedLines(): readonly string[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(KEY) ?? '[]');
    return Array.isArray(kept) ? kept.filter((line): line is string => typeof line === 'string') : [];
  } catch {
    return [];
  }
}

/** Puts a line at the top of the history. */
export function remember(line: string): void {
  const others = rememberedLines().filter((kept) => kept !== line);
  localStorage.setItem(KEY, JSON.stringify([line, ...others].slice(0, MOST)));
}
