import { amount, sentence, type Span, words, type Words } from '@hot-bead/core/base';
import type { KeptMachine } from '@hot-bead/contract/machine';
import { STATION_IDS } from '@hot-bead/core/changeover';
import { type PlannedSetup, RUN_ROLE_NAME } from '@hot-bead/core/plan';
import { MODE_NAME } from '@hot-bead/core/trade';
import { pathForm, StationSymbol } from '../../drawing/station-symbol.tsx';
import { programText } from './program-line.tsx';
import { createPortal } from 'react-dom';
import { usePreferences } from '../../preferences/preferences.tsx';
import { LargeFigure, PhysicalLine, type SetFigure, setFigures, wholeSettingText } from '../terms/index.ts';
import { type Quantity, rangeText, withUnit, useWords } from '../../units/index.ts';
import { numbersText, runGroups } from './runs.tsx';

interface Props {
  readonly plan: PlannedSetup;
  readonly title: string;
  readonly machine: KeptMachine | undefined;
}

/** The plan as one printed card, to hang on the machine; seen on paper only. */
export function SetupCard({ plan, title, machine }: Props) {
  const say = useWords();
  const { units } = usePreferences();
  const { wire, volts } = setFigures(plan, machine, units);
  const numbers: readonly (readonly [string, Quantity, Span, SetFigure?])[] = [
    ['Wire speed', 'wireFeedSpeed', plan.wireFeedSpeedMPerMin, wire],
    ['Volts', 'volts', plan.volts, volts],
    ...(plan.gas.gas.shields ? [['Gas', 'gasFlow', plan.gasFlowLPerMin] as const] : []),
    ['Tip to work', 'distance', plan.ctwdMm],
    ['Travel', 'travel', plan.travelMmPerMin],
  ];
  const { feedPath, polarity, technique } = plan;
  const fit: readonly (readonly [string, Words])[] = [
    ...(plan.program ? [['Program', programText(plan.program)] as const] : []),
    ['Leads', `gun ${polarity.gunLead}, work ${polarity.workLead}`],
    ['Wire', words`${amount.wireSize(plan.wire.diameterMm)} ${plan.wire.wireClass}`],
    ['Rolls', feedPath.driveRolls.fit],
    ['Liner', feedPath.liner.fit],
    ['Tip', feedPath.tip.fit],
    ['Nozzle', feedPath.nozzle.fit],
    ['Gas', plan.gas.gas.name],
    ['Transfer', MODE_NAME[plan.transferMode]],
    ['Gun', `${technique.gunAngle.direction}, ${technique.gunAngle.workDegrees}° to the work`],
    ['Runs', String(plan.bead.passes)],
    ...plan.secondary.map(({ name, set }) => [sentence(name), set] as const),
    ['Heat input', words`${amount.heatInput(plan.heatInputKJPerMm, 2)}, mean volts × mean current × 0.8`],
  ];
  return createPortal(
    <div className="paper-alone" aria-hidden="true">
      <p className="text-2xl font-semibold">
        {title}
        {machine && `, ${machine.name}`}
      </p>
      <table className="mt-3 w-full">
        <tbody>
          {numbers.map(([name, quantity, span, figure]) => (
            <tr key={name}>
              <th className="py-1 text-left font-medium">{name}</th>
              <td className="figure-text text-3xl">
                {figure ? <LargeFigure figure={figure} /> : withUnit(quantity, span.start, units)}
              </td>
              <td>
                {figure?.physical !== undefined && (
                  <strong className="block">
                    <PhysicalLine figure={figure} />
                  </strong>
                )}
                {rangeText(quantity, span.low, span.high, units)}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <div className="mt-3 grid grid-cols-9 text-center text-[13px]">
        {STATION_IDS.map((id) => (
          <div key={id}>
            <StationSymbol id={id} form={pathForm(plan)} className="w-full" />
            {id}
          </div>
        ))}
      </div>
      <table className="mt-3 w-full">
        <tbody>
          {fit.map(([name, text]) => (
            <tr key={name}>
              <th className="py-1 pr-4 text-left font-medium">{name}</th>
              <td>{say(text)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {plan.runs.length > 1 && (
        <table className="mt-3 w-full">
          <tbody>
            {runGroups(plan.runs).map((group) => (
              <tr key={group.from}>
                <th className="py-0.5 pr-4 text-left font-medium">
                  {numbersText(group)} {RUN_ROLE_NAME[group.run.role]}
                </th>
                <td>
                  {wholeSettingText(setFigures(plan, machine, units, group.run))},{' '}
                  {withUnit('travel', group.run.travelMmPerMin, units)}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <ul className="mt-3">
        {plan.cautions
          .filter(({ level }) => level === 'stop')
          .map((caution) => (
            <li key={caution.code}>■ {say(caution.text)}</li>
          ))}
      </ul>
      <p className="mt-3">
        A start point, not a qualified procedure. Try it on scrap. Hot Bead, model {plan.modelVersion}.
      </p>
    </div>,
    document.body,
  );
}
