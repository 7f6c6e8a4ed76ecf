import { screen } from '@testing-library/react';
import { SHOWN, TAPPED } from '../../../test/machines.ts';
import { listed, Refusal, show } from '../../../test/show.tsx';
import { MachinesPage } from './machines-page.tsx';

const LIST = 'GET /machines';
const RETIRED = 'GET /machines/away';

describe('the list of machines', () => {
  it('says what to do while it is empty', async () => {
    show(<MachinesPage />, { answers: { [LIST]: listed([]), [RETIRED]: listed([]) } });
    expect(await screen.findByText('No machines yet')).toBeInTheDocument();
    expect(screen.getByRole('link', { name: 'Add a machine' })).toHaveAttribute('href', '/machines/new');
    expect(screen.queryByText(/^Retired/)).not.toBeInTheDocument();
  });

  it('brings a retired machine back', async () => {
    const { user, sent } = show(<MachinesPage />, {
      answers: {
        [LIST]: listed([SHOWN]),
        [RETIRED]: listed([TAPPED]),
        'POST /machines/tapped/restore': TAPPED,
      },
    });
    await user.click(await screen.findByText('Retired: 1'));
    await user.click(screen.getByRole('button', { name: 'Bring Tapped back' }));
    expect(await screen.findByText('Tapped is in use again')).toBeInTheDocument();
    expect(sent.some(({ path }) => path === '/machines/tapped/restore')).toBe(true);
  });

  it('says what happened when it cannot be loaded, and tries again', async () => {
    let tries = 0;
    const list = () => {
      tries += 1;
      return tries === 1
        ? new Refusal(503, { code: 'busy', message: 'The server is busy.' })
        : listed([SHOWN]);
    };
    const { user } = show(<MachinesPage />, { answers: { [LIST]: list, [RETIRED]: listed([]) } });
    expect(await screen.findByText('The server is busy.')).toBeInTheDocument();
    await user.click(screen.getByRole('button', { name: 'Try again' }));
    expect(await screen.findByRole('link', { name: /Shown/ })).toBeInTheDocument();
  });
});
