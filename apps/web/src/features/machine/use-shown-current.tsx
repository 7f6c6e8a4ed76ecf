import { type ReactNode, useState } from 'react';
import { Field } from '../../ui/form/field.tsx';
import { numberOrText } from '../../units/index.ts';

/** Currents that volts are shown at, A. */
const CURRENT_RANGE_A = [10, 500] as const;
const USUAL_CURRENT_A = 100;

/** The current that volts under load are shown at, and the field it is set in; a usual one until it can be read. */
export function useShownCurrent(): { readonly currentA: number; readonly field: ReactNode } {
  const [amps, setAmps] = useState(String(USUAL_CURRENT_A));
  const [least, most] = CURRENT_RANGE_A;
  const asked = numberOrText(amps);
  const usable = typeof asked === 'number' && asked >= least && asked <= most;
  return {
    currentA: usable ? asked : USUAL_CURRENT_A,
    field: (
      <Field
        label="At a current of (A)"
        className="max-w-48"
        inputMode="numeric"
        value={amps}
        error={usable ? undefined : `${least} to ${most} A, please; shown for ${USUAL_CURRENT_A} A.`}
        onChange={(event) => setAmps(event.target.value)}
      />
    ),
  };
}
