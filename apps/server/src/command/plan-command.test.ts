import type { PlannedReport, RefusedReport } from '@hot-bead/core/line';
import { demoMachines } from '../demo/demo-shop.ts';
import { planCommand } from './plan-command.ts';

const MACHINES = demoMachines();

describe('the plan command', () => {
  it('prints one JSON object with every number, its range and its unit', () => {
    const { output, exitCode } = planCommand(['3.2 mm butt 0.8 Ar+18', '--json'], MACHINES);
    const plan = JSON.parse(output) as PlannedReport;
    expect(exitCode).toBe(0);
    for (const key of [
      'wireFeedSpeed',
      'volts',
      'amps',
      'gasFlow',
      'ctwd',
      'extension',
      'travelSpeed',
    ] as const) {
      expect(Object.keys(plan[key])).toEqual(['start', 'low', 'high', 'unit']);
    }
    expect(plan.volts.start).toBeCloseTo(18.4, 1);
    expect(plan.understood.thicknessMm).toBe(3.2);
  });

  it('prints the setup as text, in metric or in inches throughout', () => {
    const { output } = planCommand(['3.2', 'mm', 'butt', '0.8', 'Ar+18'], MACHINES);
    expect(output).toMatch(/Wire speed\s+7\.59 m\/min/);
    const inUs = planCommand(['1/8 butt .030 Ar+18 12 in seam', '--unit', 'in'], MACHINES).output;
    expect(inUs).toMatch(/Wire speed\s+29\d in\/min/);
    expect(inUs).toMatch(/Wire\s+ER70S-6 \.030, solid/);
    expect(inUs).toContain('1/8 in carbon steel');
    expect(inUs).not.toMatch(/\b(?:mm|m\/min|L\/min|kJ\/mm|kg)\b|°C/);
    expect(output).toMatch(/Polarity\s+DCEP/);
    expect(output).toMatch(/our model/);
  });

  it('knows the demo machines by name', () => {
    const plan = JSON.parse(planCommand(['3mm lap old tom', '--json'], MACHINES).output) as PlannedReport;
    expect(plan.understood.machineName).toBe('Old Tom');
    expect(plan.wire).toContain('1.0 mm');
  });

  it.each([
    ['3mm steel argon', 'gas-wrong-for-metal'],
    ['14 steel', 'thickness-ambiguous'],
    ['3mm 6063 without filler', 'filler-needed'],
    ['8mm steel tee overhead spray', 'position-wrong-for-way'],
    ['hello', 'thickness-missing'],
  ])('leaves with 2 and a reason when %s is refused', (words, code) => {
    const { output, exitCode } = planCommand([words, '--json'], MACHINES);
    expect(exitCode).toBe(2);
    expect((JSON.parse(output) as RefusedReport).refused.code).toBe(code);
    expect(planCommand([words], MACHINES).output).toContain(`Refused (${code})`);
  });

  it('reads bare numbers in inches when told so', () => {
    const plan = JSON.parse(
      planCommand(['0.125 lap', '--unit', 'in', '--json'], MACHINES).output,
    ) as PlannedReport;
    expect(plan.understood.thicknessMm).toBeCloseTo(3.175, 6);
  });

  it.each([[[]], [['--json']], [['3mm', '--unit', 'furlong']]])('says how it is called for %j', (args) => {
    expect(planCommand(args, MACHINES)).toMatchObject({
      exitCode: 1,
      output: expect.stringContaining('Usage'),
    });
  });
});
