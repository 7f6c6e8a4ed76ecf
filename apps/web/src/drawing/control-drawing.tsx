import type { ReactNode } from 'react';
import { DETAIL_PX, OUTLINE_PX, TONE } from './pen.ts';

/** Controls that are drawn, to be known again on a machine's front. */
export type DrawnControl =
  'display' | 'knob' | 'letters' | 'taps' | 'one-entry' | 'volts-display' | 'gun-plus' | 'gun-minus';

interface Dial {
  /** Degrees either side of straight up. */
  readonly sweep: number;
  readonly marks: readonly string[];
  readonly at: number;
}

const MIDDLE = { x: 60, y: 38 } as const;

/** A knob with its marks round it. */
function KnobDrawing({ sweep, marks, at }: Dial) {
  const place = (i: number, radius: number): readonly [x: number, y: number] => {
    const degrees = marks.length === 1 ? 0 : -sweep + (2 * sweep * i) / (marks.length - 1);
    const radians = (degrees * Math.PI) / 180;
    return [MIDDLE.x + radius * Math.sin(radians), MIDDLE.y - radius * Math.cos(radians)];
  };
  const [tipX, tipY] = place(at, 15);
  return (
    <>
      <circle cx={MIDDLE.x} cy={MIDDLE.y} r="17" fill={TONE} />
      <path d={`M${MIDDLE.x} ${MIDDLE.y}L${tipX.toFixed(1)} ${tipY.toFixed(1)}`} strokeWidth="3" />
      {marks.map((mark, i) => {
        const [x1, y1] = place(i, 20);
        const [x2, y2] = place(i, 23);
        const [tx, ty] = place(i, 31);
        return (
          <g key={i}>
            <path
              d={`M${x1.toFixed(1)} ${y1.toFixed(1)}L${x2.toFixed(1)} ${y2.toFixed(1)}`}
              strokeWidth={DETAIL_PX}
            />
            {mark !== '' && (
              <Text x={tx} y={ty + 4}>
                {mark}
              </Text>
            )}
          </g>
        );
      })}
    </>
  );
}

function Text({ x, y, size = 12, children }: { x: number; y: number; size?: number; children: ReactNode }) {
  return (
    <text
      x={x.toFixed(1)}
      y={y.toFixed(1)}
      fontSize={size}
      textAnchor="middle"
      fill="currentColor"
      stroke="none"
    >
      {children}
    </text>
  );
}

function Display({ figure, unit }: { readonly figure: string; readonly unit: string }) {
  return (
    <>
      <rect x="18" y="16" width="52" height="30" rx="3" fill={TONE} />
      <Text x={44} y={38} size={20}>
        {figure}
      </Text>
      <Text x={98} y={38} size={12}>
        {unit}
      </Text>
    </>
  );
}

/** Two sockets, one of them with the gun's lead in it. */
function Sockets({ gun }: { readonly gun: '+' | '−' }) {
  return (
    <>
      {(['+', '−'] as const).map((sign, i) => {
        const x = 40 + 40 * i;
        const isGun = sign === gun;
        return (
          <g key={sign}>
            <circle cx={x} cy="22" r="10" fill={isGun ? TONE : 'none'} />
            <Text x={x} y={26} size={14}>
              {sign}
            </Text>
            <path d={`M${x} 32V${isGun ? 44 : 52}`} strokeWidth={isGun ? 4 : 2} />
            {isGun ? (
              <path d={`M${x} 44c0 10 -14 6 -16 14`} strokeWidth="4" fill="none" />
            ) : (
              <path d={`M${x - 8} 52h16M${x - 8} 58h16`} />
            )}
          </g>
        );
      })}
    </>
  );
}

const DRAWN: Readonly<Record<DrawnControl, ReactNode>> = {
  display: <Display figure="7.6" unit="m/min" />,
  'volts-display': <Display figure="18.5" unit="V" />,
  knob: <KnobDrawing sweep={135} marks={['0', '', '', '', '', '5', '', '', '', '', '10']} at={6} />,
  letters: <KnobDrawing sweep={60} marks={['A', 'B', 'C', 'D']} at={1} />,
  taps: <KnobDrawing sweep={100} marks={['1', '2', '3', '4', '5', '6']} at={2} />,
  'one-entry': (
    <>
      <Display figure="3.0" unit="mm" />
      <path d="M22 56H98M22 56V52M98 56V52" strokeWidth={DETAIL_PX} />
      <rect x="46" y="50" width="28" height="6" fill="currentColor" stroke="none" />
    </>
  ),
  'gun-plus': <Sockets gun="+" />,
  'gun-minus': <Sockets gun="−" />,
};

/** What to look for on the machine's front, drawn. */
export function ControlDrawing({ of }: { readonly of: DrawnControl }) {
  return (
    <svg viewBox="0 0 120 64" aria-hidden="true" className="h-16 w-full">
      <g
        stroke="currentColor"
        strokeWidth={OUTLINE_PX}
        strokeLinecap="round"
        strokeLinejoin="round"
        fill="none"
      >
        {DRAWN[of]}
      </g>
    </svg>
  );
}
