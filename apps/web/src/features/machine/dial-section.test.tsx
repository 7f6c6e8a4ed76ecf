import { screen, within } from '@testing-library/react';
import { TAPPED } from '../../../test/machines.ts';
import { Refusal, show } from '../../../test/show.tsx';
import { DialSection } from './dial-section.tsx';

const HISTORY = 'GET /machines/tapped/dial-readings';
const ADD = 'POST /machines/tapped/dial-readings';

function shown(answers: Readonly<Record<string, unknown>> = {}) {
  return show(<DialSection machine={TAPPED} />, { answers: { [HISTORY]: TAPPED.dialReadings, ...answers } });
}

describe('the dial of a machine', () => {
  it('answers at once where to turn the knob, and anew for each wish', async () => {
    const { user } = shown();
    const want = screen.getByLabelText('Want (m/min)');
    expect(screen.getByText(/Turn the knob to/)).toBeInTheDocument();
    await user.clear(want);
    await user.type(want, '5');
    expect(screen.getByText(/Turn the knob to/)).toHaveTextContent(/Turn the knob to (5\.\d|5½) ± \d\.\d$/);
    await user.clear(want);
    await user.type(want, '40');
    expect(screen.getByText(/^Out of reach: the fastest reading is/)).toBeInTheDocument();
    await user.clear(want);
    await user.type(want, 'much');
    expect(screen.getByText('A number, please.')).toBeInTheDocument();
  });

  it('keeps a reading with its tap, in whatever unit the length was written', async () => {
    const { user, sent } = shown({ [ADD]: TAPPED });
    const form = within(screen.getByRole('form', { name: 'Read the dial' }));
    await user.clear(form.getByLabelText(/^1\. Set the knob/));
    await user.type(form.getByLabelText(/^1\. Set the knob/), '7,5');
    await user.click(form.getByRole('radio', { name: '10 s' }));
    await user.type(form.getByLabelText(/^3\. Wire that came out/), '1.2 m');
    await user.click(form.getByRole('button', { name: 'Keep this reading' }));
    expect(await screen.findByText('Reading kept')).toBeInTheDocument();
    expect(sent.find(({ method }) => method === 'POST')?.body).toEqual({
      id: '*',
      knob: 7.5,
      run: { lengthMm: 1200, timeS: 10 },
      position: '2',
    });
  });

  it('says at the field what the server refuses, and loses nothing', async () => {
    const refusal = new Refusal(400, {
      code: 'knob-out-of-range',
      message: 'This knob goes from 0 to 10.',
      field: 'knob',
    });
    const { user } = shown({ [ADD]: refusal });
    const form = within(screen.getByRole('form', { name: 'Read the dial' }));
    await user.type(form.getByLabelText(/^3\. Wire that came out/), '700');
    await user.click(form.getByRole('button', { name: 'Keep this reading' }));
    expect(await form.findByRole('alert')).toHaveTextContent('This knob goes from 0 to 10.');
    expect(form.getByLabelText(/^1\. Set the knob/)).toHaveAttribute('aria-invalid', 'true');
    expect(form.getByLabelText(/^3\. Wire that came out/)).toHaveValue('700');
  });

  it('weighs a run against the wire it wastes, and asks for two lengths where that is chosen', async () => {
    const { user } = shown();
    const form = within(screen.getByRole('form', { name: 'Read the dial' }));
    expect(form.getByText(/Good to about ±3\.\d %, for .* A whole minute: ±0\.3 %/)).toBeInTheDocument();
    await user.click(form.getByRole('radio', { name: 'two lengths' }));
    expect(form.getByText(/The difference cancels a late start/)).toBeInTheDocument();
    expect(form.getByLabelText(/^3\. Wire of the 3 s run/)).toBeInTheDocument();
    expect(form.getByRole('timer')).toHaveTextContent('3');
    await user.click(form.getByRole('radio', { name: 'then 9 s' }));
    expect(form.getByRole('timer')).toHaveTextContent('9');
  });

  it('takes the time that the wire really ran, and refuses one that cannot be at its field', async () => {
    const { user, sent } = shown({ [ADD]: TAPPED });
    const form = within(screen.getByRole('form', { name: 'Read the dial' }));
    const ran = form.getByLabelText('it ran (s)');
    expect(ran).toHaveValue('6');
    await user.type(form.getByLabelText(/^3\. Wire that came out/), '700');
    await user.clear(ran);
    await user.type(ran, '0');
    await user.click(form.getByRole('button', { name: 'Keep this reading' }));
    expect(form.getByRole('alert')).toHaveTextContent('The time is 1 to 120 s.');
    expect(ran).toHaveAttribute('aria-invalid', 'true');
    await user.clear(ran);
    await user.type(ran, '6,4');
    await user.click(form.getByRole('button', { name: 'Keep this reading' }));
    expect(await screen.findByText('Reading kept')).toBeInTheDocument();
    expect(sent.find(({ method }) => method === 'POST')?.body).toMatchObject({
      run: { lengthMm: 700, timeS: 6.4 },
    });
  });

  it('tells another thing to do under arc', async () => {
    const { user } = shown();
    expect(screen.getByText(/Clamp off, wire pointing away/)).toBeInTheDocument();
    await user.click(screen.getByLabelText(/with an arc burning/));
    expect(screen.getByText(/Mark the wire before the rolls/)).toBeInTheDocument();
  });

  it('says of each tap what its dial rests on', async () => {
    const { user } = shown();
    expect(screen.queryByText(/was not read/)).not.toBeInTheDocument();
    await user.selectOptions(screen.getByLabelText('On tap'), '3');
    expect(screen.getByText(/Tap 3 was not read: guessed from tap 2/)).toBeInTheDocument();
    expect(screen.getByText(/taken to slow by 5 % \(0 to 10\): assumed/)).toBeInTheDocument();
  });
});
