import { screen, waitFor, within } from '@testing-library/react';
import { listed, Refusal, show } from '../../../test/show.tsx';
import { QuickLine } from './quick-line.tsx';

const SHOP = { schools: {}, day: {}, rates: {}, words: { grommit: 'lap' }, version: 1, shelf: null };
const ANSWERS = { 'GET /machines': listed([]), 'GET /shop': SHOP };

it('reads the line as it grows, with the shop’s own words', async () => {
  const { user } = show(<QuickLine large />, { answers: ANSWERS });
  await user.type(screen.getByLabelText('What are you welding?'), '3mm grommit .035');
  const figures = await screen.findByRole('list', { name: 'What each figure was taken for' });
  await waitFor(() => expect(within(figures).getAllByRole('button')).toHaveLength(2));
  expect(within(figures).getByRole('button', { name: /^\.035: wire/ })).toBeInTheDocument();
  expect(
    await within(screen.getByRole('list', { name: 'What was read' })).findByText('lap'),
  ).toBeInTheDocument();
});

it('keeps the welds that a server would not take, says why, and sends a piece again as the same one', async () => {
  const refusal = new Refusal(503, {
    code: 'database-busy',
    message: 'The database is held by another program.',
  });
  const { user, sent } = show(<QuickLine large />, { answers: { ...ANSWERS, 'POST /pieces': refusal } });
  await user.type(screen.getByLabelText('What are you welding?'), '3mm lap then 6mm tee');
  const save = await screen.findByRole('button', { name: 'Save as one piece' });
  await user.click(save);
  expect(await screen.findByRole('alert')).toHaveTextContent('held by another program');
  expect(screen.getByLabelText('What are you welding?')).toHaveValue('3mm lap then 6mm tee');
  expect(sent.filter(({ method }) => method === 'POST').map(({ path, body }) => [path, body])).toEqual([
    ['/pieces', { id: '*', name: '2 welds' }],
  ]);
});

it('says of a line that is too long that it is, and sends nothing', async () => {
  const { user, sent } = show(<QuickLine large />, { answers: ANSWERS });
  const field = screen.getByLabelText('What are you welding?');
  await user.click(field);
  await user.paste('3 mm lap '.repeat(60));
  await screen.findByText(/A line is read up to 400 characters/);
  await user.keyboard('{Enter}');
  expect(await screen.findByRole('alert')).toHaveTextContent('up to 400 characters');
  expect(sent.some(({ method }) => method === 'POST')).toBe(false);
});

it('says that a word is kept once it is, and why where it is not', async () => {
  const refusal = new Refusal(400, { code: 'invalid', message: 'Up to 500 words are kept.', field: 'words' });
  const { user } = show(<QuickLine large />, { answers: { ...ANSWERS, 'PATCH /shop': refusal } });
  await user.type(screen.getByLabelText('What are you welding?'), '3mm blivet lap');
  await user.click(await screen.findByRole('button', { name: 'a thing, no figure' }));
  expect(await screen.findByRole('alert')).toHaveTextContent('Up to 500 words are kept.');
  expect(screen.getByText('“blivet” is not known here. It is')).toBeInTheDocument();
  expect(screen.queryByText(/kept in Settings/)).not.toBeInTheDocument();
});
