import type { BeadVerdict } from '@hot-bead/core/window';
import { VERDICT_SHAPE } from '../../drawing/verdict-shape.ts';

/** What the chart hands to a mark: where it stands, and the point's own data. */
interface MarkProps {
  readonly cx?: number;
  readonly cy?: number;
  readonly payload?: { readonly verdict?: BeadVerdict };
}

/** The plan's start: a cross. */
export function StartPoint({ cx = 0, cy = 0 }: MarkProps) {
  return (
    <path d={`M${cx - 9} ${cy}H${cx + 9}M${cx} ${cy - 9}V${cy + 9}`} stroke="var(--action)" strokeWidth={4} />
  );
}

/** The bead to weld next: an open diamond. */
export function NextPoint({ cx = 0, cy = 0 }: MarkProps) {
  return (
    <path
      d={`M${cx} ${cy - 9}L${cx + 9} ${cy}L${cx} ${cy + 9}L${cx - 9} ${cy}Z`}
      fill="var(--plate)"
      stroke="var(--action)"
      strokeWidth={2.5}
    />
  );
}

/** A welded bead: its shape and colour say cold, right or hot. */
export function BeadPoint({ cx = 0, cy = 0, payload }: MarkProps) {
  const { path, colour } = VERDICT_SHAPE[payload?.verdict ?? 'right'];
  return <path d={path(cx, cy)} fill={colour} stroke="var(--plate)" strokeWidth={1.5} />;
}

interface LabelProps {
  readonly x?: number | string;
  readonly y?: number | string;
  readonly index?: number;
}

/** The name of a tap at one point of its line. */
export function tapLabel(name: string, atIndex: number) {
  return function TapLabel({ x = 0, y = 0, index }: LabelProps) {
    if (index !== atIndex) return null;
    return (
      <text x={Number(x) - 4} y={Number(y) - 4} textAnchor="end" fontSize={13} fill="var(--ink)">
        {name}
      </text>
    );
  };
}
