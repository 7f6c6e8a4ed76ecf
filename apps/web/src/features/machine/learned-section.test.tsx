import type { KeptProvenSetting, ShopLearning } from '@hot-bead/contract/window';
import { machineLearning } from '@hot-bead/core/window';
import { screen } from '@testing-library/react';
import { TAPPED } from '../../../test/machines.ts';
import { Refusal, show } from '../../../test/show.tsx';
import { LearnedSection } from './learned-section.tsx';

const LEARNING = 'GET /learning';
const PROVEN = 'GET /machines/tapped/proven-settings?limit=20';
const setting = (jobId: string, offsetV: number, over: Partial<KeptProvenSetting> = {}): KeptProvenSetting =>
  ({
    id: `setting ${jobId}`,
    machineId: 'tapped',
    jobId,
    title: `job ${jobId}`,
    at: '2026-11-01T08:00:00.000Z',
    wire: { wireClass: 'ER70S-6', diameterMm: 0.8 },
    gas: 'ar-co2-18',
    mode: 'short-circuit',
    wireFeedSpeedMPerMin: 5,
    volts: 17,
    thicknessMm: 2,
    joint: 'lap',
    position: 'flat',
    offsetV,
    toldOffsetV: offsetV,
    toldVarianceV2: 0.09,
    ...over,
  }) as KeptProvenSetting;

/** As the server tells it: settings without the rows' own fields. */
function learnt(settings: readonly KeptProvenSetting[]): ShopLearning {
  const bare = settings.map(({ id: _id, machineId: _m, jobId: _j, title: _t, at: _at, ...rest }) => rest);
  return { tapped: machineLearning(bare), other: machineLearning([{ ...bare[0], toldOffsetV: 3 } as never]) };
}

describe('what a machine’s beads taught', () => {
  it('is said by wire, gas and transfer, with the jobs it rests on, the last first', async () => {
    const list = [setting('a', -1), setting('b', -0.5), setting('c', 0.6, { gas: 'co2' })];
    const { user } = show(<LearnedSection machine={TAPPED} />, {
      answers: {
        [LEARNING]: learnt(list),
        [PROVEN]: { items: list.slice(1).toReversed(), next: 'more' },
        [`${PROVEN}&after=more`]: { items: list.slice(0, 1), next: null },
      },
    });
    const steel = await screen.findByRole('heading', {
      name: '0.8 mm ER70S-6, Ar + 18 % CO₂, short-circuit',
    });
    // by hand: −0.75 V ± 0.33 here, +0.6 V ± 0.46 with the other gas, drawn together: −0.45 V and +0.16 V
    expect(steel.parentElement).toHaveTextContent('wants 0.4 V less than the book');
    expect(steel.parentElement).toHaveTextContent('from 2 proven settings');
    expect(screen.getByText('as the book says')).toBeInTheDocument();
    expect(
      await screen.findByRole('link', {
        name: /job b.*0\.5 V under the book, with 0\.8 mm ER70S-6, 1 Nov 2026/,
      }),
    ).toHaveAttribute('href', '/jobs/b');
    expect(screen.queryByRole('link', { name: /job a/ })).not.toBeInTheDocument();
    await user.click(screen.getByRole('button', { name: 'Show more' }));
    expect(await screen.findByRole('link', { name: /job a/ })).toBeInTheDocument();
  });

  it('says when the last settings have drifted from those before, and what to look at', async () => {
    const list = [-0.5, -0.4, -0.6, -0.5, 0.6, 0.7].map((offsetV, i) => setting(String(i), offsetV));
    show(<LearnedSection machine={TAPPED} />, {
      answers: { [LEARNING]: learnt(list), [PROVEN]: { items: [], next: null } },
    });
    expect(
      await screen.findByText(/^◆ The last 2 settings wanted 1\.[12] V more than the 4 before/),
    ).toBeVisible();
  });

  it('says how it comes to know anything while it knows nothing', async () => {
    show(<LearnedSection machine={TAPPED} />, { answers: { [LEARNING]: {} } });
    expect(await screen.findByText(/^Nothing yet\./)).toBeInTheDocument();
  });

  it('says what happened where it cannot be loaded', async () => {
    const refusal = new Refusal(500, { code: 'internal', message: 'The server stumbled.' });
    show(<LearnedSection machine={TAPPED} />, { answers: { [LEARNING]: refusal } });
    expect(await screen.findByRole('alert')).toHaveTextContent('The server stumbled.');
  });
});
