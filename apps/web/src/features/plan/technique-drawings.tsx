import { useReader, useWords } from '../../units/index.ts';
import { amount, mmFromInches, words } from '@hot-bead/core/base';
import type { PlannedSetup } from '@hot-bead/core/plan';
import { JOINT_NAME } from '@hot-bead/core/trade';
import { jointDrawing, sectionOf } from '../../drawing/joint-geometry.ts';
import { DETAIL_PX, OUTLINE_PX, TONE } from '../../drawing/pen.ts';

interface Props {
  readonly plan: PlannedSetup;
}

interface JointProps extends Props {
  /** Drawn large, with the runs numbered. */
  readonly tall?: boolean;
  /** The joint alone, as high as there is room. */
  readonly small?: boolean;
}

/** Runs from which their numbers no longer fit into the drawing. */
const NUMBERED_TO = 20;

/** The joint in section, to scale. */
export function JointView({ plan, tall = false, small = false }: JointProps) {
  const { units } = useReader();
  const { work, fitUp, technique } = plan;
  const { parts, bead: weld, runs, gun, viewBox, pxPerMm } = jointDrawing(sectionOf(plan, tall || small));
  const say = useWords();
  const label = words`Section of a ${JOINT_NAME[work.joint]} to scale: ${amount.thickness(work.thicknessMm, 1)} to ${amount.thickness(work.otherThicknessMm ?? work.thicknessMm, 1)}, gap ${amount.distance(fitUp.rootGapMm.start, 1)}, gun at ${technique.gunAngle.workDegrees}°${runs.length > 0 ? `, ${runs.length} runs laid in` : ''}`;
  const barMm = units.distance === 'in' ? mmFromInches(1 / 4) : 5;
  const [left = 0, top = 0, , height = 0] = viewBox.split(' ').map(Number);
  return (
    <svg
      viewBox={viewBox}
      role="img"
      aria-label={say(label)}
      className={`w-full ${tall ? 'h-72' : small ? 'h-full' : 'h-44'}`}
    >
      {parts.map((part) => (
        <path key={part} d={part} fill={TONE} stroke="var(--ink)" strokeWidth={OUTLINE_PX} />
      ))}
      {runs.length === 0 && (
        <path
          d={weld}
          fill="var(--ink-soft)"
          fillOpacity="0.45"
          stroke="var(--ink)"
          strokeWidth={DETAIL_PX}
        />
      )}
      {runs.map(({ outline }) => (
        <path
          key={outline}
          d={outline}
          fill="var(--ink-soft)"
          fillOpacity="0.3"
          stroke="var(--ink)"
          strokeWidth={DETAIL_PX}
          strokeLinejoin="round"
        />
      ))}
      {tall &&
        runs.length <= NUMBERED_TO &&
        runs.map(({ outline, middle }, i) => (
          <text
            key={outline}
            x={middle.x}
            y={middle.y + 3}
            fontSize="9"
            textAnchor="middle"
            fill="var(--ink)"
          >
            {i + 1}
          </text>
        ))}
      {!tall && !small && (
        <>
          <path
            d={`M${gun.from.x} ${gun.from.y}L${gun.to.x} ${gun.to.y}`}
            stroke="var(--action)"
            strokeWidth="2"
            strokeDasharray="7 4"
          />
          <circle cx={gun.to.x} cy={gun.to.y} r="3" fill="var(--action)" />
        </>
      )}
      {!small && (
        <>
          <path
            d={`M${left + 6} ${top + height - 8}h${pxPerMm * barMm}m0 -4v8m${-pxPerMm * barMm} -8v8`}
            stroke="var(--ink-soft)"
            fill="none"
          />
          <text x={left + 10 + pxPerMm * barMm} y={top + height - 4} fontSize="13" fill="var(--ink-soft)">
            {say(words`${amount.distance(barMm)}`)}
          </text>
        </>
      )}
    </svg>
  );
}

const MM_PX = 4;

/** The gun from the side: travel angle, tip to work, stick-out and arc, to scale. */
export function GunView({ plan }: Props) {
  const { technique, ctwdMm, extensionMm } = plan;
  const { direction, travelDegrees } = technique.gunAngle;
  const lean = ((direction === 'push' ? -1 : 1) * travelDegrees.start * Math.PI) / 180;
  const at = (mm: number): { x: number; y: number } => ({
    x: 150 + Math.sin(lean) * mm * MM_PX,
    y: 140 - Math.cos(lean) * mm * MM_PX,
  });
  const arc = at(ctwdMm.start - extensionMm.start);
  const tip = at(ctwdMm.start);
  const back = at(ctwdMm.start + 12);
  const say = useWords();
  const stickOut = words`stick-out ${amount.distance(extensionMm.start, 1)}`;
  const label = words`Gun from the side: ${direction}, ${travelDegrees.start}° from upright, tip ${amount.distance(ctwdMm.start)} from the work, ${say(stickOut)}`;
  return (
    <svg viewBox="0 0 300 170" role="img" aria-label={say(label)} className="h-44 w-full">
      <path d="M20 140H280V152H20Z" fill={TONE} stroke="var(--ink)" strokeWidth={OUTLINE_PX} />
      <path d={`M${tip.x} ${tip.y}L${back.x} ${back.y}`} stroke="var(--ink)" strokeWidth="16" />
      <path d={`M${tip.x} ${tip.y}L${arc.x} ${arc.y}`} stroke="var(--action)" strokeWidth="3" />
      <path d={`M${arc.x} ${arc.y}L150 140`} stroke="var(--straw)" strokeWidth="6" strokeLinecap="round" />
      <path d="M110 162H60m0 0l9 -5m-9 5l9 5" stroke="var(--ink)" strokeWidth={DETAIL_PX} fill="none" />
      <text x="118" y="166" fontSize="13" fill="var(--ink)">
        travel, {direction}
      </text>
      <text x="196" y={(tip.y + arc.y) / 2 + 4} fontSize="13" fill="var(--ink)">
        {say(stickOut)}
      </text>
      <text x="196" y="134" fontSize="13" fill="var(--ink)">
        arc
      </text>
    </svg>
  );
}

const SEAM_MM = 400;

/** The seam from above: tacks at their spacing to scale, stitches where there are any, pauses at both ends. */
export function SeamView({ plan }: Props) {
  const { tackMm, tackSpacingMm, stitch } = plan.fitUp;
  const { pauseAtStartS, pauseAtEndS } = plan.technique;
  const px = (mm: number): number => 20 + (mm / SEAM_MM) * 560;
  const count = Math.floor((SEAM_MM - tackMm.start) / tackSpacingMm.start) + 1;
  const tacks = Array.from({ length: count }, (_, i) => i * tackSpacingMm.start);
  const stitches = stitch
    ? Array.from(
        { length: Math.ceil(SEAM_MM / (stitch.stitchMm + stitch.gapMm)) },
        (_, i) => i * (stitch.stitchMm + stitch.gapMm),
      )
    : [];
  const say = useWords();
  const stitched = stitch
    ? words`, stitches of ${amount.distance(stitch.stitchMm)} with ${amount.distance(stitch.gapMm)} between`
    : '';
  const label = words`Seam from above, ${amount.distance(SEAM_MM)}: a tack of ${amount.distance(tackMm.start)} every ${amount.distance(tackSpacingMm.start)}${say(stitched)}; pause ${pauseAtStartS.start} s at the start, ${pauseAtEndS.start} s at the end`;
  return (
    <svg viewBox="0 0 600 64" role="img" aria-label={say(label)} className="mt-1 w-full">
      <path d="M20 24H580" stroke="var(--line-strong)" strokeWidth="1.5" />
      {stitches.map((mm) => (
        <path
          key={mm}
          d={`M${px(mm)} 24H${px(Math.min(mm + (stitch?.stitchMm ?? 0), SEAM_MM))}`}
          stroke="var(--action)"
          strokeWidth="4"
        />
      ))}
      {tacks.map((mm) => (
        <path key={mm} d={`M${px(mm)} 24H${px(mm + tackMm.start)}`} stroke="var(--ink)" strokeWidth="10" />
      ))}
      <text x="20" y="56" fontSize="14" fill="var(--ink)">
        hold {pauseAtStartS.start} s
      </text>
      <text x="580" y="56" fontSize="14" textAnchor="end" fill="var(--ink)">
        hold {pauseAtEndS.start} s
      </text>
      <text x="300" y="56" fontSize="14" textAnchor="middle" fill="var(--ink-soft)">
        {stitch ? 'black: tacks, purple: stitches' : 'black: tacks'},{' '}
        {say(words`${amount.distance(SEAM_MM)} of seam`)}
      </text>
    </svg>
  );
}
