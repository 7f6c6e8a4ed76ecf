import { machineCsv, type MachineFile } from '@hot-bead/contract/machine';
import { screen } from '@testing-library/react';
import { TAPPED } from '../../../test/machines.ts';
import { show } from '../../../test/show.tsx';
import { FromFilePage } from './from-file-page.tsx';

const READING = { knob: 5, run: { lengthMm: 760, timeS: 6 }, at: '2026-10-01T08:00:00.000Z' };
const FILE: MachineFile = {
  format: 'hot-bead-machine',
  version: 2,
  machine: { name: 'Tom', loadedWireClass: 'ER70S-6', loadedWireDiameterMm: 0.8, loadedGas: 'co2' },
  voltsReadAt: null,
  entryReadAt: null,
  dialReadings: [
    { ...READING, counts: true },
    { ...READING, knob: 7, counts: false },
  ],
};
const asFile = (text: string, name: string): File => new File([text], name);
const picker = () => screen.getByLabelText(/^JSON or CSV of a machine/);

describe('a machine from a file', () => {
  it('says what is in it before anything is taken, and takes it under the name given here', async () => {
    const { user, sent, at } = show(<FromFilePage />, {
      answers: { 'POST /machines/file': { ...TAPPED, id: 'new', name: 'Tim' } },
      route: '/from-file',
      path: '/from-file',
    });
    await user.upload(picker(), asFile(JSON.stringify(FILE), 'tom.json'));
    expect(
      await screen.findByText(/1 reading of its knob that count, 1 kept as history/),
    ).toBeInTheDocument();
    expect(sent).toEqual([]);
    await user.clear(screen.getByLabelText('Its name here'));
    await user.type(screen.getByLabelText('Its name here'), 'Tim');
    await user.click(screen.getByRole('button', { name: 'Add this machine' }));
    expect(await screen.findByText('Tim taken from the file')).toBeInTheDocument();
    expect(sent[0]?.body).toEqual({ ...FILE, machine: { ...FILE.machine, name: 'Tim' } });
    expect(at()).toBe('/machines/new');
  });

  it('says of a CSV that all its lines can be taken, or which cannot', async () => {
    const { user } = show(<FromFilePage />);
    const csv = machineCsv(FILE);
    await user.upload(picker(), asFile(csv, 'tom.csv'));
    expect(await screen.findByText(/; all 6 lines can be taken/)).toBeInTheDocument();
    await user.upload(picker(), asFile(csv.replace(',760,', ',1,'), 'tom.csv'));
    expect(await screen.findByText('Nothing was taken from this file')).toBeInTheDocument();
    expect(screen.getByText(/^Line \d, dial:/)).toBeInTheDocument();
    expect(screen.getByText(/^4 lines could be read|^5 lines could be read/)).toBeInTheDocument();
    expect(screen.queryByRole('button', { name: 'Add this machine' })).not.toBeInTheDocument();
  });

  it('tells of fifty lines at most, and how many more there are', async () => {
    const { user } = show(<FromFilePage />);
    const csv = `record,name\n${'nonsense,x\n'.repeat(60)}`;
    await user.upload(picker(), asFile(csv, 'odd.csv'));
    expect(await screen.findByText('and 10 more, of the same kind or another.')).toBeInTheDocument();
    expect(screen.getAllByRole('listitem')).toHaveLength(50);
  });
});
