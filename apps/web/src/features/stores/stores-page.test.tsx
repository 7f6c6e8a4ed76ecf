import { METRIC, US } from '@hot-bead/core/base';
import type { KeptStockItem } from '@hot-bead/contract/stores';
import type { StockItem } from '@hot-bead/core/stores';
import { screen, within } from '@testing-library/react';
import { SHOWN } from '../../../test/machines.ts';
import { listed, Refusal, show } from '../../../test/show.tsx';
import { enteredIn, typedOf } from '../../form/form-fields.ts';
import { FIELDS } from './stock-fields.ts';
import { StoresPage } from './stores-page.tsx';

const kept = (id: string, item: StockItem): KeptStockItem => ({
  id,
  version: 1,
  item,
  updatedAt: '2026-11-02T09:30:00.000Z',
  away: false,
});
const SPOOL = kept('00000000-0000-4000-8000-000000000001', {
  kind: 'spool',
  wireClass: 'ER70S-6',
  diameterMm: 0.8,
  size: 'D200',
  fullKg: 5,
  tareKg: 0.2,
  leftKg: 0.5,
});
const CO2 = kept('00000000-0000-4000-8000-000000000002', {
  kind: 'cylinder',
  name: '3',
  gas: 'co2',
  fullKg: 10,
  tareKg: 13,
});
const TIPS = kept('00000000-0000-4000-8000-000000000003', {
  kind: 'part',
  part: 'tip',
  name: '0.8 tip',
  forMm: 0.8,
  count: 2,
  least: 5,
});

function shown(
  stock: readonly KeptStockItem[],
  more: Readonly<Record<string, unknown>> = {},
  part = 'spools',
) {
  return show(<StoresPage />, {
    answers: { 'GET /stock': listed(stock), 'GET /machines': listed([SHOWN]), ...more },
    path: `/stores?part=${part}`,
  });
}

describe('Stores', () => {
  it('say what to do while they are empty', async () => {
    shown([]);
    expect(await screen.findByText(/No spool is told yet/)).toBeInTheDocument();
    expect(screen.queryByRole('region', { name: 'To buy' })).toBeNull();
  });

  it('tell minutes of arc at the usual wire speed, and what is low', async () => {
    const { user } = shown([SPOOL, TIPS]);
    // 0.5 kg are 140 m: at 7 m/min 20 minutes
    expect(await screen.findByText('20')).toBeInTheDocument();
    expect(screen.getByText('0.50 kg, 140 m')).toBeInTheDocument();
    const buy = screen.getByRole('region', { name: 'To buy' });
    expect(buy).toHaveTextContent('0.8 tip, 2 of 5');
    for (let i = 0; i < 14; i += 1) await user.click(screen.getByRole('button', { name: 'wire: more' }));
    expect(screen.getByText('10')).toBeInTheDocument();
    for (let i = 0; i < 40; i += 1) await user.click(screen.getByRole('button', { name: 'wire: less' }));
    // it goes no slower than 2 m/min
    expect(screen.getByText('70')).toBeInTheDocument();
  });

  it('weigh CO₂ and never ask its pressure; what is refused stands at the field and is not lost', async () => {
    const message = 'A full one weighs 23 kg: this cannot be.';
    const refusal = new Refusal(400, { code: 'stock-refused', message, field: 'weightKg' });
    const { user, sent } = shown([CO2], { [`POST /stock/*/entries`]: refusal }, 'cylinders');
    await user.click(await screen.findByRole('button', { name: 'Weigh it' }));
    const field = screen.getByLabelText('On the scale, all of it (kg)');
    await user.type(field, '30');
    await user.click(screen.getByRole('button', { name: 'Keep it' }));
    expect(await screen.findByText(message)).toBeInTheDocument();
    expect(field).toHaveValue('30');
    expect(sent.find(({ method }) => method === 'POST')?.body).toEqual({ kind: 'weighed', weightKg: 30 });
  });

  it('count what was bought', async () => {
    const { user, sent } = shown([TIPS], { 'POST /stock/*/entries': TIPS }, 'parts');
    await user.click(await screen.findByRole('button', { name: 'Bought' }));
    await user.type(screen.getByRole('textbox', { name: 'Bought' }), '10');
    await user.click(screen.getByRole('button', { name: 'Keep it' }));
    expect(sent.find(({ method }) => method === 'POST')?.body).toEqual({ kind: 'bought', count: 10 });
  });

  it('tell on which machine a spool is, and put right what is left only with a reason', async () => {
    const { user, sent } = shown([SPOOL], {
      'POST /machines/shown/rig': SHOWN,
      'POST /stock/*/entries': SPOOL,
    });
    await user.click(await screen.findByRole('button', { name: 'More' }));
    await user.click(screen.getByRole('button', { name: 'Shown' }));
    const rig = sent.find(({ path }) => path === '/machines/shown/rig');
    expect(rig?.body).toMatchObject({ why: 'said', changes: { spoolId: { from: null } } });
    const form = screen.getByRole('form', { name: 'Put right what is left' });
    await user.type(within(form).getByLabelText('There is left (kg)'), '0,4');
    await user.click(within(form).getByRole('button', { name: 'Keep it' }));
    expect(within(form).getByText('Say why it is put right.')).toBeInTheDocument();
    await user.type(within(form).getByLabelText('Because'), 'tangle');
    await user.click(within(form).getByRole('button', { name: 'Keep it' }));
    expect(sent.at(-1)?.path).toMatch(/entries|stock|shop|events/);
    expect(sent.find(({ path }) => path.endsWith('/entries'))?.body).toEqual({
      kind: 'adjusted',
      left: 0.4,
      reason: 'tangle',
    });
  });
});

describe('what was typed of a thing', () => {
  it('is read in the user’s own units, and kept in the core’s', () => {
    const typed = { wireClass: 'ER70S-6', diameterMm: '0.8', fullKg: '33', tareKg: 'light' };
    // Source: 1 lb = 0.45359237 kg exactly.
    expect(enteredIn(FIELDS.spool, typed, US)).toMatchObject({ fullKg: 14.968548, tareKg: 'light' });
    expect(enteredIn(FIELDS.spool, typed, METRIC)).toMatchObject({ fullKg: 33 });
  });

  it('comes back as it was kept, and what does not belong to its kind is left out', () => {
    for (const { item } of [SPOOL, CO2, TIPS]) {
      for (const units of [METRIC, US]) {
        const fields = FIELDS[item.kind];
        const entered = enteredIn(fields, typedOf(fields, item, units), units, item);
        expect({ kind: item.kind, ...entered }).toEqual(item);
      }
    }
    expect(enteredIn(FIELDS.cylinder, { name: '3', gas: 'co2', leftBar: '57' }, METRIC)).toEqual({
      name: '3',
      gas: 'co2',
    });
    expect(
      enteredIn(FIELDS.spool, { wireClass: 'ER5356', diameterMm: '1', keptDry: 'true', batch: '77' }, METRIC),
    ).toEqual({
      wireClass: 'ER5356',
      diameterMm: 1,
      keptDry: true,
      batch: '77',
    });
  });
});
