import { rollPressureListSchema } from '../machine/rig.ts';
import type Joi from 'joi';
import { ContractError, validated } from '../base/validation.ts';
import { newTestBeadSchema } from '../dial-in/test-bead.ts';
import { planRequestSchema } from '../line/plan.ts';
import { machineFileTodaySchema } from '../machine/machine-file.ts';
import { machineChangeSchema, newMachineSchema } from '../machine/machine.ts';
import { jobChangeSchema, newAcknowledgementSchema, newJobSchema } from '../plan/job.ts';
import { changedWork, quickWorkOf, workSchema } from '../plan/work.ts';
import { shopChangeSchema } from '../shop/shop.ts';
import { shopSettingsSchema } from '../shop/shop.ts';

/** Code and field of every problem, or "taken". */
function verdict<T>(schema: Joi.Schema<T>, value: unknown): string {
  try {
    validated(schema, value);
    return 'taken';
  } catch (error) {
    if (!(error instanceof ContractError)) throw error;
    return error.problems.map(({ code, field }) => `${code}@${field}`).join(' ');
  }
}

describe('work', () => {
  it.each([
    [{}, 'taken'],
    [{ thicknessMm: 3, joint: 'tee', circumstances: ['damp'], priorities: ['colour', 'strength'] }, 'taken'],
    [{ thickness: '1/8' }, 'taken'],
    [{ thickness: 'abc' }, 'thickness-unreadable@thickness'],
    [{ thickness: -3 }, 'thickness-out-of-range@thickness'],
    [{ thickness: 0 }, 'thickness-out-of-range@thickness'],
    [{ thickness: '500 mm' }, 'thickness-out-of-range@thickness'],
    [{ thickness: '14' }, 'thickness-ambiguous@thickness'],
    [{ thicknessMm: 25.41 }, 'thickness-out-of-range@thicknessMm'],
    [{ thicknessMm: 3, thickness: '3' }, 'missing@'],
    [{ gas: 'laughing' }, 'gas-unknown@gas'],
    [{ joint: 'knot' }, 'not-one-of@joint'],
    [{ priorities: ['colour', 'colour'] }, 'wrong-type@priorities.1'],
    [{ polarity: 'AC' }, 'not-one-of@polarity'],
    [{ colour: 'red' }, 'unknown-field@colour'],
  ])('%o: %s', (value, expected) => {
    expect(verdict(workSchema, value)).toBe(expected);
  });

  it('turns written thicknesses into millimetres, by the gauge table of metal and product', () => {
    expect(quickWorkOf({ thickness: '14 ga', product: 'tube' }).thicknessMm).toBeCloseTo(2.108, 3);
    expect(quickWorkOf({ thickness: '14 ga', metal: 'stainless' }).thicknessMm).toBeCloseTo(1.984, 3);
    expect(quickWorkOf({ thickness: '1/4', otherThickness: '1/8' })).toEqual({
      thicknessMm: 6.35,
      otherThicknessMm: 3.175,
    });
  });
});

describe('jobs and plans', () => {
  it.each([
    [newJobSchema, {}, 'missing@'],
    [newJobSchema, { line: '3 mm lap' }, 'taken'],
    [newJobSchema, { line: 'x'.repeat(401) }, 'out-of-range@line'],
    [newJobSchema, { line: '3 mm', own: { volts: 7 } }, 'out-of-range@own.volts'],
    [newJobSchema, { line: '3 mm', own: { ctwdMm: 31 } }, 'out-of-range@own.ctwdMm'],
    [newJobSchema, { line: '3 mm', own: { gasFlowLPerMin: 12 } }, 'taken'],
    [jobChangeSchema, {}, 'missing@'],
    [jobChangeSchema, { own: {} }, 'taken'],
    [planRequestSchema, { line: '3 mm', unit: 'furlong' }, 'not-one-of@unit'],
    [newAcknowledgementSchema, { code: 'zinc-coating' }, 'missing@text'],
    [newTestBeadSchema, { volts: 18, wireFeedSpeedMPerMin: 7, face: 'flat', sound: 'sizzle' }, 'taken'],
    [
      newTestBeadSchema,
      { volts: 'loud', wireFeedSpeedMPerMin: 7, face: 'flat', sound: 'sizzle' },
      'wrong-type@volts',
    ],
    [newTestBeadSchema, { volts: 18, wireFeedSpeedMPerMin: 7 }, 'missing@'],
    [newTestBeadSchema, { volts: 18, wireFeedSpeedMPerMin: 7, said: 'right', cooled: true }, 'taken'],
    [newTestBeadSchema, { volts: 18, wireFeedSpeedMPerMin: 7, said: 'warm' }, 'not-one-of@said'],
  ] as const)('%#: %o', (schema, value, expected) => {
    expect(verdict(schema as Joi.Schema<unknown>, value)).toBe(expected);
  });
});

describe('the shop and its machines', () => {
  const machine = {
    name: 'Tom',
    loadedWireClass: 'ER70S-6',
    loadedWireDiameterMm: 0.8,
    loadedGas: 'co2',
  };

  it.each([
    [{ schools: {} }, 'taken'],
    [{ schools: { wireSpeed: 'melting-rate' } }, 'taken'],
    [{ schools: {}, shelf: null }, 'unknown-field@shelf'],
    [{ schools: { wireSpeed: 'guess' } }, 'not-one-of@schools.wireSpeed'],
    [{ schools: { politics: 'left' } }, 'unknown-field@schools.politics'],
  ])('settings %o: %s', (value, expected) => {
    expect(verdict(shopSettingsSchema, value)).toBe(expected);
  });

  it.each([
    [{}, 'taken'],
    [{ wireControl: { kind: 'knob', min: 0, max: 10 } }, 'taken'],
    [{ wireControl: { kind: 'knob', min: 10, max: 10 } }, 'out-of-range@wireControl.max'],
    [{ currentRangeA: [30, 30] }, 'range-order@currentRangeA'],
    [{ voltsControl: { kind: 'positions', positions: [] } }, 'wrong-type@voltsControl.positions'],
    [{ duty: [{ currentA: 150, percent: 101 }] }, 'out-of-range@duty.0.percent'],
  ])('a machine with %o: %s', (over, expected) => {
    expect(verdict(newMachineSchema, { ...machine, ...over })).toContain(expected);
  });
});

it('of many problems fifty are told', () => {
  const readings = Array.from({ length: 200 }, () => ({ knob: 'x' }));
  try {
    validated(machineFileTodaySchema, { dialReadings: readings });
    throw new Error('taken');
  } catch (error) {
    if (!(error instanceof ContractError)) throw error;
    expect(error.problems).toHaveLength(50);
  }
});

describe('a change', () => {
  it.each([
    [jobChangeSchema, { own: { volts: null }, work: { joint: null } }, 'taken'],
    [jobChangeSchema, { version: 3 }, 'missing@'],
    [jobChangeSchema, { version: 0, own: {} }, 'out-of-range@version'],
    [jobChangeSchema, { line: '3 mm', work: {} }, 'missing@'],
    [machineChangeSchema, { currentRangeA: null, version: 2 }, 'taken'],
    [machineChangeSchema, { name: null }, 'wrong-type@name'],
    [shopChangeSchema, { schools: { leanMix: null } }, 'taken'],
    [shopChangeSchema, { schools: { leanMix: 'often' } }, 'not-one-of@schools.leanMix'],
    [newJobSchema, { id: 'mine', line: '3 mm' }, 'wrong-type@id'],
  ])('is checked field by field (%#)', (schema, value, expected) => {
    expect(verdict(schema as Joi.Schema, value)).toBe(expected);
  });

  it('takes the place of what it names, and null takes away', () => {
    const work = { thicknessMm: 3, joint: 'tee', gas: 'co2' } as const;
    expect(changedWork(work, { joint: null, thickness: '1/8' })).toEqual({ gas: 'co2', thickness: '1/8' });
    expect(changedWork(work, { gas: 'argon', windy: undefined as never })).toEqual({ ...work, gas: 'argon' });
  });
});

describe('roll pressures', () => {
  it('with an entry that is none are refused at it, not broken over it', () => {
    const { error } = rollPressureListSchema.validate([null, {}, null], { abortEarly: false });
    expect(error?.details.some(({ path }) => path[0] === 0)).toBe(true);
  });
});
