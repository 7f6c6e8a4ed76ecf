import { screen, waitFor, within } from '@testing-library/react';
import { jobOf } from '../../../test/jobs.ts';
import { Refusal, show } from '../../../test/show.tsx';
import { useQuery } from '@tanstack/react-query';
import { jobQuery, useChangeJob, useRemoveJob } from '../plan/jobs/index.ts';
import { ConflictProvider } from './conflict-provider.tsx';

const MINE = jobOf({ work: { thicknessMm: 2, joint: 'lap', gas: 'co2' }, own: { volts: 18 } });
const THEIRS = { ...MINE, version: 4, work: { ...MINE.work, joint: 'tee', gas: 'argon' } };

function stale(sent: Record<string, unknown>): Refusal {
  const conflicts = [
    { field: 'work.joint', current: 'tee', sent: 'butt' },
    { field: 'work.gas', current: 'argon', sent: null },
  ];
  return new Refusal(409, {
    code: 'stale',
    message: 'Changed elsewhere.',
    ...({ current: THEIRS, conflicts, sent } as object),
  });
}

function Page() {
  const job = useQuery(jobQuery('j'));
  const change = useChangeJob('j');
  if (!job.data) return null;
  const next = { work: { thicknessMm: 2, joint: 'butt' as const, position: 'overhead' as const } };
  return (
    <>
      <p>
        {job.data.work.joint} {job.data.work.gas ?? 'open'} v{job.data.version}
      </p>
      <button type="button" onClick={() => change.mutate(next)}>
        Change
      </button>
      {change.error && <p role="alert">{change.error.message}</p>}
    </>
  );
}

function shown(last: unknown) {
  let asked = 0;
  return show(
    <ConflictProvider>
      <Page />
    </ConflictProvider>,
    {
      answers: {
        'GET /jobs/j': MINE,
        'PATCH /jobs/j': (body: { work: Record<string, unknown> }) => {
          asked += 1;
          return asked === 1 ? stale({ ...body.work }) : last;
        },
      },
    },
  );
}
const patches = (sent: readonly { method: string; body: unknown; version: string | undefined }[]) =>
  sent.filter(({ method }) => method === 'PATCH').map(({ body, version }) => ({ body, version }));

describe('a change of what was changed elsewhere', () => {
  it('shows both, field by field, and sends what was kept on top of what stands', async () => {
    const { user, sent } = shown({
      ...THEIRS,
      version: 5,
      work: { thicknessMm: 2, joint: 'butt', gas: 'argon' },
    });
    await user.click(await screen.findByRole('button', { name: 'Change' }));
    const dialog = within(await screen.findByRole('dialog', { name: /This job was changed elsewhere/ }));
    const gas = within(dialog.getByRole('group', { name: 'Gas' }));
    expect(gas.getByText('argon')).toBeInTheDocument();
    expect(gas.getByText('nothing')).toBeInTheDocument();
    expect(within(dialog.getByRole('group', { name: 'Joint' })).getByText('tee')).toBeInTheDocument();
    await user.click(gas.getByRole('radio', { name: /Stands now/ }));
    await user.click(dialog.getByRole('button', { name: 'Keep what I picked' }));
    expect(await screen.findByText('butt argon v5')).toBeInTheDocument();
    expect(patches(sent)).toEqual([
      { body: { work: { gas: null, joint: 'butt', position: 'overhead' } }, version: '"1"' },
      { body: { work: { joint: 'butt', position: 'overhead' } }, version: '"4"' },
    ]);
  });

  it('keeps all of mine at one press', async () => {
    const { user, sent } = shown({ ...THEIRS, version: 5, work: { thicknessMm: 2, joint: 'butt' } });
    await user.click(await screen.findByRole('button', { name: 'Change' }));
    await user.click(await screen.findByRole('button', { name: 'Keep mine' }));
    expect(await screen.findByText('butt open v5')).toBeInTheDocument();
    expect(patches(sent)[1]).toEqual({
      body: { work: { gas: null, joint: 'butt', position: 'overhead' } },
      version: '"4"',
    });
  });

  it('takes what stands, and still sends what met nothing', async () => {
    const { user, sent } = shown({ ...THEIRS, version: 5 });
    await user.click(await screen.findByRole('button', { name: 'Change' }));
    await user.click(await screen.findByRole('button', { name: 'Take what stands now' }));
    expect(await screen.findByText('tee argon v5')).toBeInTheDocument();
    expect(patches(sent)[1]?.body).toEqual({ work: { position: 'overhead' } });
    await waitFor(() => expect(screen.queryByRole('dialog')).not.toBeInTheDocument());
  });
});

function List() {
  const remove = useRemoveJob();
  return (
    <>
      <button type="button" onClick={() => remove.mutate(MINE)}>
        Put away
      </button>
      <p role="status">{remove.error?.message ?? (remove.isPending ? 'asking' : 'done')}</p>
    </>
  );
}

describe('putting away what was changed elsewhere', () => {
  const shownList = () => {
    let asked = 0;
    return show(
      <ConflictProvider>
        <List />
      </ConflictProvider>,
      {
        answers: {
          'DELETE /jobs/j': () => {
            asked += 1;
            if (asked > 1) return null;
            const conflicts = [{ field: 'away', current: null, sent: true }];
            return new Refusal(409, {
              code: 'stale',
              message: 'Changed elsewhere.',
              ...({ current: THEIRS, conflicts, sent: { away: true } } as object),
            });
          },
        },
      },
    );
  };
  const versions = (sent: readonly { version: string | undefined }[]) => sent.map(({ version }) => version);

  it('is asked for, and done to what stands now', async () => {
    const { user, sent } = shownList();
    await user.click(await screen.findByRole('button', { name: 'Put away' }));
    const group = within(await screen.findByRole('group', { name: 'Put away' }));
    expect(group.getByText('kept')).toBeInTheDocument();
    await user.click(screen.getByRole('button', { name: 'Keep mine' }));
    await waitFor(() => expect(screen.getByRole('status')).toHaveTextContent('done'));
    expect(versions(sent)).toEqual(['"1"', '"4"']);
  });

  it('is left, and said', async () => {
    const { user, sent } = shownList();
    await user.click(await screen.findByRole('button', { name: 'Put away' }));
    await user.click(await screen.findByRole('button', { name: 'Take what stands now' }));
    expect(await screen.findByText(/^It stays/)).toBeInTheDocument();
    expect(versions(sent)).toEqual(['"1"']);
  });
});
