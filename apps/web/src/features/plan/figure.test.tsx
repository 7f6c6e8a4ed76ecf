import type { HandScale } from '@hot-bead/core/terms';
import { screen } from '@testing-library/react';
import { show } from '../../../test/show.tsx';
import { Figure } from './figure.tsx';

function shown(volts = 18) {
  const taken: (number | undefined)[] = [];
  const { user } = show(
    <Figure
      name="Volts"
      quantity="volts"
      span={{ start: volts, low: 17, high: 19 }}
      beneath="tap 3"
      step={0.5}
      range={[8, 45]}
      onOwn={(value) => taken.push(value)}
    />,
  );
  return { user, taken, field: screen.getByLabelText('Volts') };
}

describe('a number to set', () => {
  it('is typed over with point or comma, and nudged', async () => {
    const { user, taken, field } = shown();
    await user.clear(field);
    await user.type(field, '18,4{Enter}');
    await user.click(screen.getByRole('button', { name: 'Volts up' }));
    expect(taken).toEqual([18.4, 18.5]);
  });

  it.each([
    ['180', '8.0 to 45.0 V, please.'],
    ['-3', '8.0 to 45.0 V, please.'],
    ['many', 'A number, please.'],
  ])('refuses %s at the field, keeps what was typed, and lets it be mended', async (text, message) => {
    const { user, taken, field } = shown();
    await user.clear(field);
    await user.type(field, `${text}{Enter}`);
    expect(screen.getByRole('alert')).toHaveTextContent(message);
    expect(field).toHaveValue(text);
    expect(field).toHaveAttribute('aria-invalid', 'true');
    expect(taken).toEqual([]);
    await user.clear(field);
    await user.type(field, '19{Enter}');
    expect(screen.queryByRole('alert')).not.toBeInTheDocument();
    expect(taken).toEqual([19]);
  });

  it('stops a nudge at the end of what can be', async () => {
    const { user, taken } = shown(45);
    await user.click(screen.getByRole('button', { name: 'Volts up' }));
    expect(taken).toEqual([45]);
  });
});

describe('a number to set on a machine’s own control', () => {
  function onTaps() {
    const taken: (number | undefined)[] = [];
    const gives: Readonly<Record<string, number>> = { 4: 17.4, 5: 18.6 };
    const hand: HandScale = {
      figure: { control: 'tap', text: '4' },
      next: (direction) => (direction > 0 ? 18.6 : undefined),
      typed: (text) => gives[text.trim()],
      reads: '4, 5',
    };
    const { user } = show(
      <Figure
        name="Volts"
        quantity="volts"
        span={{ start: 17.4, low: 17, high: 19 }}
        beneath={undefined}
        step={0.5}
        range={[8, 45]}
        onOwn={(value) => taken.push(value)}
        hand={hand}
      />,
    );
    return { user, taken, field: screen.getByLabelText('Volts') };
  }

  it('is the control’s mark, the physical figure under it; a step is a step of the control', async () => {
    const { user, taken, field } = onTaps();
    expect(field).toHaveValue('4');
    expect(screen.getByText('17.4 V')).toBeInTheDocument();
    expect(screen.getByRole('button', { name: 'Volts down' })).toBeDisabled();
    await user.click(screen.getByRole('button', { name: 'Volts up' }));
    expect(taken).toEqual([18.6]);
  });

  it('takes a mark, or a figure with its unit, and asks for either where it is neither', async () => {
    const { user, taken, field } = onTaps();
    await user.clear(field);
    await user.type(field, '5{Enter}');
    await user.clear(field);
    await user.type(field, '18,2 V{Enter}');
    expect(taken).toEqual([18.6, 18.2]);
    await user.clear(field);
    await user.type(field, '19{Enter}');
    expect(screen.getByRole('alert')).toHaveTextContent(
      '4, 5, please; or a figure with its unit, such as 17.4 V.',
    );
    expect(field).toHaveValue('19');
    expect(taken).toEqual([18.6, 18.2]);
  });
});
