import { useMemo } from 'react';
import { useSearchParams } from 'react-router';
import { ButtonLink } from '../../ui/button.tsx';
import { PageSkeleton } from '../../ui/page/notices.tsx';
import { PageTitle } from '../../ui/page/page-title.tsx';
import { Parts } from '../../ui/page/parts.tsx';
import { Section } from '../../ui/page/section.tsx';
import { ArcView } from './arc-view.tsx';
import { Beside, experiments, gasOthers } from './beside.tsx';
import { HonestWords } from './honest-words.tsx';
import { LabKnobs } from './lab-knobs.tsx';
import { arcOf, labFrom, labSearch, type LabSetting } from './lab-setting.ts';
import { LabSound } from './lab-sound.tsx';
import { useArcRecord } from './use-arc-record.ts';
import { WhatItDoes } from './what-it-does.tsx';
import { WindowMap } from './window-map.tsx';

/** See, hear and try the arc: knobs on the left, what they do on the right. */
export function LabPage() {
  const [search, setSearch] = useSearchParams();
  const setting = useMemo(() => labFrom(search), [search]);
  const arc = useMemo(() => arcOf(setting), [setting]);
  const record = useArcRecord(arc);
  const turn = (change: Partial<LabSetting>): void =>
    setSearch(
      (before) => {
        const next = new URLSearchParams(labSearch({ ...labFrom(before), ...change }));
        const part = before.get('part');
        if (part !== null) next.set('part', part);
        return next;
      },
      { replace: true },
    );
  const gases = useMemo(() => gasOthers(), []);
  const tries = useMemo(() => experiments(setting), [setting]);
  return (
    <div className="grid grid-cols-1 gap-4">
      <PageTitle
        actions={
          <>
            <ButtonLink to="/lab/ear">Train the ear</ButtonLink>
            <ButtonLink to={`/lab/recording?${labSearch(setting)}`}>Read a recording</ButtonLink>
            <ButtonLink to="/practice/dial-in">Practice booth</ButtonLink>
          </>
        }
      >
        Arc lab
      </PageTitle>
      <div className="grid grid-cols-1 items-start gap-4 md:grid-cols-[320px_minmax(0,1fr)]">
        <Section id="knobs" title="Knobs" quiet className="md:row-span-2">
          <LabKnobs setting={setting} onTurn={turn} />
        </Section>
        <Section id="arc" title="What the arc does" quiet className="min-w-0 max-md:order-first">
          {record ? (
            <div className="grid grid-cols-1 gap-3">
              <WhatItDoes record={record} />
              <LabSound setting={setting} record={record} />
              <ArcView record={record} />
            </div>
          ) : (
            <PageSkeleton />
          )}
        </Section>
        <div className="min-w-0">
          <Parts
            label="Behind the arc"
            remember="lab"
            parts={[
              { id: 'map', name: 'Window map', children: <WindowMap setting={setting} onTake={turn} /> },
              {
                id: 'gases',
                name: 'Four gases',
                children: <Beside setting={setting} others={gases} onTake={turn} />,
              },
              {
                id: 'tries',
                name: 'Try this',
                children: <Beside setting={setting} others={tries} onTake={turn} />,
              },
              { id: 'model', name: 'What it holds', children: <HonestWords /> },
            ]}
          />
        </div>
      </div>
    </div>
  );
}
