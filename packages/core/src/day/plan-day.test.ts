import { dayOrder, settled } from './order/day-order.ts';
import { placedTasks, valueOf } from './order/schedule.ts';
import type { Machine } from '../machine/machine.ts';
import { effectiveWork, parseLine as parseLineInWords } from '../line/parse.ts';
import {
  type DayInput,
  type DayJob,
  type PlannedDay,
  planDay as planDayInWords,
  planOn,
  taskMinutes,
} from './plan-day.ts';
import { placedDay as placedDayInWords } from './placed-day.ts';
import { clockMinutes, clockText, endOfHours, hoursOf, minutesFrom } from './shop-day.ts';
import { toldInMetric } from '../../test/told-in-metric.ts';

const parseLine = toldInMetric(parseLineInWords);
const planDay = toldInMetric(planDayInWords);
const placedDay = toldInMetric(placedDayInWords);

const KNOWN_AT = '2026-03-02T06:30:00.000Z';
const fact = (value: string) => ({ value, at: KNOWN_AT });

/** A machine that stands ready for 0.8 mm solid wire under argon and 18 % CO₂. */
const ready = (name: string, over: Partial<Machine> = {}): Machine => ({
  name,
  loadedWireClass: 'ER70S-6',
  loadedWireDiameterMm: 0.8,
  loadedGas: 'ar-co2-18',
  standingPolarity: 'DCEP',
  kind: 'inverter',
  polarityChange: 'links',
  spoolGunPort: 'shared',
  purgeButton: false,
  gasStand: 'one',
  currentRangeA: [30, 220],
  rig: {
    gun: fact('standard'),
    gunSwitch: fact('standard'),
    rollsForm: fact('v-smooth'),
    rollsGroove: fact('0.8'),
    linerMaterial: fact('steel'),
    linerBore: fact('0.6-0.9'),
    neckLiner: fact('none'),
    tipBore: fact('0.8'),
    tipAluminium: fact('no'),
    nozzleType: fact('gas'),
    nozzleBore: fact('15'),
    inletGuide: fact('steel'),
    outletTube: fact('steel'),
    brake: fact('set'),
    testDrag: fact('pass'),
    testPressure: fact('pass'),
    testBrake: fact('pass'),
    testLeak: fact('pass'),
    testFlow: fact('pass'),
    testBead: fact('pass'),
  },
  ...over,
});

const job = (id: string, line: string, over: Partial<DayJob> = {}): DayJob => ({
  id,
  title: line,
  work: effectiveWork(parseLine(line, { unit: 'mm', machineNames: ['Tom', 'Ann'] })),
  own: {},
  ...over,
});

const dayOf = (jobs: readonly DayJob[], over: Partial<DayInput> = {}): DayInput => ({
  jobs,
  machines: [{ id: 'm-tom', machine: ready('Tom') }],
  shop: {},
  day: {},
  today: '2026-03-02',
  nowMin: 7 * 60,
  now: '2026-03-02T07:00:00.000Z',
  ...over,
});

const A = job('a', '2 mm steel lap 0.8 solid Ar+18 500 mm seam');
const B = job('b', '3 mm steel tee self-shielded 0.9 500 mm seam');
const C = job('c', '2 mm steel tee 0.8 solid Ar+18 500 mm seam');

function ordered(input: DayInput) {
  const day = planDay(input);
  const order = settled(dayOrder(day.problem));
  return { day, order, placed: placedDay(day as PlannedDay, order) };
}
const titles = (placed: ReturnType<typeof placedDayInWords>, line = 0) =>
  placed.lines[line]?.map(({ task }) => task.job.id).join('');

describe('times of the shop', () => {
  it('are read and written as a clock shows them', () => {
    expect([clockMinutes('07:05'), clockText(425), clockText(1440 + 61)]).toEqual([425, '07:05', '01:01']);
    expect(clockMinutes('7h')).toBeNaN();
    expect(minutesFrom('2026-02-28', '2026-03-01T00:30')).toBe(1470);
    expect(hoursOf({ closes: '15:00', machines: { x: { opens: '10:00', closes: '12:00' } } }, 'x')).toEqual({
      opensMin: 600,
      closesMin: 720,
    });
    expect(hoursOf({ closes: '15:00' }, 'y')).toEqual({ opensMin: 420, closesMin: 900 });
    expect([
      endOfHours({ opensMin: 420, closesMin: 960 }, 959),
      endOfHours({ opensMin: 420, closesMin: 960 }, 960),
    ]).toEqual([960, 2400]);
  });
});

describe('the day of a shop', () => {
  it('changes over once for A, B, C where A and C share wire and gas; the bottle stays on under flux core', () => {
    const { placed, day, order } = ordered(dayOf([A, B, C]));
    expect(titles(placed)).toBe('acb');
    expect(placed.lines[0]?.map(({ setupMin }) => setupMin > 0)).toEqual([true, false, true]);
    const between = valueOf(placedTasks(day.problem, [[0, 1, 2]])).changeoverMin;
    expect(between).toBeGreaterThan(order.value.changeoverMin);
    expect(placed.lines[0]?.[1]?.why).toContain('because both run 0.8 mm ER70S-6 and Ar + 18 % CO₂');
    expect(placed.lines[0]?.[2]?.why).toMatch(
      /First on the machine it would cost \d+ min more of changing over/,
    );
  });

  it('counts a changeover from the rig as it would then stand, which is not that from need to need', () => {
    const { day } = ordered(dayOf([A, B, C]));
    const { setup, rig } = day.problem.machines[0] ?? { setup: undefined, rig: 0 };
    const [a, b] = [day.problem.tasks[0]?.needs[0], day.problem.tasks[1]?.needs[0]];
    if (setup === undefined || a === undefined || b === undefined) throw new Error('no table');
    const afterB = setup.next(rig, b);
    expect(setup.minutes(setup.next(afterB, a), a)).toBe(0);
    // the same need from a machine of which nobody knows the gas: the bottle must be found and put on
    const bare = planDay(
      dayOf([A, B], { machines: [{ id: 'm', machine: ready('Tom', { loadedGas: 'none' }) }] }),
    );
    const other = bare.problem.machines[0];
    const without = other?.setup.minutes(other.setup.next(other.rig, b), a) ?? 0;
    expect(without).toBeGreaterThan(setup.minutes(afterB, a));
  });

  it('counts what nobody knows of a machine as not as needed, and says so at its first task only', () => {
    const known = ordered(dayOf([A, C])).placed.lines[0];
    const { rig: _known, ...bare } = ready('Tom');
    const unknown = ordered(dayOf([A, C], { machines: [{ id: 'm', machine: bare }] })).placed.lines[0];
    expect(unknown?.[0]?.unknowns).toBeGreaterThan(known?.[0]?.unknowns ?? NaN);
    expect(unknown?.[0]?.setupMin).toBeGreaterThan(known?.[0]?.setupMin ?? NaN);
    expect(unknown?.[0]?.why).toMatch(/That is the most: what nobody knows of it \(\d+ things\)/);
    expect(unknown?.[1]?.unknowns).toBe(0);
    expect(unknown?.[1]?.why).not.toContain('nobody knows');
  });

  it('takes minutes from the arc time, typed ones as they are, and says where it assumes', () => {
    const machine = { id: 'm-tom', machine: ready('Tom') };
    const plan = planOn(dayOf([]))(A, machine);
    if (plan.status !== 'planned' || !plan.totals) throw new Error('no plan');
    // arc time ÷ share of the time that the arc burns, and two minutes to clamp up: definition
    const right = Math.ceil(plan.totals.arcTimeMin / 0.2 + 2);
    expect(taskMinutes(A, plan, { arcSharePercent: 20 })).toEqual({ workMin: right, from: 'arc-time' });
    const six = Math.ceil((plan.totals.arcTimeMin * 6) / 0.2 + 2);
    expect(taskMinutes({ pieces: 6 }, plan, { arcSharePercent: 20 }).workMin).toBe(six);
    expect(taskMinutes({ minutes: 17 }, plan, {})).toEqual({ workMin: 17, from: 'typed' });
    const { day } = ordered(dayOf([job('x', '2 mm steel lap')]));
    expect(day.tasks[0]).toMatchObject({
      workMin: 30,
      minutesFrom: 'assumed',
      isDueSaid: false,
      dueMin: 960,
    });
  });

  it('puts what is due at ten first although its changeover is dear, and says who would be late', () => {
    const due = { ...B, due: '2026-03-02T08:30', minutes: 30 };
    const { placed, order } = ordered(dayOf([{ ...A, minutes: 60 }, due]));
    expect([titles(placed), order.value.lateness]).toEqual(['ba', 0]);
    expect(placed.lines[0]?.[1]?.why).toMatch(/First on the machine it would make others \d+ min late/);
  });

  it('what is overdue already goes first and is late; what may begin on a later day is due at the end of that day', () => {
    const { placed, day } = ordered(dayOf([A, { ...C, due: '2026-02-20T10:00' }]));
    expect(titles(placed)).toBe('ca');
    expect(placed.lines[0]?.[0]?.lateMin).toBeGreaterThan(9 * 1440);
    expect(day.leftOut).toEqual([]);
    const later = planDay(dayOf([{ ...A, notBefore: '2026-03-04T12:00' }])).tasks[0];
    expect(later).toMatchObject({ notBeforeMin: 2 * 1440 + 720, dueMin: 2 * 1440 + 960, isDueSaid: false });
    expect(planDay(dayOf([{ ...A, notBefore: '2026-03-02T12:00' }])).tasks[0]?.dueMin).toBe(960);
  });

  it('leaves out what no machine can do with its reason, and still orders the rest', () => {
    const jobs = [
      A,
      job('none', 'steel lap'),
      { ...job('back', '2 mm lap'), due: '2026-03-02T08:00', notBefore: '2026-03-02T09:00' },
      { ...job('long', '2 mm lap'), minutes: 2000 },
      job('other', '2 mm lap Ann'),
    ];
    const day = planDay(dayOf(jobs));
    expect(day.leftOut.map(({ job: { id }, reason }) => [id, reason])).toEqual([
      ['none', 'It has no thickness yet.'],
      ['back', 'It is due before it may begin: correct one of the two.'],
      ['long', 'It takes 2000 min, longer than the hours of any machine (540 min): split it.'],
      ['other', 'It is for Ann, which is not in use.'],
    ]);
    expect(day.tasks.map(({ job: { id } }) => id)).toEqual(['a']);
    expect(planDay(dayOf([A], { machines: [] })).leftOut[0]?.reason).toBe('There is no machine yet.');
  });

  it('a hundred tasks are planned and each is in one place', () => {
    const jobs = Array.from({ length: 100 }, (_, i) => ({ ...A, id: `t${i}`, minutes: 5 }));
    const day = planDay(dayOf(jobs));
    const [first] = dayOrder(day.problem, 5);
    expect(first?.best.sequences.flat().toSorted((a, b) => a - b)).toEqual(jobs.map((_, i) => i));
  });
});

describe('pins', () => {
  const pin = (after?: string, machineId = 'm-tom') => ({
    pin: { machineId, ...(after === undefined ? {} : { after }) },
  });
  it('hold, and the rest is put in order about them; what ours would cost is known', () => {
    const { placed, day, order } = ordered(dayOf([A, { ...B, ...pin('first') }, C]));
    expect(titles(placed)).toBe('bac');
    expect(placed.lines[0]?.[0]?.why).toContain('Pinned here by hand');
    const ours = settled(dayOrder(day.unpinned)).value;
    expect(order.value.changeoverMin).toBeGreaterThan(ours.changeoverMin);
  });

  it('right after another: the two stay together', () => {
    const { placed } = ordered(dayOf([{ ...A, ...pin('b') }, B, C]));
    expect(titles(placed)).toContain('ba');
  });

  it('that cannot hold are said and let go: a circle, two in one place, another machine, no such machine', () => {
    const two = [
      { id: 'm-tom', machine: ready('Tom') },
      { id: 'm-ann', machine: ready('Ann') },
    ];
    const faults = (jobs: readonly DayJob[]) =>
      planDay(dayOf(jobs, { machines: two })).pinFaults.map(({ taskId, text }) => `${taskId}: ${text}`);
    expect(
      faults([
        { ...A, ...pin('b') },
        { ...B, ...pin('a') },
      ]),
    ).toEqual(['b: It is pinned after a task that is pinned after it.']);
    expect(faults([{ ...A, ...pin('a') }])).toEqual([
      'a: It is pinned after a task that is pinned after it.',
    ]);
    expect(faults([A, { ...B, ...pin('a') }, { ...C, ...pin('a') }])[0]).toMatch(
      /^c: .* right after .* already/,
    );
    expect(
      faults([
        { ...A, ...pin('first') },
        { ...B, ...pin('first') },
      ])[0],
    ).toMatch(/^b: .* first on that machine/);
    expect(
      faults([
        { ...A, ...pin(undefined) },
        { ...B, ...pin('a', 'm-ann') },
      ])[0],
    ).toMatch(/^b: .* another machine/);
    expect(faults([{ ...A, ...pin('first', 'sold') }])[0]).toMatch(/not there today/);
    const onTom = job('t', '2 mm lap Tom');
    expect(faults([{ ...onTom, ...pin('first', 'm-ann') }])).toEqual([
      't: It cannot be welded where it is pinned.',
    ]);
    // what it followed is done: it keeps its machine, and that is no fault
    expect(faults([{ ...A, ...pin('gone') }])).toEqual([]);
  });
});
