import { useWords } from '../../units/index.ts';
import { arcText } from '@hot-bead/core/arc-lab';
import type { PlannedSetup } from '@hot-bead/core/plan';
import type { BeadSetting } from '@hot-bead/core/window';
import { useMemo } from 'react';
import { useArcRecord } from './use-arc-record.ts';
import { arcOf, type LabSetting, planInLab } from './lab-setting.ts';

function Run({ setting, answer }: { readonly setting: LabSetting; readonly answer: string }) {
  const arc = useMemo(() => arcOf(setting), [setting]);
  const record = useArcRecord(arc);
  if (!record) return null;
  return (
    <p>
      The model {answer}: {arcText(record.features, record.arc)} (scatter{' '}
      {record.features.periodCv.toFixed(2)}
      ).
    </p>
  );
}

/** What the model does at the numbers of a plan's bead, beside what was heard of it. */
export function ModelBeside({ plan, bead }: { readonly plan: PlannedSetup; readonly bead: BeadSetting }) {
  const say = useWords();
  const { wireFeedSpeedMPerMin, volts } = bead;
  const lab = useMemo(() => planInLab(plan), [plan]);
  const setting = useMemo(
    () => ('setting' in lab ? { ...lab.setting, wireFeedSpeedMPerMin, volts } : undefined),
    [lab, wireFeedSpeedMPerMin, volts],
  );
  if (!setting) return <p className="text-sm text-ink-soft">{say('why' in lab ? lab.why : '')}</p>;
  return <Run setting={setting} answer="at this bead’s numbers" />;
}
