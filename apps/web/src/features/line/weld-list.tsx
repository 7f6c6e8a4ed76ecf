import { usePreferences } from '../../preferences/preferences.tsx';
import { useWords } from '../../units/index.ts';
import type { PastedList } from '@hot-bead/core/line';
import { completeWork, workTitle } from '@hot-bead/core/plan';
import { Button } from '../../ui/button.tsx';
import { lineObstacle } from './line-obstacle.ts';
import type { QuickLineState } from './use-quick-line.ts';

/** Most lines of a list that are shown, one by one. */
const SHOWN_MOST = 40;

function Row({ text, line }: { readonly text: string; readonly line: QuickLineState }) {
  const say = useWords();
  const reading = line.readLine(text);
  const { units } = usePreferences();
  const problem = reading && lineObstacle(reading, units);
  const complete = reading && completeWork({ ...reading.assumed, ...reading.work });
  const asked = reading?.questions[0]?.message;
  return (
    <li className="flex flex-wrap items-center justify-between gap-x-4 border-b border-line py-2">
      <div>
        <p className="font-medium">{text}</p>
        <p className={(problem ?? asked) ? 'text-sm text-hot' : 'text-sm text-ink-soft'}>
          {say(problem ?? asked ?? (complete ? workTitle(complete.work) : 'No thickness yet'))}
        </p>
      </div>
      <Button
        tone="quiet"
        onClick={() => {
          line.setPasted(undefined);
          line.setText(text);
        }}
      >
        Only this
      </Button>
    </li>
  );
}

/** Several welds that were pasted, or that one line says: each as it is read, saved together. */
export function WeldList({ list, line }: { readonly list: PastedList; readonly line: QuickLineState }) {
  const { lines, columns } = list;
  const known = columns.filter(({ as }) => as !== undefined);
  return (
    <div className="grid gap-3">
      <h2 className="font-semibold">{lines.length} welds</h2>
      {known.length > 0 && (
        <p className="text-sm">
          Columns:{' '}
          {known
            .map(({ heading, as }) => (heading.toLowerCase() === as ? as : `${heading} (${as})`))
            .join(', ')}
          .
        </p>
      )}
      <ol className="max-h-[40dvh] overflow-y-auto" aria-label="Welds that were read">
        {lines.slice(0, SHOWN_MOST).map((text, i) => (
          <Row key={`${i} ${text}`} text={text} line={line} />
        ))}
      </ol>
      {lines.length > SHOWN_MOST && <p className="text-sm">and {lines.length - SHOWN_MOST} more</p>}
      <div className="flex flex-wrap gap-2">
        <Button tone="main" onClick={() => line.saveAsPiece(lines)} disabled={line.saving}>
          Save as one piece
        </Button>
        <Button onClick={() => line.saveAsJobs(lines)} disabled={line.saving}>
          Save {lines.length} jobs
        </Button>
        {line.pasted && (
          <Button tone="quiet" onClick={() => line.setPasted(undefined)}>
            Leave the list
          </Button>
        )}
      </div>
    </div>
  );
}
