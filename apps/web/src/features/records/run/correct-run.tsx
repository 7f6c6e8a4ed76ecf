import type { KeptRun } from '@hot-bead/contract/records';
import type { KeptStockItem } from '@hot-bead/contract/stores';
import type { PlannedSetup } from '@hot-bead/core/plan';
import { usePreferences } from '../../../preferences/preferences.tsx';
import { Button } from '../../../ui/button.tsx';
import { Dialog } from '../../../ui/dialog.tsx';
import { useToast } from '../../../ui/toasts.tsx';
import { fieldsOfRun, runChange } from './run-fields.ts';
import { RunForm } from './run-form.tsx';
import { useChangeRun } from './runs.queries.ts';
import { useRunEntry } from './use-run-entry.ts';

interface Props {
  readonly run: KeptRun;
  readonly plan: PlannedSetup | undefined;
  readonly stock: readonly KeptStockItem[];
  readonly onClose: () => void;
}

/** Puts right what was told of a run; Stores follow. */
export function CorrectRun({ run, plan, stock, onClose }: Props) {
  const { units } = usePreferences();
  const change = useChangeRun();
  const toast = useToast();
  const entry = useRunEntry({ initial: fieldsOfRun(run, units), plan, stock });
  return (
    <Dialog title="Correct this run" text="What it took of Stores is put right with it." onClose={onClose}>
      <form
        noValidate
        className="grid gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          entry.submit((_run, onError) => {
            const changes = runChange(run, entry.fields, units);
            if (Object.keys(changes).length === 0) return onClose();
            const asked = { kept: run, change: changes };
            change.mutate(asked, {
              onSuccess: (_kept, undo) => {
                toast('Run corrected', undo);
                onClose();
              },
              onError,
            });
          });
        }}
      >
        <RunForm fields={entry.fields} faults={entry.faults} used={entry.used} onChange={entry.set} open />
        <Button type="submit" tone="main" disabled={change.isPending} className="min-h-14">
          {change.isPending ? 'Keeping…' : 'Keep it so'}
        </Button>
      </form>
    </Dialog>
  );
}
