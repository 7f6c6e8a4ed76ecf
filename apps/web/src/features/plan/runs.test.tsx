import { planSetup, type PlannedSetup } from '@hot-bead/core/plan';
import type { Work } from '@hot-bead/core/trade';
import { screen, within } from '@testing-library/react';
import { show } from '../../../test/show.tsx';
import { runGroups, Runs } from './runs.tsx';

const WORK: Work = {
  metal: 'carbon-steel',
  thicknessMm: 12,
  joint: 'open-butt',
  position: 'flat',
  surface: 'clean',
  place: 'indoors',
  windy: false,
};

function planOf(over: Partial<Work> = {}): PlannedSetup {
  const plan = planSetup({ ...WORK, ...over }, { gas: 'ar-co2-18' });
  if (plan.status !== 'planned') throw new Error(plan.code);
  return plan;
}

describe('the runs of a plan', () => {
  it('stand with their own numbers, alike ones together, and say what is changed before them', () => {
    const plan = planOf();
    show(<Runs plan={plan} />);
    expect(screen.getByRole('heading', { name: `${plan.runs.length} runs` })).toBeInTheDocument();
    const rows = within(screen.getByRole('region', { name: /runs/ })).getAllByRole('listitem');
    const groups = runGroups(plan.runs);
    expect(rows).toHaveLength(groups.length);
    expect(rows[0]).toHaveTextContent(/root.*Set short-circuit/);
    expect(rows[0]).toHaveTextContent(`${plan.runs[0]?.volts.toFixed(1)} V`);
    expect(rows[1]).toHaveTextContent(/Change to spray/);
    expect(rows.at(-1)).toHaveTextContent(/cap.*Turn it down/);
    expect(groups.reduce((sum, { from, to }) => sum + to - from + 1, 0)).toBe(plan.runs.length);
  });

  it('are laid into the section, each with its number', () => {
    const plan = planOf();
    show(<Runs plan={plan} />);
    const drawing = screen.getByRole('img', { name: new RegExp(`${plan.runs.length} runs laid in`) });
    for (const { number } of plan.runs) expect(within(drawing).getByText(String(number))).toBeInTheDocument();
  });

  it('are not listed where one run does', () => {
    show(<Runs plan={planOf({ thicknessMm: 3, joint: 'tee' })} />);
    expect(screen.queryByRole('region', { name: /runs/ })).toBeNull();
  });
});
