import type { KeptMachine, MachineChange } from '@hot-bead/contract/machine';
import { screen, within } from '@testing-library/react';
import { SHOWN, TAPPED } from '../../../test/machines.ts';
import { show } from '../../../test/show.tsx';
import { NowSection, WorthTelling } from './now-section.tsx';
import { ProgramsSection } from './programs-section.tsx';
import { ScalesSection } from './scales-section.tsx';
import { VoltsSection } from './volts-section.tsx';

const answers = (machine: KeptMachine) => ({
  [`GET /machines/${machine.id}/past-readings`]: [],
  [`PATCH /machines/${machine.id}`]: machine,
});
const changes = (sent: readonly { method: string; body: unknown }[]) =>
  sent.filter(({ method }) => method === 'PATCH').map(({ body }) => body as MachineChange);

const DIP = {
  name: '14',
  wireClass: 'ER70S-6',
  diameterMm: 0.8,
  gas: 'ar-co2-18',
  mode: 'short-circuit',
} as const;

describe('how a machine counts its settings', () => {
  const shown = (over: Partial<KeptMachine> = {}) => {
    const machine = { ...SHOWN, features: ['inductance', 'burnback'] as const, ...over };
    return show(<ScalesSection machine={machine} />, { answers: answers(machine) });
  };

  it('lists only those of what it has', () => {
    shown();
    const rows = screen.getAllByRole('listitem').map((row) => row.textContent);
    expect(rows).toEqual([
      expect.stringContaining('Inductancenot told'),
      expect.stringContaining('Burnbacknot told'),
    ]);
  });

  it('keeps a name and a scale, and refuses one that cannot be at its field, keeping what was typed', async () => {
    const { user, sent } = shown();
    await user.click(screen.getByRole('button', { name: 'Tell how it counts inductance' }));
    const form = within(screen.getByRole('form', { name: 'inductance' }));
    await user.type(form.getByLabelText('The machine calls it'), 'Arc feel');
    await user.type(form.getByLabelText('From'), '99');
    await user.type(form.getByLabelText('To'), '0');
    await user.click(form.getByRole('button', { name: 'Keep it' }));
    expect(form.getByLabelText('To')).toBeInvalid();
    expect(form.getByRole('alert')).toHaveTextContent('The most of a scale must lie over its least.');
    expect(changes(sent)).toEqual([]);
    await user.clear(form.getByLabelText('From'));
    await user.type(form.getByLabelText('From'), '-9');
    await user.type(form.getByLabelText('Middle (empty: half-way)'), '3');
    await user.click(form.getByRole('button', { name: 'Keep it' }));
    expect(form.getByLabelText('Middle (empty: half-way)')).toBeInvalid();
    await user.clear(form.getByLabelText('Middle (empty: half-way)'));
    await user.click(form.getByRole('button', { name: 'Keep it' }));
    expect(changes(sent)).toMatchObject([
      {
        settings: [{ setting: 'inductance', name: 'Arc feel', scale: { least: -9, most: 0, unit: 'mark' } }],
      },
    ]);
  });

  it('tells what is known of it, and forgets it', async () => {
    const settings = [{ setting: 'burnback', scale: { least: 0, most: 0.5, unit: 's' } }] as const;
    const { user, sent } = shown({ settings });
    expect(screen.getByText('0–0.5 s, middle 0.25, steps of 0.01')).toBeInTheDocument();
    await user.click(screen.getByRole('button', { name: 'Forget how it counts burnback' }));
    expect(changes(sent)).toMatchObject([{ settings: null }]);
  });
});

describe('a machine’s programs', () => {
  const shown = (over: Partial<KeptMachine> = {}) => {
    const machine = { ...SHOWN, ...over };
    return show(<ProgramsSection machine={machine} />, { answers: answers(machine) });
  };

  it('are added by hand, beginning with what is on it; a number twice is refused at its field', async () => {
    const { user, sent } = shown({ programs: [DIP] });
    const form = within(screen.getByRole('form', { name: 'Add a program' }));
    await user.type(form.getByLabelText('Number or name'), '14');
    await user.click(form.getByRole('button', { name: 'Add it' }));
    expect(form.getByLabelText('Number or name')).toBeInvalid();
    expect(form.getByRole('alert')).toHaveTextContent('Program 14 stands there twice.');
    await user.type(form.getByLabelText('Number or name'), 'b');
    await user.selectOptions(form.getByLabelText('Transfer'), 'pulsed spray');
    await user.click(form.getByRole('button', { name: 'Add it' }));
    expect(changes(sent)).toMatchObject([{ programs: [DIP, { ...DIP, name: '14b', mode: 'pulse' }] }]);
  });

  it('are pasted as a table: what is wrong is said by its line and nothing is taken', async () => {
    const { user, sent } = shown();
    const area = screen.getByLabelText('Or paste its table, one program a line');
    await user.click(area);
    await user.paste('3 ER70S-6 0.8 Ar+18 dip\n4 bananas 1.0 Ar+18 dip');
    await user.click(screen.getByRole('button', { name: 'Take 2 lines' }));
    expect(area).toBeInvalid();
    expect(screen.getByRole('alert')).toHaveTextContent('Line 2: “bananas” is not understood.');
    expect(changes(sent)).toEqual([]);
    await user.clear(area);
    await user.paste('3 ER70S-6 0.8 Ar+18 dip\n21 ER5356 1.0 argon pulse');
    await user.click(screen.getByRole('button', { name: 'Take 2 lines' }));
    expect(changes(sent)).toMatchObject([
      {
        programs: [
          { name: '3', mode: 'short-circuit' },
          { name: '21', wireClass: 'ER5356', gas: 'argon' },
        ],
      },
    ]);
  });

  it('go one by one, and the one that it stands on with its row', async () => {
    const { user, sent } = shown({
      programs: [DIP, { ...DIP, name: '15', mode: 'pulse' }],
      standingProgram: '14',
    });
    await user.click(screen.getByRole('button', { name: 'Take program 14 out' }));
    expect(changes(sent)).toMatchObject([{ programs: [{ name: '15' }], standingProgram: null }]);
  });

  it('are stood on: which one is noted in how the machine stands', async () => {
    const machine: KeptMachine = { ...SHOWN, programs: [DIP], standingProgram: '14' };
    const { user, sent } = show(<NowSection machine={machine} />, { answers: answers(machine) });
    expect(screen.getByText('0.8 mm ER70S-6, Ar + 18 % CO₂, short-circuit')).toBeInTheDocument();
    await user.selectOptions(screen.getByLabelText('It stands on program'), '? not known');
    expect(changes(sent)).toMatchObject([{ standingProgram: null }]);
  });
});

describe('what was not told of a machine', () => {
  it('is listed with what it would be good for, and nothing where all is known', () => {
    const { mains: _, ...bare } = TAPPED;
    const { unmount } = show(<WorthTelling machine={bare} />);
    const part = within(screen.getByRole('region', { name: 'Not told yet' }));
    const rows = part.getAllByRole('listitem').map((row) => row.textContent);
    expect(rows).toContain('Its mains and breaker so that a plan says whether the breaker holds');
    expect(rows.join()).not.toContain('The currents it gives');
    expect(part.getByRole('link', { name: 'Tell it' })).toHaveAttribute('href', '/machines/tapped?part=what');
    unmount();
    const machine: KeptMachine = { ...TAPPED, rolls: [], wireFeedSpeedRangeMPerMin: [1, 14] };
    show(<WorthTelling machine={machine} />);
    expect(screen.queryByText('Not told yet')).not.toBeInTheDocument();
  });
});

describe('a volts knob without volts', () => {
  const knobbed: KeptMachine = {
    ...TAPPED,
    voltsControl: {
      kind: 'knob',
      min: 1,
      max: 10,
      places: [
        { knob: 1, openV: 16 },
        { knob: 10, openV: 34 },
      ],
    },
  };
  const shown = (machine = knobbed) =>
    show(<VoltsSection machine={machine} />, { answers: answers(machine) });

  it('is found for volts at a current, in marks a hand can set', async () => {
    const { user } = shown();
    // 18 V at 100 A is 21 V open (3 V for each 100 A): two and a half marks of 2 V over the lowest
    expect(screen.getByText(/Turn the volts knob to/)).toHaveTextContent('Turn the volts knob to 3½ ±');
    const want = screen.getByLabelText('Want at the arc (V)');
    await user.clear(want);
    await user.type(want, '40');
    expect(screen.getByText(/Past the readings: 31.0 V at 10/)).toBeInTheDocument();
  });

  it('says where most is learnt, and takes a reading there; past its scale it is refused at the field', async () => {
    const { user, sent } = shown();
    expect(screen.getByText(/Most is learnt at/)).toHaveTextContent('Most is learnt at 5.5');
    const form = within(screen.getByRole('form', { name: 'Read the volts knob' }));
    await user.type(form.getByLabelText('Knob at'), '11');
    await user.type(form.getByLabelText('Meter reads (V)'), '20');
    await user.click(form.getByRole('button', { name: 'Keep it' }));
    expect(form.getByLabelText('Knob at')).toBeInvalid();
    expect(form.getByRole('alert')).toHaveTextContent('The knob is 1 to 10.');
    await user.clear(form.getByLabelText('Knob at'));
    await user.type(form.getByLabelText('Knob at'), '5,5');
    await user.type(form.getByLabelText('at amps (empty: open)'), '90');
    await user.click(form.getByRole('button', { name: 'Keep it' }));
    expect(changes(sent)).toMatchObject([
      {
        voltsControl: {
          places: [{ knob: 1 }, { knob: 5.5, loaded: [{ volts: 20, currentA: 90 }] }, { knob: 10 }],
        },
      },
    ]);
  });

  it('gives a reading back, and doubts one that falls', async () => {
    const places = [
      { knob: 1, openV: 16 },
      { knob: 5, openV: 14 },
      { knob: 10, openV: 34 },
    ];
    const { user, sent } = shown({
      ...knobbed,
      voltsControl: { kind: 'knob', min: 1, max: 10, places },
    });
    expect(screen.getByText(/At 5 it reads fewer volts than at 1/)).toBeInTheDocument();
    await user.click(screen.getByRole('button', { name: 'Take 14 V open at 5 out' }));
    expect(changes(sent)).toMatchObject([{ voltsControl: { places: [{ knob: 1 }, { knob: 10 }] } }]);
  });
});
