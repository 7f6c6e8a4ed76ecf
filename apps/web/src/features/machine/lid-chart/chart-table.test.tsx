import { machineDials } from '@hot-bead/core/machine';
import { lidChart } from '@hot-bead/core/terms';
import { screen } from '@testing-library/react';
import { TAPPED } from '../../../../test/machines.ts';
import { show } from '../../../../test/show.tsx';
import { ChartTable } from './chart-table.tsx';

const WIRES = [
  { wireClass: 'ER70S-6', diameterMm: 0.8 },
  { wireClass: 'ER5356', diameterMm: 1.0 },
] as const;
const ROWS = lidChart({
  machine: TAPPED,
  dials: machineDials(TAPPED, TAPPED.dialReadings),
  joint: 'lap',
  position: 'flat',
  columns: WIRES,
});

describe('the lid chart on the screen', () => {
  it('has a row each thickness and a column each wire, in the machine’s own terms', () => {
    show(<ChartTable rows={ROWS} columns={WIRES} machine={TAPPED} caption="Tapped: lap, flat, clean" />);
    expect(screen.getAllByRole('row')).toHaveLength(ROWS.length + 1);
    expect(screen.getByRole('columnheader', { name: '1.0 mm ER5356' })).toBeInTheDocument();
    const row = screen.getByRole('row', { name: /^1\.5 / });
    expect(row).toHaveTextContent(/computed:knob [\d½–]+tap \d/);
  });

  it('gives the reason of a cell out of reach when it is opened', async () => {
    const { user } = show(<ChartTable rows={ROWS} columns={WIRES} machine={TAPPED} caption="Tapped" />);
    const [first] = screen.getAllByText('× out of reach');
    if (!first) throw new Error('all within reach');
    await user.click(first);
    expect(first.closest('details')).toHaveAttribute('open');
    expect(first.closest('td')?.textContent?.length).toBeGreaterThan(40);
  });
});
