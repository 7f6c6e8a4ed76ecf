import { completeWork } from '../../plan/work/complete-work.ts';
import { resourcesOf } from '../../plan/work/shop.ts';
import { effectiveWork, parseLine } from '../parse.ts';
import { type PlanReport, planReport } from './plan-report.ts';
import { planSetup } from '../../plan/setup/plan-setup.ts';

function report(line: string): PlanReport {
  const reading = parseLine(line, { unit: 'mm', machineNames: [] });
  const work = effectiveWork(reading);
  const complete = completeWork(work);
  return planReport(reading, complete && planSetup(complete.work, resourcesOf(work, { machines: [] })));
}

describe('planReport', () => {
  it('gives the numbers with unit and range, rounded to what can be set', () => {
    const plan = report('3 mm steel tee flat 0.8 solid Ar+18');
    if ('refused' in plan) throw new Error('refused');
    expect(plan.wireFeedSpeed.unit).toBe('m/min');
    expect(plan.volts.unit).toBe('V');
    expect(plan.amps).toMatchObject({ start: 136, unit: 'A' });
    expect(plan.gasFlow).toEqual({ start: 12, low: 10, high: 14, unit: 'L/min' });
    expect(plan.ctwd).toEqual({ start: 10, low: 8, high: 12, unit: 'mm' });
    expect(plan.extension).toEqual({ start: 8.5, low: 6.5, high: 10.5, unit: 'mm' });
    expect(plan.travelSpeed.unit).toBe('mm/min');
    expect(plan).toMatchObject({
      polarity: 'DCEP',
      transferMode: 'short-circuit',
      gas: 'Ar + 18 % CO₂',
      notUnderstood: [],
    });
    expect(plan.understood).toMatchObject({ thicknessMm: 3, joint: 'tee', wireDiameterMm: 0.8 });
    expect(plan.reasons.every((reason) => reason.source.length > 3)).toBe(true);
  });

  it.each([
    ['3mm steel argon', 'gas-wrong-for-metal'],
    ['14 steel', 'thickness-ambiguous'],
    ['500mm lap', 'thickness-out-of-range'],
    ['steel lap', 'thickness-missing'],
    ['3mm 6063 without filler', 'filler-needed'],
    ['3mm 304 to 5mm 6061 lap', 'no-filler-for-pair'],
  ])('%s is refused with %s', (line, code) => {
    const plan = report(line);
    expect('refused' in plan && plan.refused.code).toBe(code);
    expect('refused' in plan && plan.refused.reasons[0]?.length).toBeGreaterThan(5);
  });

  it('lists every choice that was made and not said', () => {
    const plan = report('3mm tee');
    expect(plan.assumed).toEqual(
      expect.arrayContaining(['way', 'mode', 'wireClass', 'wireDiameterMm', 'gas', 'position', 'metal']),
    );
    expect(plan.assumed).not.toContain('joint');
    expect(report('1/4 steel .035 C25').assumed).toContain('way');
  });

  it('gives runs, heat input, sizes and totals, and what was corrected or noted', () => {
    const plan = report('20mm stianless tack tee 8mm leg both sides 500 mm long 2 off');
    if ('refused' in plan) throw new Error('refused');
    expect(plan.corrected).toEqual([{ text: 'stianless', readAs: 'stainless' }]);
    expect(plan.noted.map(({ text }) => text)).toEqual(['tack']);
    expect(plan.notUnderstood).toEqual(['tack']);
    expect(plan.finishedLegMm).toBe(8);
    expect(plan.runs).toHaveLength(plan.passes);
    expect(plan.heatInput.kJPerMm).toBeGreaterThan(0.3);
    expect(plan.heatInput.by).toContain('mean volts');
    expect(plan.totals?.weldLengthMm).toBe(2000);
    expect(plan.fitUp).toMatchObject({ sides: 2, backPurge: null });
  });

  it('says the back purge of a stainless root', () => {
    const plan = report('3mm 304 butt');
    expect('fitUp' in plan && plan.fitUp.backPurge).toContain('Argon behind the root');
  });

  it('keeps what it did not understand', () => {
    expect(report('3mm bananas lap').notUnderstood).toEqual(['bananas']);
  });
});
