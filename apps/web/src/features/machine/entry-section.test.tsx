import type { KeptMachine, MachineChange } from '@hot-bead/contract/machine';
import { screen } from '@testing-library/react';
import { SHOWN, TAPPED } from '../../../test/machines.ts';
import { show } from '../../../test/show.tsx';
import { EntrySection } from './entry-section.tsx';

const PAST = 'GET /machines/shown/past-readings';

function shown(machine: KeptMachine) {
  const result = show(<EntrySection machine={machine} />, {
    answers: { [PAST]: [], 'PATCH /machines/shown': machine },
  });
  const changes = () =>
    result.sent.filter(({ method }) => method === 'PATCH').map(({ body }) => body as MachineChange);
  return { ...result, changes };
}

describe('what a machine chooses for its one entry', () => {
  it('is nothing on a machine without one', () => {
    const { container } = show(<EntrySection machine={TAPPED} />);
    expect(container).not.toHaveTextContent('one entry');
  });

  it('is recorded for the wire and gas that are on it', async () => {
    const { user, changes } = shown(SHOWN);
    expect(screen.getByText('1.0 mm: 3.0 m/min, 15.0 V')).toBeInTheDocument();
    await user.type(screen.getByLabelText('Thickness entered (mm)'), '2');
    await user.type(screen.getByLabelText('Wire speed (m/min)'), '5,4');
    await user.type(screen.getByLabelText('Volts'), '16.8');
    await user.click(screen.getByRole('button', { name: 'Keep it' }));
    expect(await screen.findByText('Point recorded')).toBeInTheDocument();
    const [change] = changes();
    expect(change?.oneEntry?.lines[0]?.points).toContainEqual({
      entry: 2,
      wireFeedSpeedMPerMin: 5.4,
      volts: 16.8,
    });
  });

  it('begins a line of its own for another wire, and says that one point says nothing yet', async () => {
    const other = { ...SHOWN, loadedGas: 'co2' } as const;
    const { user, changes } = shown(other);
    await user.type(screen.getByLabelText('Thickness entered (mm)'), '2');
    await user.type(screen.getByLabelText('Wire speed (m/min)'), '5');
    await user.type(screen.getByLabelText('Volts'), '18');
    await user.click(screen.getByRole('button', { name: 'Keep it' }));
    await screen.findByText('Point recorded');
    const [change] = changes();
    expect(change?.oneEntry?.lines.map(({ gas, points }) => [gas, points.length])).toEqual([
      ['ar-co2-18', 2],
      ['co2', 1],
    ]);
  });

  it('refuses a point that runs backwards, without asking the server', async () => {
    const { user, changes } = shown(SHOWN);
    await user.type(screen.getByLabelText('Thickness entered (mm)'), '5');
    await user.type(screen.getByLabelText('Wire speed (m/min)'), '9');
    await user.type(screen.getByLabelText('Volts'), '19');
    await user.click(screen.getByRole('button', { name: 'Keep it' }));
    expect(screen.getByRole('alert')).toHaveTextContent('At entry 5 the wire is no faster than at 4');
    expect(screen.getByLabelText('Volts')).toHaveValue('19');
    expect(changes()).toEqual([]);
  });

  it('lets a point be taken out, and the last one takes its line with it', async () => {
    const [line] = SHOWN.oneEntry?.lines ?? [];
    if (!line) throw new Error('no line');
    const one = {
      ...SHOWN,
      oneEntry: { unit: 'mm' as const, lines: [{ ...line, points: line.points.slice(0, 1) }] },
    };
    const { user, changes } = shown(one);
    expect(screen.getByText(/One point says nothing yet/)).toBeInTheDocument();
    await user.click(screen.getByRole('button', { name: 'Take 1.0 mm: 3.0 m/min, 15.0 V out' }));
    expect(changes()[0]?.oneEntry?.lines).toEqual([]);
  });
});
