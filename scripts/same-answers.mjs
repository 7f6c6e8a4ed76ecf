import { createHash } from 'node:crypto';
import { readFileSync, writeFileSync } from 'node:fs';
import { gunzipSync, gzipSync } from 'node:zlib';
import { builtCore } from './built-core.mjs';
import { ensureBuilt, ensureInstalled, stop } from './workspace.mjs';

/**
 * Whether the house still answers as it did: plans, lines, changeovers, dial-ins, fault rankings and days, drawn from
 * one seed, figures to ten digits.
 *
 *     node scripts/same-answers.mjs keep FILE      writes down what it answers now
 *     node scripts/same-answers.mjs compare FILE   names the first answers that differ from those
 *
 * Texts for people are compared apart from the figures and codes: a change of wording shows as one, and no more.
 */
ensureInstalled();
ensureBuilt({ web: false });

const core = await builtCore();

function* randoms(seed) {
  let state = seed;
  for (;;) {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    yield state / 2 ** 32;
  }
}
const drawn = randoms(20260101);
const random = () => drawn.next().value;
const oneOf = (list) => list[Math.floor(random() * list.length)];
const maybe = (share, value) => (random() < share ? value() : undefined);

const NOW = '2026-03-02T07:00:00.000Z';

function drawnWork() {
  return {
    metal: oneOf(core.BASE_METALS),
    thicknessMm: Number((0.5 + random() ** 2 * 20).toFixed(2)),
    otherThicknessMm: maybe(0.2, () => Number((1 + random() * 10).toFixed(1))),
    joint: oneOf(core.JOINTS),
    position: oneOf(core.POSITIONS),
    surface: oneOf(core.SURFACES),
    place: oneOf(core.PLACES),
    windy: random() < 0.1,
    legMm: maybe(0.1, () => Number((2 + random() * 6).toFixed(1))),
    gapMm: maybe(0.1, () => Number((random() * 3).toFixed(1))),
    seamMm: maybe(0.4, () => Math.round(50 + random() * 2000)),
    passes: maybe(0.1, () => 1 + Math.floor(random() * 4)),
  };
}

function drawnMachine(name) {
  const taps = [17, 19, 20, 21.5, 24, 26, 30.5].map((openV, i) => ({ name: String(i + 1), openV }));
  const fact = (value) => ({ value, at: NOW });
  return {
    name,
    kind: oneOf(['inverter', 'transformer']),
    loadedWireClass: oneOf(['ER70S-6', 'E71T-11', 'ER308LSi', 'ER5356']),
    loadedWireDiameterMm: oneOf([0.8, 0.9, 1.0, 1.2]),
    loadedGas: oneOf(['ar-co2-18', 'co2', 'argon', 'ar-co2-25']),
    standingPolarity: oneOf(['DCEP', 'DCEN']),
    polarityChange: oneOf(core.POLARITY_CHANGES),
    spoolGunPort: oneOf(core.SPOOL_GUN_PORTS),
    gasStand: oneOf(core.GAS_STANDS),
    currentRangeA: [30, 160 + Math.round(random() * 200)],
    wireControl: oneOf([undefined, { kind: 'units' }, { kind: 'knob', min: 0, max: 10 }]),
    voltsControl: oneOf([undefined, { kind: 'displayed' }, { kind: 'positions', positions: taps }]),
    rig: random() < 0.5 ? {} : { gun: fact('standard'), tipBore: fact('0.8'), brake: fact('set') },
  };
}

function readingsOf(machine) {
  if (machine.wireControl?.kind !== 'knob') return [];
  return [2, 3, 5, 9, 14].map((speed, i) => ({
    knob: i * 2.5,
    run: { lengthMm: (speed / 0.06) * 10, timeS: 10 },
  }));
}

function drawnResources() {
  const machine = maybe(0.4, () => drawnMachine('Tom'));
  return {
    way: maybe(0.2, () => oneOf(core.WAYS)),
    wireClass: maybe(0.2, () => oneOf(core.WIRE_CLASSES)),
    wireDiameterMm: maybe(0.3, () => oneOf(core.WIRE_DIAMETERS_MM)),
    gas: maybe(0.2, () => oneOf(core.COMMON_GASES)?.id),
    machine,
    machines: machine && [machine],
  };
}

/** A plan that can be welded, of any kind of work. */
function plannedSetup(resources = {}) {
  for (;;) {
    const plan = core.planSetup({ ...drawnWork(), place: 'indoors', windy: false }, resources);
    if (plan.status === 'planned') return plan;
  }
}

const SIZES = ['3 mm', '1/8', '18ga', '6mm', '1.5', '40x40x3 box', '.25 in', '10 gauge', '2 mm on 6', '4'];
const METALS = ['steel', 'stainles 308', 'alu 5356', 'mild steel', '304', '6061', '', 'galvanised', 'old tm'];
const SHAPES = ['tee', 'lap flat', 'butt vertical up', 'corner', 'overhead fillet', 'to 6mm plate tee', ''];
const WIRES = ['.030 75/25', '0.8 solid Ar+18', 'gasless 035', '1.2 metal cored', 'leg 5', '500 mm seam', ''];

const SECTIONS = {
  plans: { count: 8000, answer: () => core.planSetup(drawnWork(), drawnResources()) },
  lines: {
    count: 250,
    answer: () => {
      const line = [oneOf(SIZES), oneOf(METALS), oneOf(SHAPES), oneOf(WIRES)].filter(Boolean).join(' ');
      return core.parseLine(line, { unit: oneOf(['mm', 'in']), machineNames: ['Marigold', 'Old Tom'] });
    },
  },
  changeovers: {
    count: 500,
    answer: () => {
      const { steps, ...rest } = core.jobChangeover(plannedSetup(), drawnMachine('Tom'), { now: NOW });
      const stepsListed = steps.map(({ row: { id, verb, minutes, gate }, ready, after }) => ({
        ...{ id, verb, minutes, gate },
        ready,
        after,
      }));
      return { ...rest, steps: stepsListed };
    },
  },
  'dial-ins': {
    count: 200,
    answer: () => {
      const machine = drawnMachine('Tom');
      const plan = plannedSetup({ machine, machines: [machine] });
      const dialled = { plan, machine, dials: core.machineDials(machine, readingsOf(machine)) };
      const way = core.dialWayFor(dialled, undefined);
      const ladder = [];
      const stands = [];
      const rightV = (random() - 0.5) * 4;
      for (let i = 0; i < 6; i++) {
        const stand = core.dialIn(dialled, ladder, { way });
        stands.push({ next: stand.next, probable: stand.probable, beginsOffV: stand.beginsOffV });
        const { setting } = stand.next;
        const overV = setting.volts - plan.volts.value - rightV;
        const verdict = overV > 0.8 ? 'hot' : overV < -0.8 ? 'cold' : 'right';
        ladder.push({ ...setting, said: verdict, heat: verdict === 'right' ? 'right' : undefined });
      }
      return stands;
    },
  },
  'fault rankings': {
    count: 300,
    answer: () => {
      const kind = oneOf(core.FAULT_PROCESSES);
      const symptoms = core.symptomsIn(kind).map(({ id }) => id);
      const present = [...new Set([oneOf(symptoms), oneOf(symptoms)])];
      const absent = [oneOf(symptoms)].filter((id) => !present.includes(id));
      const ranked = core.rankCauses({ process: kind, present, absent, known: {} });
      return ranked.map(({ cause, share, isShown }) => ({ id: cause.id, share, isShown }));
    },
  },
  days: {
    count: 200,
    answer: () => {
      const machines = ['Tom', 'Ann'].slice(0, 1 + Math.floor(random() * 2));
      const context = { unit: 'mm', machineNames: machines };
      const jobs = Array.from({ length: 2 + Math.floor(random() * 5) }, (_, i) => {
        const line = [oneOf(['2 mm', '3 mm', '6 mm']), oneOf(['steel', '304', 'alu']), oneOf(['tee', 'lap'])];
        const text = `${line.join(' ')} ${oneOf(['500 mm seam', '', '0.8'])}`;
        const work = core.effectiveWork(core.parseLine(text, context));
        return { id: `j${i}`, title: text, work, own: {}, minutes: maybe(0.4, () => 5 + random() * 60) };
      });
      const day = core.planDay({
        jobs,
        machines: machines.map((name) => ({ id: name, machine: drawnMachine(name) })),
        shop: {},
        day: {},
        today: '2026-03-02',
        nowMin: 420,
        now: NOW,
      });
      const order = core.settled(core.dayOrder(day.problem));
      const { lines } = core.placedDay(day, order);
      const named = lines.map((line) => line.map(({ task, ...place }) => ({ id: task.job.id, ...place })));
      const left = day.leftOut.map(({ job, reason }) => ({ id: job.id, reason }));
      return { value: order.value, method: order.method, named, left };
    },
  },
};

const isText = (value) => typeof value === 'string' && /\s/.test(value);

/** A value as it is compared: figures to ten digits, names in their order; texts on their own. */
function taken(value, texts) {
  if (value?.code !== undefined && Array.isArray(value.values)) return taken(core.inMetric(value), texts);
  if (isText(value)) return (texts.push(value), '(text)');
  if (typeof value === 'number') return Number(value.toPrecision(10));
  if (typeof value === 'function' || value === undefined) return undefined;
  if (Array.isArray(value)) return value.map((one) => taken(one, texts));
  if (value === null || typeof value !== 'object') return value;
  const entries = Object.entries(value).toSorted(([a], [b]) => (a < b ? -1 : 1));
  return Object.fromEntries(entries.map(([key, one]) => [key, taken(one, texts)]));
}

const hashed = (text) => createHash('sha256').update(text).digest('hex').slice(0, 16);

function answers() {
  return Object.fromEntries(
    Object.entries(SECTIONS).map(([name, { count, answer }]) => {
      const list = Array.from({ length: count }, () => {
        const texts = [];
        let given;
        try {
          given = answer();
        } catch (error) {
          given = { thrown: error.name };
        }
        return { figures: JSON.stringify(taken(given, texts) ?? null), texts };
      });
      const digest = hashed(list.map(({ figures }) => figures).join('\n'));
      process.stdout.write(`${name.padEnd(16)}${list.length} answers, ${digest}\n`);
      return [name, list];
    }),
  );
}

function compared(before, now) {
  let differ = 0;
  for (const [name, list] of Object.entries(now)) {
    const old = before[name] ?? [];
    const other = list.flatMap((one, i) => (one.figures === old[i]?.figures ? [] : [i]));
    const worded = list.filter((one, i) => one.texts.join('\n') !== old[i]?.texts.join('\n')).length;
    process.stdout.write(`${name.padEnd(16)}${other.length} differ in figures, ${worded} in words\n`);
    for (const i of other.slice(0, 2)) {
      const [was, is] = [old[i]?.figures ?? '', list[i].figures];
      const at = [...is].findIndex((letter, place) => letter !== was[place]);
      const about = (text) => text.slice(Math.max(0, at - 80), at + 80);
      process.stdout.write(`  ${i} was …${about(was)}…\n  ${i} is  …${about(is)}…\n`);
    }
    differ += other.length;
  }
  return differ;
}

const [, , what, file] = process.argv;
if (!file || !['keep', 'compare'].includes(what)) stop('keep FILE or compare FILE');
if (what === 'keep') writeFileSync(file, gzipSync(JSON.stringify(answers())));
else process.exitCode = compared(JSON.parse(gunzipSync(readFileSync(file))), answers()) > 0 ? 1 : 0;
