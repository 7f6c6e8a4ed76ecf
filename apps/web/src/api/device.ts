import { v4 as uuid } from 'uuid';

const KEY = 'hot-bead.device';

/** An id of this browser's own, by which the history tells it from others. It says nothing of who uses it. */
export function deviceId(): string {
  const kept = localStorage.getItem(KEY);
  if (kept !== null) return kept;
  const made = uuid();
  localStorage.setItem(KEY, made);
  return made;
}
