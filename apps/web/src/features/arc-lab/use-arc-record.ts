import type { ArcSetting } from '@hot-bead/core/arc-lab';
import { useEffect, useRef, useState } from 'react';
import { type ArcRecord, recordAway } from './sound/index.ts';

/** The lab's arcs are all of one seed: what differs between two of them is the knobs. */
export const LAB_SEED = 7;
/** How long an arc is looked at, s. */
const LOOKED_AT_S = 2;

/** What an arc does at a setting, from the worker; the last one stands until the next is there. */
export function useArcRecord(setting: ArcSetting): ArcRecord | undefined {
  const [record, setRecord] = useState<ArcRecord>();
  const busy = useRef(false);
  const wanted = useRef<ArcSetting>(undefined);
  useEffect(() => {
    wanted.current = setting;
    const run = async (): Promise<void> => {
      if (busy.current) return;
      busy.current = true;
      // turned while one was run: only the last place of the knobs counts
      while (wanted.current !== undefined) {
        const next = wanted.current;
        wanted.current = undefined;
        const done = await recordAway(next, LAB_SEED, LOOKED_AT_S);
        setRecord(done);
      }
      busy.current = false;
    };
    void run();
  }, [setting]);
  return record;
}
