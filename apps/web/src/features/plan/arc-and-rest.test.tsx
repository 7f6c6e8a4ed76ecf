import type { Job } from '@hot-bead/contract/plan';
import type { StatedWork } from '@hot-bead/core/plan';
import { screen } from '@testing-library/react';
import { jobOf } from '../../../test/jobs.ts';
import { SHOWN, TAPPED } from '../../../test/machines.ts';
import { planOf } from '../../../test/plans.ts';
import { show } from '../../../test/show.tsx';
import { ArcAndRest } from './arc-and-rest.tsx';

const jobWith = (work: StatedWork): Job => jobOf({ work });

const planWith = (seamMm?: number) => planOf({ seamMm }, { machine: TAPPED });
const seam = () => screen.getByLabelText('Seam to weld, in any unit');

describe('arc and rest', () => {
  it('keeps a seam in any unit with the job', async () => {
    const job = jobWith({ thicknessMm: 3 });
    const { user, sent } = show(<ArcAndRest job={job} plan={planWith()} machine={TAPPED} />, {
      answers: { 'PATCH /jobs/j': job },
    });
    expect(screen.getByText(/min of arc in ten at/)).toBeInTheDocument();
    await user.type(seam(), '18 in{enter}');
    expect((sent[0]?.body as { work: StatedWork }).work.seamMm).toBeCloseTo(457.2, 6);
  });

  it('says at the field what is no length or none that is welded, and sends nothing', async () => {
    const { user, sent } = show(<ArcAndRest job={jobWith({})} plan={planWith()} machine={TAPPED} />);
    await user.type(seam(), 'a bit{enter}');
    expect(screen.getByRole('alert')).toHaveTextContent('is not a length');
    await user.clear(seam());
    await user.type(seam(), '2 mm{enter}');
    expect(screen.getByRole('alert')).toHaveTextContent('A seam is 5 mm to 1000 m long.');
    expect(seam()).toHaveValue('2 mm');
    expect(sent).toEqual([]);
  });

  it('lays a long seam out in stretches, and forgets one that was emptied', async () => {
    const job = jobWith({ thicknessMm: 3, seamMm: 31_000 });
    const { user, sent } = show(<ArcAndRest job={job} plan={planWith(31_000)} machine={TAPPED} />, {
      answers: { 'PATCH /jobs/j': job },
    });
    expect(seam()).toHaveValue('31 m');
    expect(screen.getByText(/stretches of .* of rest in all/)).toBeInTheDocument();
    expect(screen.getByText(/breaker/, { selector: 'p' })).toHaveTextContent(/about \d+ A/);
    await user.clear(seam());
    await user.tab();
    expect((sent[0]?.body as { work: StatedWork }).work).not.toHaveProperty('seamMm');
  });

  it('is nothing where neither plate nor supply is known', () => {
    const { container } = show(<ArcAndRest job={jobWith({})} plan={planWith()} machine={SHOWN} />);
    expect(container).not.toHaveTextContent('Arc and rest');
  });
});
