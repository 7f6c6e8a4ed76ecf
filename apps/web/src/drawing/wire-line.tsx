interface Props {
  /** Stations in the order drawn, one column each. */
  readonly ids: readonly string[];
  readonly chosen: string;
  /** Whether gas flows beside the wire. */
  readonly gas: boolean;
}

const COLUMN = 100;
const WIRE_Y = 24;
const GAS_Y = 4;

/** The wire as one line behind the stations, from the leads to the joint, and the gas above it to the tip. */
export function WireLine({ ids, chosen, gas }: Props) {
  const middle = (id: string): number => (ids.indexOf(id) + 0.5) * COLUMN;
  const at = ids.indexOf(chosen) * COLUMN;
  const line = { fill: 'none', strokeWidth: 2.5, vectorEffect: 'non-scaling-stroke' } as const;
  const onWire = chosen !== 'gas' && chosen !== 'clamp';
  return (
    <svg
      aria-hidden="true"
      viewBox={`0 0 ${ids.length * COLUMN} 48`}
      preserveAspectRatio="none"
      className="absolute inset-x-0 top-0 h-12 w-full max-md:hidden"
    >
      <path {...line} stroke="var(--ink)" d={`M${middle('leads')} ${WIRE_Y}H${middle('joint')}`} />
      <path
        {...line}
        stroke="var(--line-strong)"
        strokeDasharray="5 4"
        d={`M${middle('joint')} 36H${middle('clamp')}`}
      />
      {gas && (
        <path
          {...line}
          strokeWidth={1.75}
          stroke={chosen === 'gas' ? 'var(--action)' : 'var(--cold)'}
          d={`M${middle('gas')} ${GAS_Y}H${middle('tip')}V14`}
        />
      )}
      {onWire && (
        <path
          {...line}
          strokeWidth={4}
          stroke="var(--action)"
          d={`M${Math.max(at, middle('leads'))} ${WIRE_Y}H${Math.min(at + COLUMN, middle('joint'))}`}
        />
      )}
    </svg>
  );
}
