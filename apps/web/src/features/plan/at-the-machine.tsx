import type { KeptMachine } from '@hot-bead/contract/machine';
import { type Span, wireSizeText } from '@hot-bead/core/base';
import { isNewSetting, type PlannedSetup, RUN_ROLE_NAME } from '@hot-bead/core/plan';
import { MODE_NAME } from '@hot-bead/core/trade';
import { usePreferences } from '../../preferences/preferences.tsx';
import { FullScreen } from '../../ui/full-screen.tsx';
import { LargeFigure, PhysicalLine, type SetFigure, setFigures, wholeSettingText } from '../terms/index.ts';
import { figureOf, type Quantity, rangeText, shownAs } from '../../units/index.ts';

interface RowProps {
  readonly name: string;
  readonly figure: SetFigure;
  /** What may stand there, in one line. */
  readonly range: string;
}

function Row({ name, figure, range }: RowProps) {
  return (
    <div className="flex flex-col justify-start border-line p-4 md:pt-8 not-first:border-t md:not-first:border-t-0 md:[&:nth-child(even)]:border-l md:[&:nth-child(n+3)]:border-t">
      <dt className="label-text text-lg">{name}</dt>
      <dd className="figure-text text-[clamp(56px,13vw,150px)] leading-none">
        <LargeFigure figure={figure} />
      </dd>
      {figure.physical !== undefined && (
        <dd className="figure-text text-[clamp(24px,3.4vw,44px)] leading-tight">
          <PhysicalLine figure={figure} />
        </dd>
      )}
      {range !== '' && <dd className="text-lg text-ink-soft">{range}</dd>}
    </div>
  );
}

interface Props {
  readonly plan: PlannedSetup;
  readonly title: string;
  readonly machine: KeptMachine | undefined;
}

/** Where the root is laid at another setting than the rest, that setting first. */
function RootFirst({ plan, machine }: Omit<Props, 'title'>) {
  const { units } = usePreferences();
  const [first, next] = plan.runs;
  if (!first || !next || !isNewSetting(first, next)) return null;
  return (
    <p className="border-t border-line p-4 text-2xl">
      <strong className="font-semibold">First the {RUN_ROLE_NAME[first.role]}:</strong>{' '}
      <span className="figure-text">{wholeSettingText(setFigures(plan, machine, units, first))}</span>,{' '}
      {MODE_NAME[first.mode]}; the numbers above are for the {RUN_ROLE_NAME[next.role]}.
    </p>
  );
}

/** The four numbers and what to fit; worked out only while they are shown. */
function Numbers({ plan, machine }: Omit<Props, 'title'>) {
  const { units } = usePreferences();
  const { wire, volts } = setFigures(plan, machine, units);
  const range = (quantity: Quantity, { low, high }: Span): string => rangeText(quantity, low, high, units);
  const bare = (quantity: Quantity, { start }: Span): SetFigure => ({
    text: figureOf(quantity, start, units),
    unit: shownAs(quantity, units).unit,
  });
  return (
    <>
      <dl className="grid flex-1 md:grid-cols-2">
        <Row name="Wire speed" figure={wire} range={range('wireFeedSpeed', plan.wireFeedSpeedMPerMin)} />
        <Row name="Volts" figure={volts} range={range('volts', plan.volts)} />
        {plan.gas.gas.shields ? (
          <Row
            name="Gas"
            figure={bare('gasFlow', plan.gasFlowLPerMin)}
            range={range('gasFlow', plan.gasFlowLPerMin)}
          />
        ) : (
          <Row name="Gas" figure={{ text: 'none', unit: '' }} range="self-shielded: close the cylinder" />
        )}
        <Row
          name="Tip to work"
          figure={bare('distance', plan.ctwdMm)}
          range={range('distance', plan.ctwdMm)}
        />
      </dl>
      <RootFirst plan={plan} machine={machine} />
      <p className="border-t border-line p-4 text-lg">
        Gun {plan.polarity.gunLead}, work {plan.polarity.workLead};{' '}
        {wireSizeText(plan.wire.diameterMm, units)} {plan.wire.wireClass}; {plan.gas.gas.name};{' '}
        {plan.technique.gunAngle.direction}
      </p>
    </>
  );
}

interface LargeProps extends Props {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
}

/** The four numbers over the whole screen, for the machine: nothing else, and the screen stays awake. */
export function AtTheMachine({ plan, title, machine, open, onOpenChange }: LargeProps) {
  return (
    <FullScreen title={machine ? `${machine.name}: ${title}` : title} open={open} onOpenChange={onOpenChange}>
      <Numbers plan={plan} machine={machine} />
    </FullScreen>
  );
}
