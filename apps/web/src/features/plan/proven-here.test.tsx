import type { Job } from '@hot-bead/contract/plan';
import type { PlannedSetup } from '@hot-bead/core/plan';
import type { ProvenSetting } from '@hot-bead/core/window';
import { screen } from '@testing-library/react';
import { SHOWN } from '../../../test/machines.ts';
import { planOf } from '../../../test/plans.ts';
import { show } from '../../../test/show.tsx';
import { ProvenHere } from './proven-here.tsx';

const PROVEN: ProvenSetting = {
  wire: { wireClass: 'ER70S-6', diameterMm: 0.8 },
  gas: 'ar-co2-18',
  mode: 'short-circuit',
  wireFeedSpeedMPerMin: 7.6,
  volts: 18.7,
  thicknessMm: 3,
  otherThicknessMm: undefined,
  joint: 'tee',
  position: 'flat',
  offsetV: -0.5,
  toldOffsetV: -0.5,
  toldVarianceV2: 0.09,
};
const PLAN: PlannedSetup = { ...planOf(), proven: PROVEN };

function shown(plan: PlannedSetup, own: Job['own'] = {}, machine: typeof SHOWN | undefined = SHOWN) {
  const job = { id: 'j', own } as Job;
  return show(<ProvenHere job={job} plan={plan} machine={machine} />, {
    answers: { 'PATCH /jobs/j': job },
  });
}

describe('a setting proven for this work', () => {
  it('is offered with the machine’s own terms, and taken beside the welder’s other numbers', async () => {
    const { user, sent } = shown(PLAN, { gasFlowLPerMin: 14 });
    expect(screen.getByText(/Proven on .* for this work/)).toHaveTextContent('7.6 m/min, 18.7 V');
    await user.click(screen.getByRole('button', { name: 'Set the plan to it' }));
    expect(sent.find(({ method }) => method === 'PATCH')?.body).toEqual({
      own: { gasFlowLPerMin: 14, wireFeedSpeedMPerMin: 7.6, volts: 18.7 },
    });
  });

  it('says so once the plan is set to it', () => {
    shown(PLAN, { wireFeedSpeedMPerMin: 7.6, volts: 18.7 });
    expect(screen.getByText('The plan is set to it.')).toBeInTheDocument();
    expect(screen.queryByRole('button')).not.toBeInTheDocument();
  });

  it('is not spoken of where nothing was proven', () => {
    const { container } = shown({ ...PLAN, proven: undefined });
    expect(container).not.toHaveTextContent('Proven');
  });
});
