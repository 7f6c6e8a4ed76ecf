import type { Job } from '@hot-bead/contract/plan';
import { screen } from '@testing-library/react';
import { jobOf } from '../../../../test/jobs.ts';
import { SHOWN, TAPPED } from '../../../../test/machines.ts';
import { listed, show } from '../../../../test/show.tsx';
import { EveryMachinePage } from './every-machine-page.tsx';

const JOB = jobOf({ work: { thicknessMm: 2, joint: 'lap', machineName: 'Shown' } });
const SHOP = { schools: {}, day: {}, rates: {}, shelf: null, version: 1 };

function shown(job: Job, machines: readonly object[]) {
  return show(<EveryMachinePage />, {
    answers: { 'GET /machines': listed(machines), 'GET /shop': SHOP, 'PATCH /jobs/j': job },
    context: job,
  });
}

describe('one job on every machine', () => {
  it('stands in each machine’s own terms, the job’s machine marked', async () => {
    shown(JOB, [SHOWN, TAPPED]);
    const own = await screen.findByRole('row', { name: /^Shown ● the job’s machine/ });
    expect(own).toHaveTextContent(/or enter \d\.\d mm/);
    expect(own).toHaveTextContent('duty not known');
    const other = screen.getByRole('row', { name: /^Tapped/ });
    expect(other).toHaveTextContent(/knob .*± \d/);
    expect(other).toHaveTextContent(/tap \d.*gives \d\d\.\d ± \d\.\d V/);
    expect(other).toHaveTextContent('nothing to change');
    // nobody looked: it hangs on what the looks find
    expect(other).toHaveTextContent(/\d+ min to rig, up to \d+ by what the looks find/);
  });

  it('says what would have to be changed, what was never read, and why one cannot', async () => {
    const spare = {
      ...TAPPED,
      id: 'spare',
      name: 'Spare',
      loadedGas: 'co2',
      dialReadings: [],
      voltsReadAt: null,
    };
    const huge = { ...SHOWN, id: 'huge', name: 'Huge', currentRangeA: [400, 600] };
    shown(JOB, [spare, huge]);
    const row = await screen.findByRole('row', { name: /^Spare/ });
    expect(row).toHaveTextContent('knob: ◆ never');
    expect(row).toHaveTextContent('volts: ◆ never');
    expect(screen.getByRole('link', { name: 'two minutes' })).toHaveAttribute(
      'href',
      '/machines/spare?part=dials#dial',
    );
    expect(screen.getByRole('row', { name: /^Huge/ })).toHaveTextContent('× It cannot: Huge starts at 400 A');
  });

  it('lets the job be given to another', async () => {
    const { user, sent } = shown(JOB, [SHOWN, TAPPED]);
    await screen.findByRole('row', { name: /^Tapped/ });
    await user.click(screen.getByRole('button', { name: 'Take it' }));
    const patch = sent.find(({ method }) => method === 'PATCH');
    expect(patch?.body).toMatchObject({ work: { thicknessMm: 2, machineName: 'Tapped' } });
  });

  it('says what to do without a thickness, and without machines', async () => {
    shown({ ...JOB, work: {} }, [SHOWN]);
    expect(await screen.findByText('The work has no thickness yet')).toBeInTheDocument();
    shown(JOB, []);
    expect(await screen.findByText('No machines yet')).toBeInTheDocument();
  });
});
