import { fireEvent, screen, within } from '@testing-library/react';
import { seededRandom } from '@hot-bead/core/base';
import { practiceFeeder, practiceFlow, practiceSpeed } from '@hot-bead/core/practice';
import { gasOf } from '@hot-bead/core/trade';
import { show } from '../../../test/show.tsx';
import { PracticePage } from './practice-page.tsx';
import { Tape } from './tape.tsx';

const FEEDER = practiceFeeder(seededRandom(7));
const at = (feeder = 7) => show(<PracticePage />, { path: `/practice?feeder=${feeder}` });

describe('the tape', () => {
  it('shows the stretch about the wire’s end, with its tens named, and moves with the length', () => {
    const marks = (lengthMm: number, inch = false): string[] => {
      const { container, unmount } = show(<Tape lengthMm={lengthMm} inch={inch} />);
      const texts = [...container.querySelectorAll('text')].map((text) => text.textContent ?? '');
      unmount();
      return texts;
    };
    expect(marks(764)).toEqual(['710', '720', '730', '740', '750', '760', '770', '780']);
    expect(marks(310)).toContain('310');
    expect(marks(762, true)).toEqual(['28', '29', '30']);
    expect(marks(12)[0]).toBe('0');
  });
});

describe('the practice feeder', () => {
  it('says that it is simulated, and comes back by its number', async () => {
    const { user } = at(41);
    expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent('Practice feeder 41');
    expect(screen.getByText('Simulated.')).toBeInTheDocument();
    await user.click(screen.getByRole('button', { name: 'Another one' }));
    expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent('Practice feeder 42');
  });

  it('is calibrated with the same form, and judged once the cover is lifted', async () => {
    const { user } = at();
    const form = () => within(screen.getByRole('form', { name: 'Read the dial' }));
    for (const knob of [0, 10, 5, 2.5, 7.5]) {
      await user.clear(form().getByLabelText(/^1\. Set the knob/));
      await user.type(form().getByLabelText(/^1\. Set the knob/), String(knob));
      await user.click(form().getByRole('button', { name: 'Hold the trigger for 6 s' }));
      const mm = Math.round((practiceSpeed(FEEDER, knob) / 0.06) * (6 - FEEDER.lateS));
      await user.type(form().getByLabelText(/^3\. Wire that came out/), String(mm));
      await user.click(form().getByRole('button', { name: 'Keep this reading' }));
    }
    expect(screen.queryByText(/lies in your band/)).not.toBeInTheDocument();
    await user.click(screen.getByRole('button', { name: /^Lift the cover/ }));
    expect(screen.getByText(/lies in your band at/)).toHaveTextContent(/(1[5-9]|20) of 20 places/);
    await user.click(screen.getByRole('button', { name: 'Take the reading at 5 out' }));
    expect(screen.queryByRole('button', { name: 'Take the reading at 5 out' })).not.toBeInTheDocument();
  });

  it('has no knob past its scale', async () => {
    const { user } = at();
    const knob = screen.getByLabelText(/^1\. Set the knob/);
    await user.clear(knob);
    await user.type(knob, '12');
    expect(screen.getByText('This knob goes from 0 to 10.')).toBeInTheDocument();
    expect(screen.getByRole('button', { name: 'Hold the trigger for 6 s' })).toBeDisabled();
  });

  it('reads a meter open and under load, and says what the tap gives', async () => {
    const { user } = at();
    await user.click(screen.getByRole('button', { name: 'Read the meter' }));
    const open = FEEDER.openV[0] ?? 0;
    const tap = () => screen.getByRole('row', { name: /^1 / });
    const openV = Number(
      /([\d.]+) V open/.exec(within(tap()).getAllByRole('cell')[0]?.textContent ?? '')?.[1],
    );
    expect(Math.abs(openV - open)).toBeLessThan(0.5);
    await user.selectOptions(screen.getByLabelText('Trigger held, with'), 'an arc of 100 A');
    await user.click(screen.getByRole('button', { name: 'Read the meter' }));
    expect(tap()).toHaveTextContent(/V open, [\d.]+ V at 100 A/);
    await user.click(screen.getByRole('button', { name: /^Lift the cover/ }));
    expect(tap()).toHaveTextContent(/in the band/);
  });

  it('passes gas only with the trigger, on argon’s scale', async () => {
    const { user } = at();
    const gas = within(screen.getByRole('region', { name: /^Set its gas/ }));
    fireEvent.change(gas.getByRole('slider'), { target: { value: '2' } });
    expect(gas.getByRole('img')).toHaveAccessibleName('Float meter, scaled for argon: 0 L/min');
    await user.click(gas.getByLabelText(/trigger held/));
    const { meterLPerMin } = practiceFlow(FEEDER, { turns: 2, trigger: true }, gasOf('ar-co2-18'));
    expect(gas.getByRole('img')).toHaveAccessibleName(
      `Float meter, scaled for argon: ${meterLPerMin.toFixed(0)} L/min`,
    );
  });
});

describe('the practice volts knob', () => {
  it('is read where most is learnt, becomes a curve, and shows what it hid', async () => {
    const { user } = show(<PracticePage />, { path: '/machines/practice?feeder=7' });
    const part = within(screen.getByRole('region', { name: 'Find its volts knob' }));
    expect(part.getByText(/Two places make a line/)).toBeInTheDocument();
    for (const knob of ['0', '10', '5']) {
      expect(part.getByLabelText(/^Knob at/)).toHaveValue(knob);
      await user.click(part.getByRole('button', { name: 'Read the knob' }));
    }
    expect(part.getByText(/^0: \d\d\.\d V open; 5: .* 10: /)).toBeInTheDocument();
    expect(part.getByRole('img', { name: /Volts at the arc against the knob/ })).toBeInTheDocument();
    await user.clear(part.getByLabelText(/^Knob at/));
    await user.type(part.getByLabelText(/^Knob at/), '12');
    expect(part.getByRole('alert')).toHaveTextContent('0 to 10, please.');
    expect(part.getByRole('button', { name: 'Read the knob' })).toBeDisabled();
  });
});
