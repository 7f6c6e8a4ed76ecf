import { ButtonLink } from '../../../ui/button.tsx';
import { PageTitle } from '../../../ui/page/page-title.tsx';
import { Parts } from '../../../ui/page/parts.tsx';
import { LogCharts } from './log-charts.tsx';
import { LogFilters } from './log-filters.tsx';
import { LogList } from './log-list.tsx';
import { useLogFilter } from './use-log-filter.ts';

/** Everything that happened in the shop, and what it comes to. */
export function LogPage() {
  const state = useLogFilter();
  return (
    <div className="grid grid-cols-1 gap-4">
      <PageTitle
        actions={
          <>
            <ButtonLink to="/files">Files in and out</ButtonLink>
            <ButtonLink to="/history">Changes, and undoing them</ButtonLink>
          </>
        }
      >
        Log
      </PageTitle>
      <LogFilters state={state} />
      <Parts
        label="The log"
        remember="log"
        parts={[
          { id: 'lines', name: 'What happened', children: <LogList state={state} /> },
          { id: 'charts', name: 'What it comes to', children: <LogCharts state={state} /> },
        ]}
      />
    </div>
  );
}
