import type { KeptProvenSetting } from '@hot-bead/contract';
import { screen } from '@testing-library/react';
import { TAPPED } from '../../../test/machines.ts';
import { Refusal, show } from '../../../test/show.tsx';
import { LearnedSection } from './learned-section.tsx';

const PROVEN = 'GET /proven-settings';
const setting = (jobId: string, offsetV: number, over: Partial<KeptProvenSetting> = {}): KeptProvenSetting =>
  ({
    machineName: 'Tapped',
    jobId,
    title: `job ${jobId}`,
    wire: { wireClass: 'ER70S-6', diameterMm: 0.8 },
    gas: 'ar-co2-18',
    mode: 'short-circuit',
    wireFeedSpeedMPerMin: 5,
    volts: 17,
    thicknessMm: 2,
    joint: 'lap',
    position: 'flat',
    offsetV,
    ...over,
  }) as KeptProvenSetting;

describe('what a machine’s beads taught', () => {
  it('is said by wire, gas and transfer, with the jobs it rests on', async () => {
    const list = [
      setting('a', -1),
      setting('b', -0.5),
      setting('c', 0.6, { gas: 'co2' }),
      setting('d', 3, { machineName: 'Other' }),
    ];
    show(<LearnedSection machine={TAPPED} />, { answers: { [PROVEN]: list } });
    const steel = await screen.findByRole('heading', {
      name: '0.8 mm ER70S-6, Ar + 18 % CO₂, short-circuit',
    });
    // By hand: the mean −0.75 V is drawn in by 2 / (2 + 0.25): −0.67 V.
    expect(steel.parentElement).toHaveTextContent('wants 0.7 V less than the book');
    expect(steel.parentElement).toHaveTextContent('from 2 settings');
    expect(screen.getByText('0.5 V more')).toBeInTheDocument();
    expect(screen.getByRole('link', { name: /job a/ })).toHaveAttribute('href', '/jobs/a');
    expect(screen.queryByText(/job d/)).not.toBeInTheDocument();
  });

  it('says how it comes to know anything while it knows nothing', async () => {
    show(<LearnedSection machine={TAPPED} />, { answers: { [PROVEN]: [] } });
    expect(await screen.findByText(/^Nothing yet\./)).toBeInTheDocument();
  });

  it('says what happened where it cannot be loaded', async () => {
    const refusal = new Refusal(500, { code: 'internal', message: 'The server stumbled.' });
    show(<LearnedSection machine={TAPPED} />, { answers: { [PROVEN]: refusal } });
    expect(await screen.findByRole('alert')).toHaveTextContent('The server stumbled.');
  });
});
