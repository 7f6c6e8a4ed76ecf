import type { WireDiameterMm } from '../trade/wire/wire-diameter.ts';
import type { Draft, Line } from './draft.ts';
import { askEither, askRole, askSpread } from './figures/ask-figures.ts';
import { type Placed, placedAt } from './figures/placed.ts';
import { readSizes } from './figures/read-sizes.ts';
import { readOutside } from './figures/read-walls.ts';
import { readWires, unknownWire } from './figures/read-wires.ts';
import type { Role } from './roles/candidates.ts';
import { has, wireOfLength } from './roles/scene.ts';

/** Roles that are read here; the others became words with their figures. */
const FIGURE_ROLES: ReadonlySet<Role> = new Set(['outside', 'unknown-wire', 'wire']);

/** Reads the figures of the line once it is settled what each is. */
export function readFigures(draft: Draft, line: Line): void {
  const { roles, asked, scene } = line;
  const wires: { placed: Placed; wire: WireDiameterMm }[] = [];
  for (const [index, role] of roles) {
    if (asked.has(index) || !FIGURE_ROLES.has(role)) continue;
    const placed = placedAt(draft, index);
    const wire = wireOfLength(placed.length);
    if (role === 'outside') readOutside(draft, line, placed);
    else if (role === 'unknown-wire') unknownWire(draft, line.unit, placed);
    else if (role === 'wire' && wire !== undefined) wires.push({ placed, wire });
  }
  readWires(draft, line.unit, wires);
  readSizes(draft, line);
  for (const [index, others] of asked) {
    const own =
      roles.get(index) ??
      (has(scene.tokens[index], 'measure') && !has(scene.tokens[index], 'length') ? 'leg' : 'thickness');
    askRole(draft, index, [own, ...others]);
  }
  for (const { first, second, wire } of line.alternatives) askEither(draft, line, first, second, wire);
  draft.tokens.forEach((token, index) => has(token, 'spread') && askSpread(draft, index));
}
