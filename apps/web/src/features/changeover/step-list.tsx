import { useWords } from '../../units/index.ts';
import type { ChangeoverStep, Gate } from '@hot-bead/core/changeover';
import { gatesInFront } from './gate-spans.ts';
import { GATE_TEXT } from './gate-text.ts';

interface Props {
  readonly steps: readonly ChangeoverStep[];
  readonly chosen: string;
  readonly isOpen: (gate: Gate) => boolean;
  readonly onChoose: (id: string) => void;
}

function GateBar({ gate, open }: { readonly gate: Gate; readonly open: boolean }) {
  const say = useWords();
  return (
    <div
      className={`flex min-h-11 items-center gap-2 border-y-2 border-hot px-3 text-[15px] font-semibold ${open ? 'text-ink-soft' : 'bg-hot-tint'}`}
    >
      <span aria-hidden="true">{open ? '●' : '■'}</span>
      {say(GATE_TEXT[gate][0])}
    </div>
  );
}

/** Steps in their order as large rows, gates across them. */
export function StepList({ steps, chosen, isOpen, onChoose }: Props) {
  const gates = gatesInFront(steps);
  return (
    <ol aria-label="Steps" className="rounded-md border border-line bg-plate">
      {steps.map(({ row, ready }, i) => {
        const gate = gates[i];
        return (
          <li key={row.id} className="border-b border-line last:border-b-0">
            {gate && <GateBar gate={gate} open={isOpen(gate)} />}
            <button
              type="button"
              aria-current={row.id === chosen ? 'step' : undefined}
              onClick={() => onChoose(row.id)}
              className={`flex min-h-14 w-full items-center gap-3 px-3 text-left ${row.id === chosen ? 'bg-action-tint font-semibold text-action' : 'hover:text-action'}`}
            >
              <span aria-hidden="true" className="w-6 shrink-0 text-center">
                {row.id.startsWith('look-') ? '?' : ready ? '○' : '·'}
              </span>
              <span className="min-w-0 flex-1 leading-snug">{row.verb}</span>
              <span className="figure-text shrink-0 text-lg">{row.minutes} min</span>
            </button>
          </li>
        );
      })}
    </ol>
  );
}
