import { screen } from '@testing-library/react';
import { TAPPED } from '../../../test/machines.ts';
import { Refusal, show } from '../../../test/show.tsx';
import { CloneMachine } from './clone-machine.tsx';

const CLONE = 'POST /machines/tapped/clone';

describe('cloning a machine', () => {
  it('asks for a name and whether the readings come along, then goes to the copy', async () => {
    const copy = { ...TAPPED, id: 'copy', name: 'Tapped 2', dialReadings: [] };
    const { user, sent, at } = show(<CloneMachine machine={TAPPED} />, {
      answers: { [CLONE]: copy },
      route: '/machines/tapped',
      path: '/machines/tapped',
    });
    await user.click(screen.getByRole('button', { name: 'Clone it' }));
    expect(screen.getByLabelText('Its name')).toHaveValue('Tapped 2');
    await user.click(screen.getByLabelText('Take its readings along: knob, taps, display'));
    await user.click(screen.getAllByRole('button', { name: 'Clone it' }).at(-1) as HTMLElement);
    expect(await screen.findByText('Cloned: this is Tapped 2')).toBeInTheDocument();
    expect(sent[0]).toMatchObject({ body: { name: 'Tapped 2', withReadings: true } });
    expect(at()).toBe('/machines/copy');
  });

  it('says at the name why it was refused, and keeps it', async () => {
    const refusal = new Refusal(409, {
      code: 'name-taken',
      message: 'There is a machine A already.',
      field: 'name',
    });
    const { user } = show(<CloneMachine machine={TAPPED} />, { answers: { [CLONE]: refusal } });
    await user.click(screen.getByRole('button', { name: 'Clone it' }));
    await user.clear(screen.getByLabelText('Its name'));
    await user.type(screen.getByLabelText('Its name'), 'A');
    await user.click(screen.getAllByRole('button', { name: 'Clone it' }).at(-1) as HTMLElement);
    expect(await screen.findByRole('alert')).toHaveTextContent('There is a machine A already.');
    expect(screen.getByLabelText('Its name')).toHaveValue('A');
  });
});
