import type { NewMachine } from '@hot-bead/contract/machine';
import { screen, waitFor, within } from '@testing-library/react';
import { SHOWN, TAPPED } from '../../../test/machines.ts';
import { show } from '../../../test/show.tsx';
import { MachineForm } from './machine-form.tsx';

function shown(machine: typeof TAPPED | undefined) {
  const saved: NewMachine[] = [];
  const result = show(<MachineForm machine={machine} saving={false} onSave={(next) => saved.push(next)} />);
  return { ...result, saved };
}
const save = () => screen.getByRole('button', { name: /machine$/ });

describe('the form of a machine', () => {
  it('says every wrong field at once, and keeps what was typed', async () => {
    const { user, saved } = shown(undefined);
    await user.type(screen.getByLabelText('Lowest current (A)'), '200');
    await user.type(screen.getByLabelText('Highest current (A)'), '30');
    await user.type(screen.getByLabelText('Mains (V)'), '12');
    await user.click(save());
    expect(await screen.findByText('Give the machine a name.')).toBeInTheDocument();
    expect(screen.getByText('Current: the lowest must lie under the highest.')).toBeInTheDocument();
    expect(screen.getByText('Mains volts is 90 to 500 V.')).toBeInTheDocument();
    expect(screen.getByLabelText('Lowest current (A)')).toHaveValue('200');
    expect(saved).toEqual([]);
    await waitFor(() => expect(screen.getByLabelText('Name')).toHaveFocus());
  });

  it('saves once what was wrong is put right, a list’s fault too', async () => {
    const { user, saved } = shown(TAPPED);
    await user.click(screen.getByRole('button', { name: 'Add a rating' }));
    const [, amps] = screen.getAllByLabelText('At (A)');
    const [, percent] = screen.getAllByLabelText('Duty (%)');
    if (!amps || !percent) throw new Error('no second rating');
    await user.type(amps, '90');
    await user.type(percent, '10');
    await user.click(save());
    expect(await screen.findByText(/At more current the duty must be less/)).toBeInTheDocument();
    await user.clear(percent);
    await user.type(percent, '60');
    await user.click(save());
    expect(saved[0]?.duty).toEqual([
      { currentA: 150, percent: 20 },
      { currentA: 90, percent: 60 },
    ]);
    expect(saved[0]?.voltsControl).toEqual(TAPPED.voltsControl);
  });

  it('forgets a range that was emptied', async () => {
    const { user, saved } = shown(TAPPED);
    await user.clear(screen.getByLabelText('Lowest current (A)'));
    await user.clear(screen.getByLabelText('Highest current (A)'));
    await user.click(save());
    expect(saved[0]).not.toHaveProperty('currentRangeA');
  });

  it('asks for what a control needs, and only for that', async () => {
    const { user, saved } = shown(SHOWN);
    expect(screen.queryByLabelText('Knob from')).not.toBeInTheDocument();
    await user.selectOptions(screen.getByLabelText('Wire speed is'), 'a knob with a scale');
    expect(screen.getByLabelText('Knob from')).toHaveValue('0');
    await user.selectOptions(screen.getByLabelText('Wire speed is'), 'letters or steps');
    await user.type(screen.getByLabelText('Letters, slowest first'), 'L M H');
    await user.selectOptions(screen.getByLabelText('Volts are'), 'taps, letters, min and max');
    await user.type(screen.getByLabelText(/^Taps or letters, one a line/), 'min 18{enter}max');
    await user.click(screen.getByLabelText(/The wire changes speed with the tap/));
    await user.click(save());
    expect(saved[0]).toMatchObject({
      wireControl: { kind: 'letters', names: ['L', 'M', 'H'] },
      voltsControl: { kind: 'positions', positions: [{ name: 'min', openV: 18 }, { name: 'max' }] },
      feedFollowsPosition: true,
    });
  });

  it('hides the volts where one entry sets both, and keeps the points recorded', async () => {
    const { user, saved } = shown(SHOWN);
    await user.selectOptions(screen.getByLabelText('Wire speed is'), 'set with the volts by one entry');
    expect(screen.queryByLabelText('Volts are')).not.toBeInTheDocument();
    await user.selectOptions(screen.getByLabelText('Its trim is in'), 'marks');
    await user.click(save());
    expect(screen.getByText('Say how many volts a mark of trim moves.')).toBeInTheDocument();
    await user.type(screen.getByLabelText(/^Volts a mark of trim/), '0,5');
    await user.click(save());
    expect(saved[0]).toMatchObject({
      wireControl: { kind: 'entry' },
      voltsControl: { kind: 'entry' },
      oneEntry: { trimStepV: 0.5, lines: SHOWN.oneEntry?.lines },
    });
  });

  it('takes a volts knob whose marks are no volts, and says at its fields what cannot be', async () => {
    const { user, saved } = shown(SHOWN);
    await user.selectOptions(screen.getByLabelText('Volts are'), 'a knob without volts');
    await user.clear(screen.getByLabelText('Volts knob to'));
    await user.type(screen.getByLabelText('Volts knob to'), '1');
    await user.click(save());
    expect(screen.getByText(/highest mark must lie at least 0.5 above/)).toBeInTheDocument();
    await user.type(screen.getByLabelText('Volts knob to'), '0');
    await user.click(save());
    expect(saved[0]).toMatchObject({ voltsControl: { kind: 'knob', min: 1, max: 10, places: [] } });
  });

  it('takes rolls and wires, each once', async () => {
    const { user, saved } = shown(SHOWN);
    expect(screen.getByText('Not filled in: nothing is held against a plan.')).toBeInTheDocument();
    await user.click(screen.getByRole('button', { name: 'Add a roll' }));
    await user.click(screen.getByRole('button', { name: 'Add a roll' }));
    await user.click(save());
    expect(await screen.findByText('The same roll stands there twice.')).toBeInTheDocument();
    await user.click(screen.getByRole('button', { name: 'Remove roll 2' }));
    const wires = within(screen.getByRole('group', { name: /^Wires kept with it/ }));
    await user.click(wires.getByRole('button', { name: 'Keep it here' }));
    await user.click(wires.getByRole('button', { name: 'Keep it here' }));
    await user.click(save());
    expect(saved[0]).toMatchObject({
      rolls: [{ form: 'v-smooth', grooveMm: 0.8 }],
      wires: [{ wireClass: 'ER70S-6', diameterMm: 0.8 }],
    });
  });
});
