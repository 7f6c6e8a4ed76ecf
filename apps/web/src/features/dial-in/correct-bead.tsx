import type { KeptTestBead } from '@hot-bead/contract/dial-in';
import { BEAD_VERDICTS } from '@hot-bead/core/window';
import { useState } from 'react';
import { usePreferences } from '../../preferences/preferences.tsx';
import { Button } from '../../ui/button.tsx';
import { Dialog } from '../../ui/dialog.tsx';
import { sendChecked } from '../../ui/form/problems.ts';
import { Segmented } from '../../ui/segmented.tsx';
import { useToast } from '../../ui/toasts.tsx';
import { useChangeBead } from '../window/test-beads/index.ts';
import { SAID_WORD } from './bead-words.ts';
import { PickRow } from './pick-row.tsx';
import { ReportDetails, type ReportFaults } from './report-details.tsx';
import { beadOf, reportOf } from './report-fields.ts';

interface Props {
  readonly bead: KeptTestBead;
  readonly onClose: () => void;
}

const OPTIONAL = ['said', 'face', 'sound', 'spatter', 'back', 'ends', 'flags', 'cooled', 'weldedAt'] as const;

/** Corrects a bead: what follows from it is worked out anew. */
export function CorrectBead({ bead, onClose }: Props) {
  const { units } = usePreferences();
  const change = useChangeBead();
  const toast = useToast();
  const [fields, setFields] = useState(() => reportOf(bead, units));
  const [faults, setFaults] = useState<ReportFaults>({});
  const send = (): void =>
    sendChecked({
      check: () => beadOf(fields, bead, units),
      send: (checked, onError) => {
        const none = Object.fromEntries(
          OPTIONAL.filter((name) => checked[name] === undefined && bead[name] !== undefined).map(
            (name) => [name, null] as const,
          ),
        );
        const { id: _id, weldedAt = bead.weldedAt, ...rest } = checked;
        const kept = weldedAt === undefined ? {} : { weldedAt };
        change.mutate(
          // a report that was asked about is another one now
          { kept: bead, change: { ...none, ...rest, ...kept, ...(bead.doubt ? { doubt: null } : {}) } },
          {
            onSuccess: (_bead, undo) => {
              toast(`Bead ${bead.number} corrected`, undo);
              onClose();
            },
            onError,
          },
        );
      },
      place: (problems) =>
        setFaults(Object.fromEntries(problems.map(({ field, message }) => [field, message]))),
    });
  return (
    <Dialog
      title={`Correct bead ${bead.number}`}
      text="What was said of it; the next bead and what to take follow from it."
      onClose={onClose}
    >
      <div className="grid grid-cols-1 gap-4">
        <PickRow
          legend="In one word"
          options={BEAD_VERDICTS}
          words={SAID_WORD}
          picked={fields.said}
          onPick={(verdict) => setFields({ ...fields, said: verdict })}
          columns="grid-cols-2 md:grid-cols-4"
          error={faults['said'] ?? faults['']}
        />
        <div>
          <p className="label-text mb-1">Coupon before it</p>
          <Segmented
            label="Coupon before it"
            value={fields.cooled === undefined ? '' : fields.cooled ? 'cool' : 'hot'}
            options={[
              { value: 'cool', label: 'Cool' },
              { value: 'hot', label: 'Still hot' },
            ]}
            onChange={(value) => setFields({ ...fields, cooled: value === 'cool' })}
          />
        </div>
        <ReportDetails
          fields={fields}
          faults={faults}
          onChange={(one) => setFields((before) => ({ ...before, ...one }))}
        />
        <div className="flex justify-end gap-3">
          <Button className="min-h-14" onClick={onClose}>
            Cancel
          </Button>
          <Button tone="main" className="min-h-14" disabled={change.isPending} onClick={send}>
            Correct it
          </Button>
        </div>
      </div>
    </Dialog>
  );
}
