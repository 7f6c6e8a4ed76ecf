import type { KeptTestBead } from '@hot-bead/contract/dial-in';
import { VERDICT_SHAPE } from '../../drawing/verdict-shape.ts';

/** How wide the strip is in volts over the book, to each side. */
const REACH_V = 2;
const WIDTH = 640;
const ROW = 44;

interface Row {
  readonly name: string;
  readonly beads: readonly KeptTestBead[];
}

function xOf(overBookV: number): number {
  const within = Math.max(-REACH_V, Math.min(REACH_V, overBookV));
  return WIDTH / 2 + (within / REACH_V) * (WIDTH / 2 - 20);
}

function overBook({ volts, weldedWith }: KeptTestBead): number | undefined {
  return weldedWith?.bookVolts === undefined ? undefined : volts - weldedWith.bookVolts;
}

/** Ladders one under the other, each bead where it lies over or under the book's volts. */
export function LadderStrip({ rows }: { readonly rows: readonly Row[] }) {
  const height = rows.length * ROW + 28;
  const sentences = rows.map(({ name, beads }) => {
    const marks = beads.map((bead) => `${overBook(bead)?.toFixed(1) ?? '?'} V ${bead.verdict}`);
    return `${name}: ${marks.join(', ')}`;
  });
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${height}`}
      role="img"
      aria-label={`Volts over the book. ${sentences.join('. ')}`}
    >
      {[-2, -1, 0, 1, 2].map((volts) => (
        <g key={volts}>
          <line
            x1={xOf(volts)}
            x2={xOf(volts)}
            y1={0}
            y2={height - 22}
            stroke="var(--line)"
            strokeWidth={volts === 0 ? 2 : 1}
          />
          <text x={xOf(volts)} y={height - 6} textAnchor="middle" fontSize={14} fill="var(--ink-soft)">
            {volts === 0 ? 'book' : `${volts > 0 ? '+' : '−'}${Math.abs(volts)} V`}
          </text>
        </g>
      ))}
      {rows.map(({ name, beads }, i) => (
        <g key={name}>
          <text x={4} y={i * ROW + 13} fontSize={13} fill="var(--ink)">
            {name}
          </text>
          {beads.map((bead) => {
            const over = overBook(bead);
            if (over === undefined) return null;
            const { path, colour } = VERDICT_SHAPE[bead.verdict];
            return (
              <path
                key={bead.id}
                d={path(xOf(over), i * ROW + 28)}
                fill={colour}
                fillOpacity={bead.doubt === 'left-out' ? 0.35 : 1}
              />
            );
          })}
        </g>
      ))}
    </svg>
  );
}
