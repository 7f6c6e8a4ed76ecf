type SymbolId = 'leads' | 'spool' | 'rolls' | 'liner' | 'tip' | 'arc' | 'joint' | 'clamp' | 'gas';

const CIRCLE_17 = 'M33 24a17 17 0 1 0 34 0a17 17 0 1 0 -34 0';

/**
 * Line drawings of the stations on a 100 × 48 field with the wire at y = 24. `solid` shapes hide the wire
 * behind them, `open` ones let it run through.
 */
const SHAPES: Readonly<
  Record<SymbolId, { readonly solid?: string; readonly open?: string; readonly filled?: string }>
> = {
  leads: {
    solid: 'M30 8H70V40H30Z',
    open: 'M37 24a5 5 0 1 0 10 0a5 5 0 1 0 -10 0M53 24a5 5 0 1 0 10 0a5 5 0 1 0 -10 0',
  },
  spool: {
    solid: CIRCLE_17,
    open: 'M39 24a11 11 0 1 0 22 0a11 11 0 1 0 -22 0M47 24a3 3 0 1 0 6 0a3 3 0 1 0 -6 0',
  },
  rolls: {
    open: 'M40.500 13a9.500 9.500 0 1 0 19 0a9.500 9.500 0 1 0 -19 0M40.500 35a9.500 9.500 0 1 0 19 0a9.500 9.500 0 1 0 -19 0M48 13h4M48 35h4',
  },
  liner: {
    open: 'M16 19C26 13 34 13 42 19S58 25 66 19S78 15 84 18M16 29C26 23 34 23 42 29S58 35 66 29S78 25 84 28',
  },
  tip: { open: 'M26 14H60L66 17V31L60 34H26ZM26 20H72V28H26' },
  arc: { open: 'M56 24L66 14M58 22L74 19M58 26L74 29M56 25L66 35' },
  joint: { solid: 'M24 33H76V41H24ZM46 33V7H54V33Z', filled: 'M54 33L66 33L54 21Z' },
  clamp: { open: 'M22 36H78M38 36V16H58V22M58 36V28M52 22H64M52 28H64M38 24H20' },
  gas: { solid: 'M40 42V18C40 10 60 10 60 18V42Z', open: 'M47 12V6H53V12M53 8H62' },
};

/** Signs in the two sockets, the gun's on the right, where the wire leaves. */
const SIGNS: Readonly<Record<'+' | '−', string>> = {
  '+': 'M55.500 24H60.500M58 21.500V26.500M39.500 24H44.500',
  '−': 'M55.500 24H60.500M39.500 24H44.500M42 21.500V26.500',
};

/** One station's picture. */
export function StationSymbol({ id, gunLead }: { readonly id: SymbolId; readonly gunLead: '+' | '−' }) {
  const { solid, open, filled } = SHAPES[id];
  return (
    <svg viewBox="0 0 100 48" aria-hidden="true" className="relative h-12 w-full max-md:w-20 max-md:shrink-0">
      <g stroke="currentColor" strokeWidth="1.75" strokeLinejoin="round">
        {solid !== undefined && <path d={solid} fill="var(--plate)" />}
        {open !== undefined && <path d={open} fill="none" />}
        {id === 'leads' && <path d={SIGNS[gunLead]} fill="none" />}
        {filled !== undefined && <path d={filled} fill="currentColor" />}
      </g>
    </svg>
  );
}
