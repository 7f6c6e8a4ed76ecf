import type { KeptMachine } from '@hot-bead/contract/machine';
import type { Job } from '@hot-bead/contract/plan';
import { jobChangeover } from '@hot-bead/core/changeover';
import { dutyPercent } from '@hot-bead/core/machine';
import type { PlannedSetup } from '@hot-bead/core/plan';
import { useQuery } from '@tanstack/react-query';
import { ButtonLink } from '../../../ui/button.tsx';
import { ErrorNotice, Notice, PageSkeleton } from '../../../ui/page/notices.tsx';
import { useNow } from '../../../ui/use-now.ts';
import { useJob } from '../../plan/jobs/index.ts';
import { useSetup, useShop } from '../../plan/index.ts';
import { NOTHING_CHOSEN, shopQuery } from '../../shop/index.ts';
import { QuoteFields } from './quote-fields.tsx';
import { QuoteView } from './quote-view.tsx';
import { useQuote } from './use-quote.ts';

/** Minutes of dialling in on scrap. Source: common practice, from memory: 10 to 20. */
const DIAL_IN_MIN = 10;

interface Props {
  readonly job: Job;
  readonly plan: PlannedSetup;
  readonly machine: KeptMachine | undefined;
}

function JobCost({ job, plan, machine }: Props) {
  const now = useNow();
  const { settings: shop = NOTHING_CHOSEN } = useShop();
  const { schools } = shop;
  const rig = machine && jobChangeover(plan, machine, { now, schools });
  const rigMin = rig && (rig.leastMin + rig.mostMin) / 2;
  const parts = job.work.numberOff ?? 1;
  const setUpFrom =
    machine && rigMin !== undefined
      ? `${Math.round(rigMin)} min to rig ${machine.name} as it stands, ${DIAL_IN_MIN} to dial in`
      : `No machine is named: ${2 * DIAL_IN_MIN} min assumed`;
  const state = useQuote([plan], shop.rates, {
    setUpMin: (rigMin ?? DIAL_IN_MIN) + DIAL_IN_MIN,
    setUpFrom,
    parts,
    dutyPercent: machine?.duty && dutyPercent(machine.duty, plan.currentA.start),
  });
  const title = parts === 1 ? 'This weld' : `All ${parts}`;
  return (
    <div className="grid grid-cols-1 items-start gap-4 lg:grid-cols-[minmax(0,2fr)_minmax(0,1fr)]">
      {state.quote ? (
        <QuoteView quote={state.quote} rates={shop.rates} title={title} number={parts} />
      ) : (
        <Notice title="No quote yet">Put right what is marked, and it is reckoned anew.</Notice>
      )}
      <QuoteFields state={state} rates={shop.rates} />
    </div>
  );
}

/** What a job costs, as a range with what moves it. */
export function CostPage() {
  const job = useJob();
  const { setup, machine, isWhole } = useSetup(job);
  const shop = useQuery(shopQuery);
  if (shop.error) return <ErrorNotice error={shop.error} onRetry={() => void shop.refetch()} />;
  if (!isWhole) return <PageSkeleton />;
  const plan = setup?.status === 'planned' ? setup : undefined;
  if (!plan?.totals) {
    const why = plan
      ? 'The seam has no length: say how long it is, and how many.'
      : 'This job has no plan: there is nothing to reckon with.';
    return (
      <Notice
        title="Nothing to quote yet"
        action={<ButtonLink to={`/jobs/${job.id}`}>Open the plan</ButtonLink>}
      >
        {why}
      </Notice>
    );
  }
  return <JobCost job={job} plan={plan} machine={machine} />;
}
