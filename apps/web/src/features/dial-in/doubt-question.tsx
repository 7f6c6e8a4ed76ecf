import type { KeptTestBead } from '@hot-bead/contract/dial-in';
import type { DoubtAnswer } from '@hot-bead/core/window';
import { usePreferences } from '../../preferences/preferences.tsx';
import { VerdictMark } from '../../drawing/verdict-mark.tsx';
import { Button } from '../../ui/button.tsx';
import { useToast } from '../../ui/toasts.tsx';
import { isKeptBead, useChangeBead } from '../window/test-beads/index.ts';
import { withUnit } from '../../units/index.ts';

/** Asks about a report that does not fit the others: it is never welded again because of it, only asked about. */
export function DoubtQuestion({ bead }: { readonly bead: KeptTestBead }) {
  const { units } = usePreferences();
  const change = useChangeBead();
  const toast = useToast();
  const answer = (doubt: DoubtAnswer, done: string): void =>
    change.mutate({ kept: bead, change: { doubt } }, { onSuccess: (_bead, undo) => toast(done, undo) });
  return (
    <section aria-labelledby="doubt" className="rounded-md border border-straw bg-straw-tint p-4">
      <h2 id="doubt" className="text-lg font-semibold">
        Bead {bead.number} does not fit the others
      </h2>
      <p className="mt-1">
        {withUnit('volts', bead.volts, units)} read <VerdictMark verdict={bead.verdict} />. Was the stick-out
        steady and the coupon cool?
      </p>
      <div className="mt-3 grid grid-cols-1 gap-2 sm:grid-cols-2">
        <Button
          className="min-h-14"
          disabled={change.isPending || !isKeptBead(bead)}
          onClick={() => answer('stands', `Bead ${bead.number} stands`)}
        >
          Yes: it stands
        </Button>
        <Button
          className="min-h-14"
          disabled={change.isPending || !isKeptBead(bead)}
          onClick={() => answer('left-out', `Bead ${bead.number} is left out`)}
        >
          No: leave it out
        </Button>
      </div>
    </section>
  );
}
