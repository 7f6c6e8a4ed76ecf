import { METRIC, type Units, US } from '@hot-bead/core/base';
import { screen } from '@testing-library/react';
import { show } from '../../../../test/show.tsx';
import { RatesSection } from './rates-form.tsx';

const SHOP = { schools: {}, day: {}, rates: { perWireKg: 4 }, words: {}, version: 3, shelf: null };

function shown(units: Units) {
  return show(<RatesSection />, {
    answers: { 'GET /shop': SHOP, 'PATCH /shop': SHOP },
    remembered: { 'hot-bead.units-by-quantity': JSON.stringify(units) },
  });
}

describe('what things cost', () => {
  it('is told by the pound and the cubic foot where these are bought, and kept by kilogram and cubic metre', async () => {
    const { user, sent } = shown(US);
    // Source: 1 lb = 0.45359237 kg exactly.
    expect(await screen.findByLabelText('A pound of wire')).toHaveValue('1.814');
    // Source: 1 ft = 0.3048 m exactly: 9 for a cubic metre.
    const gas = screen.getByLabelText('A cubic foot of gas');
    expect(gas).toHaveAttribute('placeholder', '0.255, assumed');
    await user.type(gas, '0,5');
    await user.click(screen.getByRole('button', { name: 'Keep the rates' }));
    const sentRates = sent.find(({ method }) => method === 'PATCH')?.body as {
      rates: Record<string, number>;
    };
    expect(sentRates.rates['perGasM3']).toBeCloseTo(0.5 / 0.3048 ** 3, 2);
    // what was not touched goes back to its last digit, though its field shows it rounded
    expect(sentRates.rates['perWireKg']).toBe(4);
  });

  it('is called by the unit that it is reckoned in, where a shop measures in inches and weighs in kilograms', async () => {
    shown({ ...US, weight: 'kg' });
    expect(await screen.findByLabelText('A kilogram of wire')).toHaveValue('4');
    expect(screen.queryByLabelText('A pound of wire')).toBeNull();
  });

  it('is refused at its field, and what was typed stays', async () => {
    const { user, sent } = shown(METRIC);
    const hour = await screen.findByLabelText('An hour of work');
    await user.type(hour, 'dear');
    await user.click(screen.getByRole('button', { name: 'Keep the rates' }));
    expect(hour).toHaveValue('dear');
    expect(hour).toBeInvalid();
    expect(sent.some(({ method }) => method === 'PATCH')).toBe(false);
  });
});
