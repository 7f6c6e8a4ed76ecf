import type { FaultCount, KeptFaultCase } from '@hot-bead/contract/faults';
import { screen, waitFor, within } from '@testing-library/react';
import { SHOWN } from '../../../test/machines.ts';
import { listed, type Sent, show } from '../../../test/show.tsx';
import { CasePage } from './case-page.tsx';
import { FaultsPage } from './faults-page.tsx';
import { NewCasePage } from './new-case-page.tsx';
import { TablesPage } from './tables-page.tsx';

const AT = '2026-11-02T09:30:00.000Z';
const CASE: KeptFaultCase = {
  id: 'one',
  version: 1,
  updatedAt: AT,
  away: false,
  process: 'solid-gas',
  present: ['porosity-heavy'],
  absent: [],
  said: {},
  looks: [],
  beganAt: AT,
};
const MENDED: KeptFaultCase = {
  ...CASE,
  id: 'two',
  machineId: 'shown',
  looks: [
    { causes: ['gas-off'], answer: 'was-not', at: AT },
    { causes: ['cylinder-empty'], answer: 'was', found: 'cylinder-empty', mended: true, at: AT },
  ],
  end: 'mended',
  endedAt: AT,
  minutes: 12,
};
const COUNTS: readonly FaultCount[] = [
  { process: 'solid-gas', cause: 'wind', machineId: 'shown', month: '2026-10', count: 3, minutes: 9 },
  { process: 'solid-gas', cause: 'tip-worn', machineId: 'other', month: '2026-11', count: 1, minutes: 2 },
];
const OTHERS = {
  'GET /machines': listed([SHOWN, { ...SHOWN, id: 'other', name: 'Other' }]),
  'GET /stock': listed([]),
  'GET /learning': {},
  'GET /shop': { schools: {}, day: {}, rates: {}, version: 1, shelf: null },
  'GET /faults/counts': COUNTS,
};

function opened(faultCase: KeptFaultCase, more: Readonly<Record<string, unknown>> = {}) {
  return show(<CasePage />, {
    route: '/faults/:caseId',
    path: `/faults/${faultCase.id}`,
    answers: {
      ...OTHERS,
      [`GET /faults/${faultCase.id}`]: faultCase,
      [`PATCH /faults/${faultCase.id}`]: (body: object) => ({ ...faultCase, ...body, version: 2 }),
      ...more,
    },
  });
}
/** What was last sent to be changed of a case. */
const lastChange = (sent: readonly Sent[]): unknown =>
  sent.findLast(({ method }) => method === 'PATCH')?.body;
const look = () => within(screen.getByRole('region', { name: /^Look next/ }));
const casesPage = (cases: readonly KeptFaultCase[], counts: readonly FaultCount[] = COUNTS) =>
  show(<FaultsPage />, {
    answers: { ...OTHERS, 'GET /faults?': listed(cases), 'GET /faults/counts': counts },
  });

describe('faults', () => {
  it('say what to do while none was looked into', async () => {
    casesPage([], []);
    expect(await screen.findByText('Nothing has been looked into yet')).toBeVisible();
    expect(screen.getByRole('link', { name: 'Find a fault' })).toHaveAttribute('href', '/faults/new');
  });

  it('are listed open and ended, by what it was or what was seen', async () => {
    casesPage([CASE, MENDED]);
    const open = within(await screen.findByRole('region', { name: 'Open' }));
    expect(open.getByRole('link')).toHaveTextContent(/^Bead full of holes, like a sponge.*open$/);
    const ended = within(screen.getByRole('region', { name: 'Ended' }));
    await waitFor(() => expect(ended.getByRole('link')).toHaveTextContent(/Shown · 2 Nov · 12 min/));
    expect(ended.getByRole('link')).toHaveTextContent(/^Cylinder is empty/);
  });

  it('are counted by cause, of one machine or one month where that is asked', async () => {
    const { user } = casesPage([MENDED]);
    const here = within(await screen.findByRole('region', { name: 'What goes wrong here' }));
    const rows = async () => (await here.findAllByRole('listitem')).map((row) => row.textContent);
    expect((await rows())[0]).toMatch(/^Wind, a fan or extraction blows the gas awaygas · 9 min in all3$/);
    expect(await rows()).toHaveLength(2);
    await user.selectOptions(here.getByLabelText('Machine'), 'Other');
    expect(await rows()).toEqual([expect.stringMatching(/^Tip bore is worn/)]);
    await user.selectOptions(here.getByLabelText('Month'), 'October 2026');
    expect(here.getByText('Nothing was wrong there then.')).toBeVisible();
  });
});

describe('a fault being looked into', () => {
  it('names the next look; an answer is kept and names the one after it', async () => {
    const { user, sent } = opened(CASE);
    await screen.findByRole('region', { name: /^Look next/ });
    const first = look().getByText(/valve and gauges/).textContent;
    await user.click(look().getByRole('button', { name: 'It was not' }));
    await waitFor(() => expect(lastChange(sent)).toBeDefined());
    const [kept] = (lastChange(sent) as { looks: object[] }).looks;
    expect(kept).toMatchObject({ causes: ['gas-off'], answer: 'was-not' });
    expect(look().queryByText(first ?? '')).toBeNull();
    const done = within(screen.getByRole('region', { name: 'Looked at so far' }));
    expect(done.getByText('it was not')).toBeVisible();
    await user.click(done.getByRole('button', { name: 'Take back the last answer' }));
    expect(look().getByText(first ?? '')).toBeVisible();
  });

  it('what was found says how it is mended, and whether the trouble is gone ends it', async () => {
    const { user, sent } = opened(CASE);
    await screen.findByRole('region', { name: /^Look next/ });
    await user.click(look().getByRole('button', { name: 'It was so' }));
    const region = within(await screen.findByRole('region', { name: /^Found: Cylinder valve/ }));
    expect(region.getByText('Open the valve fully and set the flow.')).toBeVisible();
    await user.click(region.getByRole('button', { name: 'It is gone' }));
    await waitFor(() => expect(lastChange(sent)).toMatchObject({ end: 'mended' }));
    expect(await screen.findByRole('region', { name: 'Mended' })).toBeVisible();
  });

  it('what is not gone is explained by something else', async () => {
    const both: KeptFaultCase = { ...CASE, present: ['porosity-heavy', 'gas-hiss-absent', 'bird-nest'] };
    const { user } = opened(both);
    await screen.findByRole('region', { name: /^Look next/ });
    await user.click(look().getByRole('button', { name: 'It was so' }));
    await user.click(await screen.findByRole('button', { name: 'Not, or not all' }));
    expect(await screen.findByText(/does not explain: Wire balls up in a tangle/)).toBeVisible();
    const causes = within(screen.getByRole('region', { name: 'What it may be' }));
    expect(causes.getAllByRole('button')[0]).toHaveTextContent(/drive rolls|liner/);
  });

  it('several causes of one look are told apart, or none of them', async () => {
    const { user, sent } = opened({ ...CASE, present: ['porosity-scattered'] });
    await screen.findByRole('region', { name: /^Look next/ });
    const flow = 'Read the flow with the gas really running.';
    for (let i = 0; i < 8 && look().queryByText(flow) === null; i += 1) {
      await user.click(look().getByRole('button', { name: 'I cannot look' }));
    }
    expect(look().getByRole('button', { name: /^It was: gas flow is too low/ })).toBeVisible();
    await user.click(look().getByRole('button', { name: 'None of these' }));
    await waitFor(() => {
      const { looks } = lastChange(sent) as { looks: { causes: string[]; answer: string }[] };
      expect(looks.at(-1)?.answer).toBe('was-not');
      expect(looks.at(-1)?.causes.length).toBeGreaterThan(1);
    });
  });

  it('a press says it is there, another that it is not, a third nothing', async () => {
    const { user, sent } = opened(CASE);
    const tile = await screen.findByRole('button', { name: /^Beads of spatter/ });
    await user.click(tile);
    expect(tile).toHaveAttribute('aria-pressed', 'true');
    await waitFor(() =>
      expect(lastChange(sent)).toMatchObject({ present: ['porosity-heavy', 'spatter-heavy'] }),
    );
    await user.click(tile);
    expect(tile).toHaveTextContent('not there');
    await waitFor(() => expect(lastChange(sent)).toMatchObject({ absent: ['spatter-heavy'] }));
    await user.click(tile);
    await waitFor(() => expect(lastChange(sent)).toEqual({ present: ['porosity-heavy'], absent: [] }));
  });

  it('is found by any word, and says where nothing goes by it', async () => {
    const { user } = opened(CASE);
    const search = await screen.findByRole('searchbox', { name: 'Search by any word' });
    await user.type(search, 'birdnest');
    expect(await screen.findByRole('button', { name: /^Wire balls up/ })).toBeVisible();
    await user.clear(search);
    await user.type(search, 'xylophone');
    expect(await screen.findByText(/Nothing goes by “xylophone”/)).toBeVisible();
  });

  it('a cause says why and why not', async () => {
    const { user } = opened({ ...CASE, absent: ['gas-hiss-absent'] });
    const causes = within(await screen.findByRole('region', { name: 'What it may be' }));
    const row = causes.getAllByRole('button')[0];
    if (!row) throw new Error('no cause');
    await user.click(row);
    expect(causes.getByText('Why it may be')).toBeVisible();
    expect(causes.getByText(/^Bead full of holes, like a sponge: it/)).toBeVisible();
  });

  it('a danger that a report is tied to is pinned apart', async () => {
    opened({ ...CASE, present: ['white-fluff-smoke'] });
    const dangers = within(await screen.findByRole('region', { name: /^▲ Not to be ruled out/ }));
    expect(dangers.getByText(/Zinc coating is still on the joint/)).toBeVisible();
  });

  it('what a record says is wrong is first, and “no, that is wrong” is told to the rig', async () => {
    const reversed = { ...SHOWN, standingPolarity: 'DCEN' as const };
    const { user, sent } = opened(
      { ...CASE, machineId: 'shown' },
      { 'GET /machines': listed([reversed]), 'POST /machines/shown/rig': SHOWN },
    );
    const causes = within(await screen.findByRole('region', { name: 'What it may be' }));
    await waitFor(() =>
      expect(causes.getAllByRole('button')[0]).toHaveTextContent(
        /^Gun and work leads are on the wrong poles.*known from how the machine stands/,
      ),
    );
    const known = within(screen.getByRole('region', { name: 'What is known already' }));
    await user.click(known.getByRole('button', { name: /^No, that is wrong ?: Leads/ }));
    await waitFor(() =>
      expect(sent.find(({ path }) => path === '/machines/shown/rig')?.body).toEqual({
        why: 'said',
        changes: { polarity: { from: 'DCEN', to: 'DCEP' } },
      }),
    );
  });

  it('what one knows oneself counts, and can be taken back', async () => {
    const { user, sent } = opened(CASE);
    const known = within(await screen.findByRole('region', { name: 'What is known already' }));
    await user.selectOptions(known.getByLabelText('Something else you know'), 'Gas flow');
    await user.click(known.getByRole('button', { name: 'low' }));
    await waitFor(() => expect(lastChange(sent)).toEqual({ said: { flow: 'low' } }));
    expect(known.getByText(/^Gas flow: low/)).toBeVisible();
    await user.click(known.getByRole('button', { name: /^Take back ?: Gas flow/ }));
    await waitFor(() => expect(lastChange(sent)).toEqual({ said: { flow: null } }));
  });
});

describe('a case that has ended', () => {
  it('says what it was; a wrong number of minutes is said at its field and not sent', async () => {
    const { user, sent } = opened(MENDED);
    const minutes = await screen.findByLabelText('Minutes it took');
    await user.clear(minutes);
    await user.type(minutes, '-3');
    await user.tab();
    expect(screen.getByText('A number from 0 to 10080.')).toBeVisible();
    expect(sent.some(({ method }) => method === 'PATCH')).toBe(false);
    await user.clear(minutes);
    await user.type(minutes, '7,5');
    await user.tab();
    await waitFor(() => expect(lastChange(sent)).toEqual({ minutes: 7.5 }));
  });

  it('is opened again', async () => {
    const { user, sent } = opened(MENDED);
    await user.click(await screen.findByRole('button', { name: 'Open it again' }));
    await waitFor(() => expect(lastChange(sent)).toEqual({ end: null, endedAt: null }));
  });
});

describe('a new case', () => {
  it('is kept from the first press, with the machine one comes from', async () => {
    const { user, sent, at } = show(<NewCasePage />, {
      path: '/faults/new?machine=shown',
      answers: { ...OTHERS, 'POST /faults': CASE },
    });
    await user.click(await screen.findByRole('button', { name: /^Beads of spatter/ }));
    await waitFor(() => expect(at()).toMatch(/^\/faults\/[0-9a-f-]{36}$/));
    const post = sent.find(({ method }) => method === 'POST');
    expect(post?.body).toMatchObject({
      process: 'solid-gas',
      machineId: 'shown',
      present: ['spatter-heavy'],
    });
  });

  it('what one said and took back before the first press is not sent', async () => {
    const { user, sent } = show(<NewCasePage />, {
      path: '/faults/new?machine=shown',
      answers: { ...OTHERS, 'POST /faults': CASE },
    });
    const known = within(await screen.findByRole('region', { name: 'What is known already' }));
    await user.selectOptions(known.getByLabelText('Something else you know'), 'Gas flow');
    await user.click(known.getByRole('button', { name: 'low' }));
    await user.click(known.getByRole('button', { name: /^Take back ?: Gas flow/ }));
    await user.click(screen.getByRole('button', { name: /^Beads of spatter/ }));
    await waitFor(() =>
      expect(sent.find(({ method }) => method === 'POST')?.body).toHaveProperty('said', {}),
    );
  });
});

describe('the tables of faults', () => {
  it('can be read by process and station', async () => {
    const { user } = show(<TablesPage />);
    expect(screen.getByRole('rowheader', { name: 'Cylinder is empty' })).toBeVisible();
    await user.selectOptions(screen.getByLabelText('Welded with'), 'flux core without gas');
    expect(screen.getByText(/Nothing at this station can be wrong with flux core without gas/)).toBeVisible();
    await user.click(screen.getByRole('tab', { name: 'Symptoms' }));
    expect(screen.getByRole('rowheader', { name: /^Curved grooves like worm trails/ })).toBeVisible();
  });
});
