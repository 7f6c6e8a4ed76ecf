import type { KeptMachine, RigChange } from '@hot-bead/contract/machine';
import type { Job } from '@hot-bead/contract/plan';
import { screen, within } from '@testing-library/react';
import { jobOf } from '../../../test/jobs.ts';
import { SHOWN } from '../../../test/machines.ts';
import { listed, Refusal, show } from '../../../test/show.tsx';
import { RigPage } from './rig-page.tsx';

const JOB = jobOf({ work: { thicknessMm: 2, joint: 'lap', machineName: 'Shown' } });
const SHOP = { schools: {}, day: {}, rates: {}, shelf: null, version: 1 };

const at = new Date().toISOString();
const known = (values: Readonly<Record<string, string>>): KeptMachine['rig'] =>
  Object.fromEntries(Object.entries(values).map(([name, value]) => [name, { value, at }]));

function shown(machine: object = SHOWN, job: Job = JOB, tell: unknown = machine) {
  return show(<RigPage />, {
    answers: {
      'GET /machines': listed([machine]),
      'GET /shop': SHOP,
      'GET /stock': listed([]),
      'GET /events?of=shown': { items: [], next: null },
      'POST /machines/shown/rig': tell,
      'PATCH /machines/shown': machine,
    },
    context: job,
  });
}

const stepInHand = () => screen.findByRole('region', { name: 'The step' });
const sentRig = (sent: readonly { method: string; path: string; body: unknown }[]): RigChange | undefined =>
  sent.find(({ method, path }) => method === 'POST' && path.endsWith('/rig'))?.body as RigChange | undefined;

describe('the rig of a job', () => {
  it('begins with looks where nobody knows, says from how many minutes to how many, and one press answers', async () => {
    const { user, sent } = shown();
    expect(await screen.findAllByText(/^\d+ to \d+$/)).not.toHaveLength(0);
    const step = await stepInHand();
    expect(within(step).getByRole('heading')).toHaveTextContent('Ask who used it last');
    await user.click(within(step).getByRole('button', { name: 'no' }));
    expect(sentRig(sent)).toMatchObject({
      why: 'look',
      step: 'look-hands',
      jobId: 'j',
      changes: { hot: { from: null, to: 'no' } },
    });
  });

  it('asks a gate before the step behind it, and keeps the tick with the gate and a note', async () => {
    const { user, sent } = shown({
      ...SHOWN,
      rig: known({ power: 'off', hot: 'no', workClamp: 'off', gasLine: 'bled', cylinderValve: 'closed' }),
    });
    await user.click(await screen.findByRole('button', { name: /Look at groove and guides/ }));
    const step = await stepInHand();
    const gate = within(step).getByRole('group', { name: 'Gate' });
    expect(gate).toHaveTextContent('Mains off');
    expect(within(step).queryByRole('button', { name: 'All of it is as needed' })).toBeNull();
    await user.click(within(gate).getByRole('button', { name: 'It is off' }));
    await user.click(within(step).getByRole('button', { name: 'All of it is as needed' }));
    expect(sentRig(sent)?.changes).toMatchObject({ rollsForm: { from: null, to: 'v-smooth' } });
  });

  it('keeps what is ticked with its note, and what it was before', async () => {
    const { user, sent } = shown();
    await user.click(await screen.findByRole('button', { name: /Take the work clamp off/ }));
    const step = await stepInHand();
    await user.type(within(step).getByLabelText('Note to this step'), 'on the vice');
    await user.click(within(step).getByRole('button', { name: 'Done' }));
    expect(sentRig(sent)).toEqual({
      why: 'step',
      step: 'clamp-off',
      jobId: 'j',
      note: 'on the vice',
      changes: { workClamp: { from: null, to: 'off' }, testBead: { from: null, to: 'open' } },
    });
  });

  it('says what was changed elsewhere meanwhile, and shows the machine as it stands', async () => {
    const message = 'It was changed elsewhere meanwhile (workClamp): look how it stands now.';
    const { user } = shown(SHOWN, JOB, new Refusal(409, { code: 'rig-overtaken', message }));
    await user.click(await screen.findByRole('button', { name: /Take the work clamp off/ }));
    await user.click(within(await stepInHand()).getByRole('button', { name: 'Done' }));
    expect(await screen.findAllByText(new RegExp('changed elsewhere meanwhile'))).not.toHaveLength(0);
  });

  it('asks once of the machine what decides a step, and says what it took so far', async () => {
    const { polarityChange: _unknown, ...bare } = { ...SHOWN, standingPolarity: 'DCEN' as const };
    const { user, sent } = shown(bare);
    const asked = await screen.findByRole('region', { name: 'Asked once of Shown' });
    expect(asked).toHaveTextContent('How are its leads swapped? Taken so far: links behind the door.');
    await user.click(within(asked).getByRole('button', { name: 'a switch' }));
    expect(sent.find(({ method }) => method === 'PATCH')?.body).toMatchObject({ polarityChange: 'switch' });
  });

  it('tells of every part how it stands and what is needed', async () => {
    shown({ ...SHOWN, rig: known({ rollsForm: 'knurled', rollsGroove: '0.8' }) });
    const table = await screen.findByRole('region', { name: /^Shown: how it stands/ });
    expect(within(table).getByRole('row', { name: /^Groove form/ })).toHaveTextContent(
      /change: knurled.*V, smooth/,
    );
    expect(within(table).getByRole('row', { name: /^Tip for/ })).toHaveTextContent('not known');
    expect(screen.getByRole('region', { name: /^Other ways, from how it stands/ })).toHaveTextContent(
      'flux core',
    );
  });

  it('says what to do without a machine, without a thickness, and before a stop caution is read', async () => {
    shown(SHOWN, jobOf({ work: { thicknessMm: 2, joint: 'lap' } }));
    expect(await screen.findByText('Which machine?')).toBeInTheDocument();
    shown(SHOWN, jobOf({ work: {} }));
    expect(await screen.findByText('There is nothing to rig for yet')).toBeInTheDocument();
    shown(SHOWN, jobOf({ work: { ...JOB.work, metal: 'coated-steel' } }));
    expect(await screen.findByText('Read the stop cautions first')).toBeInTheDocument();
  });
});
