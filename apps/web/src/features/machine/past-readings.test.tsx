import type { KeptPastReadings } from '@hot-bead/contract/machine';
import { screen } from '@testing-library/react';
import { TAPPED } from '../../../test/machines.ts';
import { Refusal, show } from '../../../test/show.tsx';
import { PastReadings } from './past-readings.tsx';

const PAST = 'GET /machines/tapped/past-readings';
const UNDO = 'POST /events/*/undo';
const CHANGE = 'PATCH /machines/tapped';
const OLD: KeptPastReadings = {
  id: 'old',
  kind: 'volts',
  value: { kind: 'positions', positions: [{ name: '1', openV: 17 }, { name: '2' }] },
  readAt: '2026-03-01T08:00:00.000Z',
  until: '2026-10-02T08:00:00.000Z',
};
const ENTRY: KeptPastReadings = {
  id: 'entry',
  kind: 'entry',
  value: {
    unit: 'mm',
    lines: [
      {
        wireClass: 'ER70S-6',
        diameterMm: 0.8,
        gas: 'co2',
        points: [{ entry: 3, wireFeedSpeedMPerMin: 8, volts: 19 }],
      },
    ],
  },
  readAt: null,
  until: '2026-10-02T08:00:00.000Z',
};

describe('readings that others took the place of', () => {
  it('are told with their days, count again at a press, and go back with undo', async () => {
    const { user, sent } = show(<PastReadings machine={TAPPED} kind="volts" />, {
      answers: { [PAST]: [OLD, ENTRY], [CHANGE]: TAPPED, [UNDO]: {} },
    });
    await user.click(await screen.findByText('1 earlier set of readings is kept as history'));
    expect(screen.getByText('read 1 Mar 2026, until 2 Oct 2026')).toBeInTheDocument();
    expect(screen.getByText('1: open 17 V')).toBeInTheDocument();
    await user.click(screen.getByRole('button', { name: 'Let these count again' }));
    expect(await screen.findByText('The earlier readings count again')).toBeInTheDocument();
    await user.click(screen.getByRole('button', { name: 'Undo' }));
    const done = sent.filter(({ method }) => method !== 'GET');
    expect(done).toMatchObject([
      { method: 'PATCH', body: { voltsControl: OLD.value }, version: '"3"' },
      { method: 'POST', path: '/events/*/undo' },
    ]);
  });

  it('are those of one entry beside it', async () => {
    show(<PastReadings machine={TAPPED} kind="entry" />, { answers: { [PAST]: [OLD, ENTRY] } });
    expect(await screen.findByText('3.0 mm: 8.0 m/min, 19.0 V')).toBeInTheDocument();
    expect(screen.getByText(/^read on a day not known/)).toBeInTheDocument();
  });

  it('are not spoken of where there are none, and their want is said where they cannot be loaded', async () => {
    const { container, unmount } = show(<PastReadings machine={TAPPED} kind="volts" />, {
      answers: { [PAST]: [] },
    });
    expect(container).not.toHaveTextContent('earlier');
    unmount();
    show(<PastReadings machine={TAPPED} kind="volts" />, {
      answers: { [PAST]: new Refusal(503, { code: 'busy', message: 'Try again in a moment.' }) },
    });
    expect(await screen.findByRole('alert')).toHaveTextContent('could not be loaded. Try again in a moment.');
  });
});
