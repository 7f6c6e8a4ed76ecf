import { MM_PER_INCH } from '@hot-bead/core/base';

interface Props {
  readonly lengthMm: number;
  readonly inch: boolean;
}

const WIDTH = 440;
const HEIGHT = 96;
/** Part of the tape that is in sight, mm before and after the wire's end. */
const BEFORE_MM = 55;
const AFTER_MM = 25;
const PX_PER_MM = WIDTH / (BEFORE_MM + AFTER_MM);

interface Tick {
  readonly atMm: number;
  readonly height: number;
  readonly label: string | undefined;
}

/** Marks of the tape in sight: millimetres with every tenth named, or sixteenths of an inch with every inch named. */
function ticksOf(fromMm: number, toMm: number, inch: boolean): readonly Tick[] {
  const stepMm = inch ? MM_PER_INCH / 16 : 1;
  const named = inch ? 16 : 10;
  const half = named / 2;
  const first = Math.max(Math.ceil(fromMm / stepMm), 0);
  const last = Math.floor(toMm / stepMm);
  return Array.from({ length: Math.max(last - first + 1, 0) }, (_, i) => {
    const n = first + i;
    const whole = n % named === 0;
    return {
      atMm: n * stepMm,
      height: whole ? 30 : n % half === 0 ? 22 : 14,
      label: whole ? String(inch ? n / named : n) : undefined,
    };
  });
}

/** The end of the clipped wire on a tape, to be read off: drawn from the length, which is told by nothing else. */
export function Tape({ lengthMm, inch }: Props) {
  const fromMm = Math.max(lengthMm - BEFORE_MM, 0);
  const x = (mm: number): number => (mm - fromMm) * PX_PER_MM;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="w-full"
      role="img"
      aria-label="The wire’s end on a tape"
    >
      <line x1={0} x2={x(lengthMm)} y1={16} y2={16} stroke="var(--action)" strokeWidth={5} />
      <line x1={x(lengthMm)} x2={x(lengthMm)} y1={8} y2={30} stroke="var(--action)" strokeWidth={1.5} />
      <rect x={0} y={30} width={WIDTH} height={HEIGHT - 31} fill="var(--sunk)" stroke="var(--line-strong)" />
      {ticksOf(fromMm, fromMm + BEFORE_MM + AFTER_MM, inch).map(({ atMm, height, label }) => (
        <g key={atMm}>
          <line
            x1={x(atMm)}
            x2={x(atMm)}
            y1={30}
            y2={30 + height}
            stroke="var(--ink)"
            strokeWidth={label ? 1.5 : 0.8}
          />
          {label !== undefined && (
            <text x={x(atMm)} y={80} textAnchor="middle" fontSize={16} fill="var(--ink)">
              {label}
            </text>
          )}
        </g>
      ))}
    </svg>
  );
}
