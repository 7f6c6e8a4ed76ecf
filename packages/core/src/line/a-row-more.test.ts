import type { GasRow } from '../trade/gas/gas-table.ts';
import type { WireClassRow } from '../trade/wire/wire-class-table.ts';
import { standard } from '../base/source.ts';

type Core = typeof import('../plan/index.ts') & typeof import('./index.ts');
type WireTable = typeof import('../trade/wire/wire-class-table.ts');
type GasTable = typeof import('../trade/gas/gas-table.ts');

/** The planner with a row more in one of its tables, and nothing else changed. */
function withRows({
  wires = [],
  gases = [],
}: {
  wires?: readonly WireClassRow[];
  gases?: readonly GasRow[];
}): Core {
  let core: Core | undefined;
  jest.isolateModules(() => {
    jest.doMock('../trade/wire/wire-class-table.ts', () => {
      const table = jest.requireActual<WireTable>('../trade/wire/wire-class-table.ts');
      return { ...table, WIRE_CLASS_TABLE: [...table.WIRE_CLASS_TABLE, ...wires] };
    });
    jest.doMock('../trade/gas/gas-table.ts', () => {
      const table = jest.requireActual<GasTable>('../trade/gas/gas-table.ts');
      return { ...table, GAS_TABLE: [...table.GAS_TABLE, ...gases] };
    });
    core = { ...jest.requireActual('../plan/index.ts'), ...jest.requireActual('./index.ts') } as Core;
  });
  jest.dontMock('../trade/wire/wire-class-table.ts');
  jest.dontMock('../trade/gas/gas-table.ts');
  if (!core) throw new Error('not loaded');
  return core;
}

function planOf(core: Core, line: string) {
  const work = core.effectiveWork(core.parseLine(line, { unit: 'mm', machineNames: [] }));
  const complete = core.completeWork(work);
  if (!complete) throw new Error(line);
  return { said: work, setup: core.planSetup(complete.work, core.resourcesOf(work, { machines: [] })) };
}

const source = standard('AWS A5.18 (ISO 14341)');
const STEEL = ['carbon-steel', 'coated-steel'] as const;
const ROWS: readonly (readonly [line: string, expected: object, row: WireClassRow])[] = [
  [
    '4 mm tee ER80S-D2 1.0 Ar+18',
    { family: 'steel-dip', polarity: { polarity: 'DCEP' } },
    { id: 'ER80S-D2', way: 'solid-gas', tubular: false, polarity: 'DCEP', metals: STEEL, note: '', source },
  ],
  [
    '10 mm plate tee T8-K6 2.0',
    { family: 'self-shielded-t8', polarity: { polarity: 'DCEN' }, gas: { gas: { id: 'none' } } },
    {
      id: 'E71T8-K6',
      way: 'self-shielded',
      tubular: true,
      polarity: 'DCEN',
      usability: 'T-8',
      metals: STEEL,
      typedAs: 't8 k6',
      note: '',
      source,
    },
  ],
  [
    '10 mm tee E81T-9M 1.2',
    { family: 'gas-shielded-flux-core', gas: { gas: { co2Percent: [25, 25] } } },
    {
      id: 'E81T-9M',
      way: 'gas-shielded-flux-core',
      tubular: true,
      polarity: 'DCEP',
      metals: STEEL,
      madeFor: { co2Percent: [20, 25], words: 'Ar + 20–25 % CO₂' },
      note: '',
      source,
    },
  ],
  [
    '3 mm tee 347Si 0.9',
    { family: 'stainless-dip', work: { metal: 'stainless' } },
    {
      id: 'ER347Si',
      way: 'solid-gas',
      tubular: false,
      polarity: 'DCEP',
      metals: ['stainless'],
      typedAs: '347si',
      note: '',
      source,
    },
  ],
  [
    '5 mm 6061 tee ER4047 1.2',
    { family: 'aluminium-spray', weldMetal: 'aluminium' },
    {
      id: 'ER4047',
      way: 'aluminium-gun',
      tubular: false,
      polarity: 'DCEP',
      metals: ['aluminium', 'cast-aluminium'],
      silicon: true,
      note: '',
      source,
    },
  ],
];

describe('a wire class', () => {
  it.each(ROWS)('is added by its row alone: %s', (line, expected, row) => {
    const { said, setup } = planOf(withRows({ wires: [row] }), line);
    expect(said.wireClass).toBe(row.id);
    expect(setup).toMatchObject({
      status: 'planned',
      wire: { wireClass: row.id, origin: 'asked' },
      ...expected,
    });
  });

  it('is not known without its row', () => {
    const { said } = planOf(withRows({}), '4 mm tee ER80S-D2 1.0 Ar+18');
    expect(said.wireClass).toBeUndefined();
  });

  it('that burns off like silicon aluminium does so by its row', () => {
    const [, , row] = ROWS[4] as (typeof ROWS)[number];
    const speed = (over: Partial<WireClassRow>): number => {
      const { setup } = planOf(withRows({ wires: [{ ...row, ...over }] }), '5 mm 6061 tee ER4047 1.2');
      return setup.status === 'planned' ? setup.wireFeedSpeedMPerMin.start : NaN;
    };
    const { setup } = planOf(withRows({}), '5 mm 6061 tee ER4043 1.2');
    expect(setup.status === 'planned' && setup.wireFeedSpeedMPerMin.start).toBeCloseTo(speed({}), 9);
    // the melting of magnesium wire is 0.7687 / 0.6468 as fast
    expect(speed({ silicon: undefined as never }) / speed({})).toBeCloseTo(0.7687 / 0.6468, 6);
  });
});

describe('a gas', () => {
  const row = (over: Partial<GasRow> & Pick<GasRow, 'id' | 'name'>): GasRow => ({
    group: undefined,
    co2Percent: [0, 0],
    heliumPercent: 0,
    oxygenPercent: 0,
    shields: true,
    source,
    ...over,
  });

  it('is added by its row alone: typed by its shares or its words, judged by what is in it', () => {
    const core = withRows({
      gases: [
        row({ id: 'ar-o2-1', name: 'Ar + 1 % O₂', oxygenPercent: 1 }),
        row({ id: 'ar-he-30', name: 'Ar + 30 % He', heliumPercent: 30, typedAs: 'light mix' }),
      ],
    });
    const oxygen = planOf(core, '8 mm tee spray Ar + 1 % O2 1.2');
    expect(oxygen.said.gas).toBe('ar-o2-1');
    expect(oxygen.setup).toMatchObject({ status: 'planned', gas: { gas: { name: 'Ar + 1 % O₂' } } });
    expect(planOf(core, '3 mm 5052 tee Ar + 1 % O2').setup).toMatchObject({ code: 'gas-wrong-for-metal' });
    const light = planOf(core, '6 mm 5083 tee light mix 1.2');
    expect(light.said.gas).toBe('ar-he-30');
    // helium asks for more flow, by half its share
    expect(light.setup.status === 'planned' && light.setup.gasFlowLPerMin.start).toBeCloseTo(18 * 1.15, 6);
    expect(planOf(core, '3 mm steel tee light mix').setup).toMatchObject({ code: 'gas-wrong-for-metal' });
  });
});
