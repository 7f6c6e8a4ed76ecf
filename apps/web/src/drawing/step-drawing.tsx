import { DETAIL_PX, OUTLINE_PX, TONE } from './pen.ts';
import { type PathForm, StationSymbol, type SymbolId } from './station-symbol.tsx';

/** What is done at a station, as a sign over it. */
type Act = 'off' | 'on' | 'swap' | 'turn' | 'look' | 'test' | 'cut' | 'wait';

/** Which station a step is at, and what is done there. */
const STATION_OF: Readonly<Record<string, SymbolId>> = {
  rolls: 'rolls',
  gas: 'gas',
  'gun-front': 'tip',
  wire: 'spool',
  spool: 'spool',
  'spool-gun': 'spool',
  gun: 'tip',
  liner: 'liner',
  leads: 'leads',
  settings: 'arc',
  tests: 'arc',
  work: 'clamp',
  safe: 'leads',
  close: 'clamp',
};

/** Looks by what is looked at, and steps that are done elsewhere than at their station. */
const SYMBOL_OF: Readonly<Record<string, SymbolId>> = {
  'clamp-off': 'clamp',
  'let-cool': 'tip',
  'look-hands': 'tip',
  'look-panel': 'arc',
  'look-bench': 'clamp',
  'look-gas': 'gas',
  'look-door': 'spool',
  'look-rolls': 'rolls',
  'look-leads': 'leads',
  'look-gun-front': 'tip',
  'look-liner': 'liner',
  'look-spool-gun': 'spool',
  'look-bead': 'joint',
};

/** The sign of each act on a 48 × 48 field. */
const ACT: Readonly<Record<Act, { readonly open: string; readonly detail?: string }>> = {
  off: { open: 'M24 40V10M14 20L24 10L34 20' },
  on: { open: 'M24 8V38M14 28L24 38L34 28' },
  swap: { open: 'M8 18H38M30 10L38 18L30 26M40 32H10M18 24L10 32L18 40' },
  turn: { open: 'M36 14A16 16 0 1 0 40 26M36 6V15H27' },
  look: { open: 'M6 24Q24 6 42 24Q24 42 6 24Z', detail: 'M18 24a6 6 0 1 0 12 0a6 6 0 1 0 -12 0' },
  test: { open: 'M10 26L20 36L40 12' },
  cut: { open: 'M10 10L38 38M38 10L10 38', detail: 'M6 24H42' },
  wait: { open: 'M24 6a18 18 0 1 0 .1 0M24 14V24L31 29' },
};

const ACT_OF: readonly (readonly [pattern: RegExp, act: Act])[] = [
  [/^look-|^purge$/, 'look'],
  [/^let-cool$/, 'wait'],
  [/^leads-|swap$|^gun-switch$/, 'swap'],
  [/^test-|^leak-|^flow-|^pressure-|pressure$/, 'test'],
  [/^power-off$|trim|wire-back|secure|^bleed|stop-/, 'cut'],
  [/open$|-off$|-out$|away$|^cyl-crack$|^arm-open$/, 'off'],
  [/brake|^program$|^secondary$|^reg-rest$|collet|prep|jog/, 'turn'],
];

function actOf(id: string): Act {
  return ACT_OF.find(([pattern]) => pattern.test(id))?.[1] ?? 'on';
}

/** A step of a changeover: the station that it is at, drawn for what is to be there, and what is done. */
export function StepDrawing({
  id,
  station,
  form,
  className = '',
}: {
  readonly id: string;
  readonly station: string;
  readonly form: PathForm;
  readonly className?: string;
}) {
  const symbol = SYMBOL_OF[id] ?? STATION_OF[station] ?? 'arc';
  const { open, detail } = ACT[actOf(id)];
  const isSpoolGun = station === 'spool-gun' || id === 'look-spool-gun';
  return (
    <span className={`flex items-center justify-center gap-3 ${className}`} aria-hidden="true">
      <StationSymbol
        id={symbol}
        form={isSpoolGun ? { ...form, spoolGun: true } : form}
        className="h-24! w-50 max-md:h-16! max-md:w-33"
      />
      <svg viewBox="0 0 48 48" className="h-16 w-16 max-md:h-11 max-md:w-11">
        <circle cx="24" cy="24" r="23" fill={TONE} stroke="none" />
        <g fill="none" stroke="currentColor" strokeLinecap="round" strokeLinejoin="round">
          <path d={open} strokeWidth={OUTLINE_PX} />
          {detail !== undefined && <path d={detail} strokeWidth={DETAIL_PX} />}
        </g>
      </svg>
    </span>
  );
}
