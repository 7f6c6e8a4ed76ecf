import type { ShopEvent } from '@hot-bead/contract/history';
import { screen } from '@testing-library/react';
import { Refusal, show } from '../../../test/show.tsx';
import { HistoryPage } from './history-page.tsx';
import { SetAsideNotice } from './set-aside-notice.tsx';

const event = (over: Partial<ShopEvent>): ShopEvent => ({
  id: 'e1',
  at: '2026-11-02T09:30:00.000Z',
  actor: null,
  device: '3f0f6f0a-52a6-4b57-9b93-5b1f2f4f9a01',
  kind: 'changed',
  subject: { kind: 'job', id: 'j', title: '3 mm tee', of: 'j' },
  before: { 'work.joint': 'lap' },
  after: { 'work.joint': 'tee' },
  undoOf: null,
  undoneBy: null,
  about: null,
  ...over,
});

describe('what happened', () => {
  it('is told newest first, each with its way back', async () => {
    const items = [
      event({ actor: 'KM' }),
      event({
        id: 'e0',
        device: 'the demo shop',
        kind: 'created',
        before: null,
        subject: { kind: 'machine', id: 'm2', title: 'Tim', of: 'm2' },
      }),
      event({
        id: 'e2',
        kind: 'put-away',
        before: { away: null },
        after: { away: true },
        undoneBy: 'e1',
        subject: { kind: 'machine', id: 'm', title: 'Tom', of: 'm' },
      }),
    ];
    const { user, sent } = show(<HistoryPage />, {
      answers: { 'GET /events?': { items, next: null }, 'POST /events/e1/undo': {} },
    });
    expect(await screen.findByText(/lap → tee/)).toBeInTheDocument();
    expect(screen.getByText(/KM, on another device/)).toBeInTheDocument();
    expect(screen.getByRole('link', { name: 'Tom' })).toHaveAttribute('href', '/machines/m');
    expect(screen.getByText(/undone since/)).toBeInTheDocument();
    expect(screen.getByText(/by the demo shop/)).toBeInTheDocument();
    await user.click(screen.getByRole('button', { name: 'Undo: 3 mm tee changed' }));
    expect(await screen.findByText('Undone')).toBeInTheDocument();
    expect(sent.some(({ method, path }) => method === 'POST' && path === '/events/e1/undo')).toBe(true);
  });

  it('says why something could not be undone, and that nothing has happened yet', async () => {
    const refusal = new Refusal(409, { code: 'undo-overtaken', message: 'It was changed again since.' });
    const { user, unmount } = show(<HistoryPage />, {
      answers: { 'GET /events?': { items: [event({})], next: null }, 'POST /events/e1/undo': refusal },
    });
    await user.click(await screen.findByRole('button', { name: /^Undo/ }));
    expect(await screen.findByText('Not undone. It was changed again since.')).toBeInTheDocument();
    unmount();
    show(<HistoryPage />, { answers: { 'GET /events?': { items: [], next: null } } });
    expect(await screen.findByText('Nothing yet')).toBeInTheDocument();
  });
});

it('records that could not be read are said, and nothing where all can be', async () => {
  const aside = [{ kind: 'machine', id: 'm', title: 'Tom', why: 'It is not valid JSON.' }];
  const { unmount } = show(<SetAsideNotice />, { answers: { 'GET /set-aside': aside } });
  expect(await screen.findByText('One record could not be read')).toBeInTheDocument();
  expect(screen.getByText(/machine Tom/).parentElement).toHaveTextContent('It is not valid JSON.');
  unmount();
  const { container } = show(<SetAsideNotice />, { answers: { 'GET /set-aside': [] } });
  expect(container).not.toHaveTextContent('could not be read');
});
