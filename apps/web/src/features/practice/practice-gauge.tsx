import { PRACTICE_VALVE_TURNS, type PracticeFeeder, practiceFlow } from '@hot-bead/core/practice';
import { COMMON_GASES, type GasId, gasOf } from '@hot-bead/core/trade';
import { useId, useState } from 'react';
import { usePreferences } from '../../preferences/preferences.tsx';
import { Pick } from '../../ui/pick.tsx';
import { figureOf, shownAs, withUnit } from '../../units/index.ts';
import { CheckField } from '../../ui/form/check-field.tsx';
import { Section } from '../../ui/page/section.tsx';

const GASES = COMMON_GASES.filter((id) => id !== 'none').map((id) => [id, gasOf(id).name] as const);
const SCALE_MOST_L_PER_MIN = 30;
const TUBE_PX = 240;
/** Flow that is asked for, and how near is near enough. Source: common practice. */
const WANTED_L_PER_MIN = 14;
const NEAR_L_PER_MIN = 1;

/** A float in a glass tube: its ball stands at what the meter reads. */
function FloatTube({ meterLPerMin }: { readonly meterLPerMin: number }) {
  const { units } = usePreferences();
  const y = (flow: number): number =>
    10 + TUBE_PX * (1 - Math.min(flow, SCALE_MOST_L_PER_MIN) / SCALE_MOST_L_PER_MIN);
  const { unit } = shownAs('gasFlow', units);
  return (
    <svg
      viewBox={`0 0 120 ${TUBE_PX + 24}`}
      className="h-64"
      role="img"
      aria-label={`Float meter, scaled for argon: ${withUnit('gasFlow', meterLPerMin, units)}`}
    >
      <path d={`M46 8H74L68 ${TUBE_PX + 16}H52Z`} fill="var(--sunk)" stroke="var(--ink)" strokeWidth={1.5} />
      {[0, 5, 10, 15, 20, 25, 30].map((flow) => (
        <g key={flow}>
          <line x1={76} x2={86} y1={y(flow)} y2={y(flow)} stroke="var(--ink)" />
          <text x={90} y={y(flow) + 5} fontSize={14} fill="var(--ink)">
            {figureOf('gasFlow', flow, units)}
          </text>
        </g>
      ))}
      <text x={6} y={18} fontSize={13} fill="var(--ink-soft)">
        {unit}
      </text>
      <circle cx={60} cy={y(meterLPerMin)} r={8} fill="var(--action)" />
    </svg>
  );
}

/** The gas valve and its float meter: gas flows only while the trigger is held, and the scale is argon's. */
export function PracticeGauge({
  feeder,
  shown,
}: {
  readonly feeder: PracticeFeeder;
  readonly shown: boolean;
}) {
  const { units } = usePreferences();
  const [gas, setGas] = useState<GasId>('ar-co2-18');
  const [turns, setTurns] = useState<number>(PRACTICE_VALVE_TURNS[0]);
  const [trigger, setTrigger] = useState(false);
  const id = useId();
  const flow = practiceFlow(feeder, { turns, trigger }, gasOf(gas));
  const off = flow.trueLPerMin - WANTED_L_PER_MIN;
  return (
    <Section
      id="practice-gauge"
      title={<>Set its gas: {withUnit('gasFlow', WANTED_L_PER_MIN, units)}</>}
      className="grid content-start gap-3"
    >
      <Pick<GasId> label="Gas" value={gas} options={GASES} onPick={setGas} />
      <div className="flex flex-wrap items-center gap-6">
        <FloatTube meterLPerMin={flow.meterLPerMin} />
        <div className="grid flex-1 basis-48 gap-3">
          <CheckField checked={trigger} onCheck={setTrigger}>
            trigger held, roll pressure off
          </CheckField>
          <label htmlFor={id} className="label-text">
            Valve, {turns.toFixed(1)} turns
          </label>
          <input
            id={id}
            type="range"
            min={PRACTICE_VALVE_TURNS[0]}
            max={PRACTICE_VALVE_TURNS[1]}
            step={0.05}
            value={turns}
            onChange={(event) => setTurns(Number(event.target.value))}
            className="h-11 w-full accent-action"
          />
        </div>
      </div>
      {shown && (
        <p aria-live="polite">
          True flow {withUnit('gasFlow', flow.trueLPerMin, units)}:{' '}
          {!trigger
            ? 'none without the trigger.'
            : Math.abs(off) <= NEAR_L_PER_MIN
              ? 'right.'
              : `too ${off > 0 ? 'much' : 'little'}. The scale is argon’s: read it for this gas.`}
        </p>
      )}
    </Section>
  );
}
