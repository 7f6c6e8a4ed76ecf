import type { EarAnswer, KeptEarTest } from '@hot-bead/contract/arc-lab';
import { EAR_KINDS, type EarKind } from '@hot-bead/core/arc-lab';
import { Line } from 'recharts';
import { ChartFrame } from '../../../drawing/chart/chart-frame.tsx';
import { choiceWord, KIND_NAME } from './ear-words.ts';
import { confusionOf } from './schedule.ts';

function share(right: number, of: number): string {
  return of === 0 ? '–' : `${Math.round((100 * right) / of)} %`;
}

/** What was taken for what: truth down, said across. */
function ConfusionTable({
  answers,
  kind,
}: {
  readonly answers: readonly EarAnswer[];
  readonly kind: EarKind;
}) {
  const { choices, counts } = confusionOf(answers, kind);
  const all = counts.flat().reduce((sum, one) => sum + one, 0);
  const right = counts.reduce((sum, row, i) => sum + (row[i] ?? 0), 0);
  if (all === 0) return null;
  return (
    <div>
      <h3 className="font-semibold">
        {KIND_NAME[kind]}: {share(right, all)} of {all}
      </h3>
      <div
        className="overflow-x-auto"
        role="group"
        tabIndex={0}
        aria-label={`${KIND_NAME[kind]}: what was taken for what`}
      >
        <table className="mt-1 text-sm">
          <thead>
            <tr className="label-text">
              <th scope="col" className="pr-3 text-left">
                It was ↓ said →
              </th>
              {choices.map((choice) => (
                <th key={choice} scope="col" className="px-2">
                  {choiceWord(choice)}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {choices.map((truth, i) => (
              <tr key={truth} className="border-t border-line">
                <th scope="row" className="py-1 pr-3 text-left font-medium">
                  {choiceWord(truth)}
                </th>
                {choices.map((said, k) => {
                  const count = counts[i]?.[k] ?? 0;
                  const tint = count === 0 ? '' : i === k ? 'bg-good-tint' : 'bg-straw-tint';
                  return (
                    <td key={said} className={`figure-text px-3 py-1 text-center text-lg ${tint}`}>
                      {count === 0 ? '·' : count}
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </div>
  );
}

/** How a learner gets on, test by test, and what is still taken for what. */
export function Progress({ tests }: { readonly tests: readonly KeptEarTest[] }) {
  const answers = tests.flatMap((test) => test.answers);
  const points = tests.map((test, i) => ({
    test: i + 1,
    right: Math.round(
      (100 * test.answers.filter(({ truth, said }) => truth === said).length) / test.answers.length,
    ),
  }));
  return (
    <div className="grid grid-cols-1 items-start gap-4 md:grid-cols-2">
      <div>
        <h3 className="font-semibold">Right, test by test</h3>
        {points.length > 1 ? (
          <ChartFrame
            label={`Share right in each of ${points.length} tests: ${points.map(({ right }) => `${right} %`).join(', ')}`}
            data={points}
            heightPx={220}
            x={{ dataKey: 'test', domain: [1, points.length], tickCount: Math.min(points.length, 6) }}
            y={{ domain: [0, 100], ticks: [0, 25, 50, 75, 100], tickText: (value) => `${value} %` }}
          >
            <Line
              dataKey="right"
              stroke="var(--ink)"
              strokeWidth={2}
              dot={{ fill: 'var(--action)' }}
              isAnimationActive={false}
            />
          </ChartFrame>
        ) : (
          <p>The line begins with the second test.</p>
        )}
      </div>
      {EAR_KINDS.map((kind) => (
        <ConfusionTable key={kind} answers={answers} kind={kind} />
      ))}
    </div>
  );
}
