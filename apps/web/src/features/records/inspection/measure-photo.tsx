import { gaugedText, lengthText, readFigure, typedSize, useReader, useWords } from '../../../units/index.ts';
import type { InspectedPhoto, PhotoMark, PhotoPoint } from '@hot-bead/core/records';
import { type KeyboardEvent, type MouseEvent, useState } from 'react';
import { Button } from '../../../ui/button.tsx';
import { Field, SelectField } from '../../../ui/form/field.tsx';
import { Segmented } from '../../../ui/segmented.tsx';
import { photoAddress } from '../../photos/index.ts';
import { markSize } from './photo-marks.ts';

type Tool = 'scale' | 'line' | 'circle';
const TOOLS = [
  { value: 'scale', label: 'Scale' },
  { value: 'line', label: 'Line' },
  { value: 'circle', label: 'Circle' },
] as const satisfies readonly { readonly value: Tool; readonly label: string }[];
const ZOOMS = [
  { value: '1', label: '1×' },
  { value: '2', label: '2×' },
  { value: '4', label: '4×' },
] as const;
const FRAME_PX = 600;

/** Where a size of a photo can go. */
export interface PhotoTarget {
  readonly id: string;
  readonly name: string;
}

interface Props {
  readonly photo: InspectedPhoto;
  readonly onChange: (photo: InspectedPhoto) => void;
  readonly onAway: () => void;
  readonly targets: readonly PhotoTarget[];
  /** Takes a size into the inspection. */
  readonly onTake: (target: string, mm: number, u95Mm: number) => void;
}

interface DrawnProps {
  readonly from: PhotoPoint;
  readonly to: PhotoPoint;
  readonly kind: Tool;
  readonly name: string;
  readonly thin: number;
}

function Drawn({ from: [x1, y1], to: [x2, y2], kind, name, thin }: DrawnProps) {
  const colour = kind === 'scale' ? '#c58b1b' : '#ffffff';
  const at = { stroke: colour, strokeWidth: 2 * thin, fill: 'none' };
  return (
    <g>
      {kind === 'circle' ? (
        <circle cx={(x1 + x2) / 2} cy={(y1 + y2) / 2} r={Math.hypot(x2 - x1, y2 - y1) / 2} {...at} />
      ) : (
        <line x1={x1} y1={y1} x2={x2} y2={y2} {...at} />
      )}
      {[
        [x1, y1],
        [x2, y2],
      ].map(([x, y], i) => (
        <circle key={i} cx={x} cy={y} r={4 * thin} {...at} strokeWidth={thin} />
      ))}
      <text
        x={x2 + 8 * thin}
        y={y2 - 8 * thin}
        fontSize={16 * thin}
        fill={colour}
        stroke="#14171a"
        strokeWidth={3 * thin}
        paintOrder="stroke"
      >
        {name}
      </text>
    </g>
  );
}

type PhotoScale = NonNullable<InspectedPhoto['scale']>;

const TOOL_HINT: Readonly<Record<Tool, string>> = {
  scale: 'Press two marks of a ruler that lies flat beside the bead, as far apart as they can be.',
  line: 'Press both ends of what you measure. Zoom in first.',
  circle: 'Press two points across the pore.',
};
const SCALE_FIGURES = [
  ['mm', 'Scale is', 'distance'],
  ['heightMm', 'Height between', 'distance'],
  ['cameraMm', 'Camera away', 'distance'],
  ['tiltDeg', 'Tilt', undefined],
] as const;

interface ScaleFieldsProps {
  readonly scale: PhotoScale;
  readonly onChange: (scale: PhotoScale) => void;
}

/** How the photo was taken, which is what its scale hangs on. */
function ScaleFields({ scale, onChange }: ScaleFieldsProps) {
  const { units } = useReader();
  return (
    <div className="grid grid-cols-2 gap-2 md:grid-cols-5">
      {SCALE_FIGURES.map(([name, label, quantity]) => (
        <Field
          key={name}
          label={`${label} (${quantity === undefined ? '°' : units.distance})`}
          type="number"
          step="any"
          min={0}
          value={quantity === undefined ? String(scale[name]) : typedSize(scale[name], units)}
          onChange={(event) =>
            onChange({
              ...scale,
              [name]:
                quantity === undefined
                  ? Number(event.target.value)
                  : readFigure(quantity, event.target.value, units),
            })
          }
        />
      ))}
      <SelectField
        label="Edge of the bead"
        options={[
          ['usual', 'usual'],
          ['rough', 'rough'],
          ['polished', 'polished section'],
        ]}
        value={scale.surface}
        onChange={(event) => onChange({ ...scale, surface: event.target.value as 'usual' })}
      />
    </div>
  );
}

/** Measuring on a photo: two points of a ruler set the scale, then lines and circles give sizes with their band. */
export function MeasurePhoto({ photo, onChange, onAway, targets, onTake }: Props) {
  const { units } = useReader();
  const [tool, setTool] = useState<Tool>(photo.scale ? 'line' : 'scale');
  const [zoom, setZoom] = useState<'1' | '2' | '4'>('1');
  const [size, setSize] = useState({ width: 1600, height: 1200 });
  const [first, setFirst] = useState<PhotoPoint>();
  const [cursor, setCursor] = useState<PhotoPoint>([size.width / 2, size.height / 2]);
  const thin = size.width / FRAME_PX / Number(zoom);
  const { scale, marks } = photo;
  const place = (point: PhotoPoint): void => {
    if (!first) return setFirst(point);
    setFirst(undefined);
    if (tool === 'scale') {
      const before = scale ?? { mm: 50, heightMm: 5, cameraMm: 300, tiltDeg: 5, surface: 'usual' as const };
      onChange({ ...photo, scale: { ...before, from: first, to: point } });
      setTool('line');
    } else onChange({ ...photo, marks: [...marks, { kind: tool, from: first, to: point }] });
  };
  const pointOf = (event: MouseEvent<SVGSVGElement>): PhotoPoint => {
    const box = event.currentTarget.getBoundingClientRect();
    const share = size.width / box.width;
    return [(event.clientX - box.left) * share, (event.clientY - box.top) * share];
  };
  const onKey = (event: KeyboardEvent): void => {
    const step = (event.shiftKey ? 20 : 2) * thin;
    const moves: Readonly<Record<string, PhotoPoint>> = {
      ArrowLeft: [-step, 0],
      ArrowRight: [step, 0],
      ArrowUp: [0, -step],
      ArrowDown: [0, step],
    };
    const move = moves[event.key];
    if (move) setCursor(([x, y]) => [x + move[0], y + move[1]]);
    else if (event.key === 'Enter' || event.key === ' ') place(cursor);
    else return;
    event.preventDefault();
  };
  return (
    <div className="grid gap-3">
      <div className="flex flex-wrap gap-3">
        <Segmented
          label="What to mark"
          value={tool}
          options={TOOLS}
          onChange={(next) => {
            setTool(next);
            setFirst(undefined);
          }}
        />
        <Segmented label="Zoom" value={zoom} options={ZOOMS} onChange={setZoom} />
        <Button tone="quiet" onClick={onAway}>
          Take the photo away
        </Button>
      </div>
      <p className="text-[15px]" aria-live="polite">
        {first ? 'Now the other end.' : TOOL_HINT[tool]} By keys: arrows move the cross, Enter sets the point.
      </p>
      <div className="max-h-[60dvh] overflow-auto rounded-md border border-line" tabIndex={-1}>
        <div className="relative" style={{ width: `${Number(zoom) * 100}%` }}>
          <img
            src={photoAddress(photo.photoId)}
            alt="The weld to be measured"
            className="block w-full"
            onLoad={({ currentTarget }) => {
              setSize({ width: currentTarget.naturalWidth, height: currentTarget.naturalHeight });
              setCursor([currentTarget.naturalWidth / 2, currentTarget.naturalHeight / 2]);
            }}
          />
          <svg
            viewBox={`0 0 ${size.width} ${size.height}`}
            className="absolute inset-0 size-full cursor-crosshair focus-visible:outline-3"
            role="application"
            aria-label="Marks on the photo: arrows move the cross, Enter sets a point"
            tabIndex={0}
            onClick={(event) => place(pointOf(event))}
            onKeyDown={onKey}
          >
            {scale && <Drawn {...scale} kind="scale" name={lengthText(scale.mm, units)} thin={thin} />}
            {marks.map((mark, i) => (
              <Drawn key={i} {...mark} name={String(i + 1)} thin={thin} />
            ))}
            {first && <circle cx={first[0]} cy={first[1]} r={5 * thin} fill="#c58b1b" />}
            <path
              d={`M${cursor[0] - 10 * thin} ${cursor[1]}h${20 * thin}M${cursor[0]} ${cursor[1] - 10 * thin}v${20 * thin}`}
              stroke="#ffffff"
              strokeWidth={thin}
            />
          </svg>
        </div>
      </div>
      {scale && <ScaleFields scale={scale} onChange={(next) => onChange({ ...photo, scale: next })} />}
      {marks.length > 0 && (
        <ol>
          {marks.map((mark, i) => (
            <MarkRow
              key={i}
              number={i + 1}
              mark={mark}
              photo={photo}
              targets={targets}
              onTake={onTake}
              onAway={() => onChange({ ...photo, marks: marks.filter((_one, other) => other !== i) })}
            />
          ))}
        </ol>
      )}
      <p className="text-sm text-ink-soft">
        A photo tells lengths that lie in it: legs shot square to their plate, pores, widths. It tells no
        height, no depth of undercut, and never that there is no crack. Two legs from 45° look unlike when
        they are not: five degrees off makes 6 and 6 look like 6.5 and 5.5 [our model].
      </p>
    </div>
  );
}

interface MarkRowProps {
  readonly number: number;
  readonly mark: PhotoMark;
  readonly photo: InspectedPhoto;
  readonly targets: readonly PhotoTarget[];
  readonly onTake: Props['onTake'];
  readonly onAway: () => void;
}

function MarkRow({ number, mark, photo, targets, onTake, onAway }: MarkRowProps) {
  const say = useWords();
  const { units } = useReader();
  const size = markSize(mark, photo);
  return (
    <li className="flex flex-wrap items-center gap-x-3 border-b border-line py-1 last:border-b-0">
      <span className="font-semibold">{number}</span>
      {size.status === 'none' ? (
        <span className="flex-1 text-hot">{say(size.why)}</span>
      ) : (
        <>
          <span className="figure-text flex-1 text-xl">
            {gaugedText(size.mm, size.u95Mm, units)}
            <span className="text-sm font-normal text-ink-soft">
              {' '}
              where it ends alone is ± {typedSize(Number(size.toeU95Mm.toFixed(2)), units)}
            </span>
          </span>
          <SelectField
            label={`Take size ${number} as`}
            options={[['', 'choose'], ...targets.map(({ id, name }) => [id, name] as const)]}
            value=""
            onChange={(event) => event.target.value !== '' && onTake(event.target.value, size.mm, size.u95Mm)}
          />
        </>
      )}
      <Button tone="quiet" onClick={onAway} aria-label={`Take mark ${number} away`}>
        Away
      </Button>
    </li>
  );
}
