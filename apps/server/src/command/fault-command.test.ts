import type { FaultRanking } from '@hot-bead/contract/faults';
import { faultCommand } from './fault-command.ts';

const REPORT =
  '{"process":"solid-gas","present":["porosity-heavy"],"absent":[],"known":{"polarity":"wrong"}}';

describe('the fault command', () => {
  it('prints what may be wrong and the next look as JSON, ids as in the tables', () => {
    const { output, exitCode } = faultCommand(['--json', REPORT]);
    const { ranked, next } = JSON.parse(output) as FaultRanking;
    expect(exitCode).toBe(0);
    expect(ranked[0]).toMatchObject({ cause: 'polarity-wrong', shown: true });
    expect(ranked.find(({ cause }) => cause === 'gas-off')?.shown).toBe(true);
    expect(Object.keys(next ?? {})).toEqual(['check', 'causes', 'minutes']);
  });

  it('prints it as text', () => {
    const { output } = faultCommand(['{"process":"solid-gas","present":["arc-from-nozzle","worm-tracks"]}']);
    expect(output).toMatch(/^Look next \(1 min\): Power off, cool: look up the nozzle/);
    expect(output).toMatch(/Left out, this process cannot have it: worm-tracks/);
  });

  it.each([
    ['{"process":"solid-gas","present":["nope"]}', 2, 'There is no symptom “nope”.'],
    ['{"process":"mig"}', 2, 'There is no process “mig”.'],
    ['{"process":"solid-gas","known":{"polarity":"sideways"}}', 2, '“polarity” is one of right, wrong.'],
    ['[1]', 2, 'must be of type object'],
    ['{', 1, 'That is no JSON.'],
  ])('%s leaves with %d and says why', (text, code, message) => {
    const { output, exitCode } = faultCommand([text]);
    expect(exitCode).toBe(code);
    expect(output).toContain(message);
    const asJson = faultCommand([text, '--json']);
    expect(asJson.exitCode).toBe(code);
    expect(asJson.output).toContain(message);
  });

  it('without a report says how it is called', () => {
    expect(faultCommand([])).toMatchObject({
      exitCode: 1,
      output: expect.stringContaining('Usage') as string,
    });
    expect(faultCommand([REPORT, REPORT]).exitCode).toBe(1);
  });
});
