import type { KeptMachine, MachineChange } from '@hot-bead/contract/machine';
import { screen } from '@testing-library/react';
import { SHOWN, TAPPED } from '../../../test/machines.ts';
import { Refusal, show } from '../../../test/show.tsx';
import { VoltsSection } from './volts-section.tsx';

function shown(machine: KeptMachine, answer: unknown = machine) {
  return show(<VoltsSection machine={machine} />, {
    answers: {
      [`GET /machines/${machine.id}/past-readings`]: [],
      [`PATCH /machines/${machine.id}`]: answer,
    },
  });
}
const changeOf = (sent: readonly { method: string; body: unknown }[]) =>
  sent.filter(({ method }) => method === 'PATCH').map(({ body }) => (body as MachineChange).voltsControl);

describe('taps', () => {
  it('stand as a ladder, highest on top, with what they give at a current', async () => {
    const { user } = shown(TAPPED);
    const rows = screen.getAllByRole('row').slice(1);
    expect(rows.map((row) => row.textContent?.slice(0, 1))).toEqual(['3', '2', '1']);
    expect(rows[2]).toHaveTextContent('118.0 V15.0 V 13.5 to 16.5, open circuit less an assumed droop');
    await user.clear(screen.getByLabelText('At a current of (A)'));
    await user.type(screen.getByLabelText('At a current of (A)'), '200');
    expect(screen.getAllByRole('row')[3]).toHaveTextContent('12.0 V');
  });

  it('ask for a current that can be, and say what stands there meanwhile', async () => {
    const { user } = shown(TAPPED);
    const current = screen.getByLabelText('At a current of (A)');
    for (const text of ['much', '-5', '9000', '']) {
      await user.clear(current);
      if (text !== '') await user.type(current, text);
      expect(screen.getByRole('alert')).toHaveTextContent('10 to 500 A, please; shown for 100 A.');
      expect(current).toHaveValue(text);
    }
    await user.clear(current);
    await user.type(current, '90');
    expect(screen.queryByRole('alert')).not.toBeInTheDocument();
  });

  it('tell their droop once it was measured, and show readings that do not fit to be read again', () => {
    const withLoaded = (...loaded: readonly { volts: number; currentA: number }[]): KeptMachine => ({
      ...TAPPED,
      voltsControl: { kind: 'positions', positions: [{ name: '1', loaded }] },
    });
    const { unmount } = shown(withLoaded({ volts: 18, currentA: 60 }, { volts: 16, currentA: 110 }));
    expect(screen.getByText(/from its loaded readings \(4\.0 V droop at 100 A\)/)).toBeInTheDocument();
    unmount();
    const rising = shown(withLoaded({ volts: 16, currentA: 60 }, { volts: 18, currentA: 110 }));
    expect(screen.getByText(/These volts rise with the current/)).toBeInTheDocument();
    rising.unmount();
    shown(withLoaded({ volts: 16, currentA: 100 }, { volts: 18, currentA: 101 }));
    expect(
      screen.getByText(/V at 10\d A lies 1\.0 V off what the readings make together/),
    ).toBeInTheDocument();
  });

  it('are found for wanted volts, with how far off', async () => {
    const { user } = shown(TAPPED);
    const want = screen.getByLabelText('Want at the arc (V)');
    await user.clear(want);
    await user.type(want, '21.4');
    expect(screen.getByText(/\(gives 21\.0 V, 0\.4 V under\)/)).toBeInTheDocument();
    await user.clear(want);
    await user.type(want, '200');
    expect(screen.getByText('8 to 45 V, please.')).toBeInTheDocument();
  });

  it('take a loaded reading to the tap it was read at, and give it back', async () => {
    const { user, sent } = shown(TAPPED);
    await user.selectOptions(screen.getByLabelText('Tap'), '3');
    await user.type(screen.getByLabelText('Arc volts'), '21,5');
    await user.type(screen.getByLabelText('at amps'), '90');
    await user.click(screen.getByRole('button', { name: 'Keep it' }));
    expect(await screen.findByText('Reading kept')).toBeInTheDocument();
    expect(screen.getByLabelText('Arc volts')).toHaveValue('');
    await user.click(screen.getByRole('button', { name: 'Undo' }));
    const [kept, back] = changeOf(sent);
    expect(kept?.kind === 'positions' && kept.positions[2]).toEqual({
      name: '3',
      openV: 24,
      loaded: [{ volts: 21.5, currentA: 90 }],
    });
    expect(back).toBeUndefined();
    expect(sent.at(-1)).toMatchObject({ method: 'POST', path: '/events/*/undo' });
  });

  it('let a reading be taken out', async () => {
    const { user, sent } = shown(TAPPED);
    await user.click(screen.getByRole('button', { name: 'Take 18.5 V at 90 A on tap 2 out' }));
    const [control] = changeOf(sent);
    expect(control?.kind === 'positions' && control.positions[1]).toEqual({ name: '2', openV: 21 });
  });

  it('say at the field what is wrong, and keep what was typed when the server refuses', async () => {
    const { user } = shown(TAPPED, new Refusal(503, { code: 'busy', message: 'Try again in a moment.' }));
    await user.type(screen.getByLabelText('Arc volts'), '700');
    await user.click(screen.getByRole('button', { name: 'Keep it' }));
    expect(screen.getByText('Arc volts are 5 to 60 V.')).toBeInTheDocument();
    expect(screen.getByText('The current is a number.')).toBeInTheDocument();
    await user.clear(screen.getByLabelText('Arc volts'));
    await user.type(screen.getByLabelText('Arc volts'), '17');
    await user.type(screen.getByLabelText('at amps'), '80');
    await user.click(screen.getByRole('button', { name: 'Keep it' }));
    expect(await screen.findByText('Try again in a moment.')).toBeInTheDocument();
    expect(screen.getByLabelText('Arc volts')).toHaveValue('17');
  });

  it('say that an inverter’s idle volts say nothing', () => {
    shown({ ...TAPPED, kind: 'inverter' });
    expect(screen.getAllByText(/an inverter’s idle volts say nothing/)).toHaveLength(2);
  });
});

describe('a display', () => {
  it('is taken as it shows until a meter was held to it', () => {
    shown(SHOWN);
    expect(screen.getByText(/Taken as it shows/)).toBeInTheDocument();
  });

  it('says how far off it is once it was', () => {
    const meter = [{ shownV: 20, meterV: 19.2 }];
    shown({ ...SHOWN, voltsControl: { kind: 'displayed', meter }, voltsReadAt: '2026-11-01T08:00:00.000Z' });
    expect(screen.getByText('0.8 V')).toBeInTheDocument();
    expect(screen.getByText(/from 1 reading\)/)).toBeInTheDocument();
    expect(screen.getByText(/^Last read /)).toBeInTheDocument();
  });
});
