import type { KeptMachine } from '@hot-bead/contract/machine';
import { isNewSetting, type PlannedSetup, RUN_ROLE_NAME } from '@hot-bead/core/plan';
import { MODE_NAME } from '@hot-bead/core/trade';
import { usePreferences } from '../../preferences/preferences.tsx';
import { FullScreen } from '../../ui/full-screen.tsx';
import { voltsBeneath, wireBeneath } from '../terms/index.ts';
import { figureOf, type Quantity, rangeText, shownAs } from '../../units/index.ts';

interface RowProps {
  readonly name: string;
  readonly quantity: Quantity;
  readonly span: PlannedSetup['volts'];
  /** The same in the machine's own terms: what the hand sets. */
  readonly own?: string | undefined;
}

function Row({ name, quantity, span, own }: RowProps) {
  const { units } = usePreferences();
  return (
    <div className="flex flex-col justify-start border-line p-4 md:pt-8 not-first:border-t md:not-first:border-t-0 md:[&:nth-child(even)]:border-l md:[&:nth-child(n+3)]:border-t">
      <dt className="label-text text-lg">{name}</dt>
      <dd className="figure-text text-[clamp(56px,13vw,150px)] leading-none">
        {figureOf(quantity, span.start, units)}{' '}
        <span className="text-[0.3em]">{shownAs(quantity, units).unit}</span>
      </dd>
      {own !== undefined && (
        <dd className="figure-text text-[clamp(24px,3.4vw,44px)] leading-tight">{own}</dd>
      )}
      <dd className="text-lg text-ink-soft">{rangeText(quantity, span.low, span.high, units)}</dd>
    </div>
  );
}

interface Props {
  readonly plan: PlannedSetup;
  readonly title: string;
  readonly machine: KeptMachine | undefined;
}

/** Where the root is laid at another setting than the rest, that setting first. */
function RootFirst({ plan }: { readonly plan: PlannedSetup }) {
  const { units } = usePreferences();
  const [first, next] = plan.runs;
  if (!first || !next || !isNewSetting(first, next)) return null;
  return (
    <p className="border-t border-line p-4 text-2xl">
      <strong className="font-semibold">First the {RUN_ROLE_NAME[first.role]}:</strong>{' '}
      <span className="figure-text">
        {figureOf('wireFeedSpeed', first.wireFeedSpeedMPerMin, units)} {shownAs('wireFeedSpeed', units).unit},{' '}
        {first.volts.toFixed(1)} V
      </span>
      , {MODE_NAME[first.mode]}; the numbers above are for the {RUN_ROLE_NAME[next.role]}.
    </p>
  );
}

/** The four numbers and what to fit; worked out only while they are shown. */
function Numbers({ plan, machine }: Omit<Props, 'title'>) {
  const { units } = usePreferences();
  return (
    <>
      <dl className="grid flex-1 md:grid-cols-2">
        <Row
          name="Wire speed"
          quantity="wireFeedSpeed"
          span={plan.wireFeedSpeedMPerMin}
          own={wireBeneath(plan, machine, units)}
        />
        <Row name="Volts" quantity="volts" span={plan.volts} own={voltsBeneath(plan, machine)} />
        <Row name="Gas" quantity="gasFlow" span={plan.gasFlowLPerMin} />
        <Row name="Tip to work" quantity="distance" span={plan.ctwdMm} />
      </dl>
      <RootFirst plan={plan} />
      <p className="border-t border-line p-4 text-lg">
        Gun {plan.polarity.gunLead}, work {plan.polarity.workLead}; {plan.wire.diameterMm.toFixed(1)} mm{' '}
        {plan.wire.wireClass}; {plan.gas.gas.name}; {plan.technique.gunAngle.direction}
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
    <FullScreen title={title} open={open} onOpenChange={onOpenChange}>
      <Numbers plan={plan} machine={machine} />
    </FullScreen>
  );
}
