import { changedSpecs } from '../scripts/changed.mjs';

describe('the browser tests that a change touches', () => {
  it.each([
    [['packages/core/src/changeover/rig-steps.ts'], ['rig']],
    [
      ['apps/web/src/features/faults/fault-work.tsx', 'apps/server/src/day/day.service.ts'],
      ['day', 'faults'],
    ],
    [['e2e/kill.spec.ts'], ['kill']],
    [['README.md', 'packages/core/src/day/plan-day.test.ts', 'scripts/bench.mjs'], []],
    [['apps/web/src/ui/button.tsx'], undefined],
    [['packages/core/src/base/source.ts'], undefined],
    [['package.json', 'packages/core/src/day/plan-day.ts'], undefined],
  ])('%j: %j', (files, specs) => {
    expect(changedSpecs(files)).toEqual(specs);
  });
});
