import { arcText } from '@hot-bead/core/arc-lab';
import { useMemo } from 'react';
import { useSearchParams } from 'react-router';
import { usePreferences } from '../../preferences/preferences.tsx';
import { ButtonLink } from '../../ui/button.tsx';
import { PageTitle } from '../../ui/page/page-title.tsx';
import { Section } from '../../ui/page/section.tsx';
import { RecordingReader } from './reading/index.ts';
import { withUnit } from '../../units/index.ts';
import { TraceReader } from './trace-reader.tsx';
import { arcOf, labFrom, labSearch } from './lab-setting.ts';
import { useArcRecord } from './use-arc-record.ts';

/** A recording or a trace of one’s own arc, held against the model at the lab’s knobs. */
export function RecordingPage() {
  const { units } = usePreferences();
  const [search] = useSearchParams();
  const setting = useMemo(() => labFrom(search), [search]);
  const arc = useMemo(() => arcOf(setting), [setting]);
  const record = useArcRecord(arc);
  const back = labSearch(setting);
  return (
    <div className="grid grid-cols-1 gap-4">
      <PageTitle actions={<ButtonLink to={back === '' ? '/lab' : `/lab?${back}`}>Arc lab</ButtonLink>}>
        Read a recording
      </PageTitle>
      <Section id="sound" title="How it sounds">
        <RecordingReader
          beside={
            record && (
              <p>
                The model at {withUnit('volts', setting.volts, units)} and{' '}
                {withUnit('wireFeedSpeed', setting.wireFeedSpeedMPerMin, units)}, the lab’s knobs:{' '}
                {arcText(record.features, record.arc)} (scatter {record.features.periodCv.toFixed(2)}).
              </p>
            )
          }
        />
      </Section>
      <Section id="trace" title="A trace of volts and current">
        <TraceReader />
      </Section>
    </div>
  );
}
