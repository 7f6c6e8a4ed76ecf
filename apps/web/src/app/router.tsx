import { createBrowserRouter } from 'react-router';
import { PageSkeleton } from '../ui/page/notices.tsx';
import { Shell } from '../shell/shell.tsx';
import { RouteError } from './route-error.tsx';

/** Pages load when they are first opened; the frame is there at once. */
export const router = createBrowserRouter([
  {
    path: '/',
    Component: Shell,
    ErrorBoundary: RouteError,
    HydrateFallback: PageSkeleton,
    children: [
      {
        ErrorBoundary: RouteError,
        children: [
          {
            index: true,
            lazy: async () => ({
              Component: (await import('../features/bench/bench-page.tsx')).BenchPage,
            }),
          },
          {
            path: 'jobs',
            lazy: async () => ({
              Component: (await import('../features/day/pieces/jobs-page.tsx')).JobsPage,
            }),
          },
          {
            path: 'pieces/:pieceId',
            lazy: async () => ({
              Component: (await import('../features/day/pieces/piece-page.tsx')).PiecePage,
            }),
          },
          {
            path: 'jobs/:jobId',
            lazy: async () => ({ Component: (await import('../features/day/job-frame.tsx')).JobFrame }),
            children: [
              {
                index: true,
                lazy: async () => ({ Component: (await import('../features/plan/plan-page.tsx')).PlanPage }),
              },
              {
                path: 'compare',
                lazy: async () => ({
                  Component: (await import('../features/plan/compare/compare-page.tsx')).ComparePage,
                }),
              },
              {
                path: 'machines',
                lazy: async () => ({
                  Component: (await import('../features/plan/compare/every-machine-page.tsx'))
                    .EveryMachinePage,
                }),
              },
              {
                path: 'rig',
                lazy: async () => ({
                  Component: (await import('../features/changeover/rig-page.tsx')).RigPage,
                }),
              },
              {
                path: 'dial-in',
                lazy: async () => ({
                  Component: (await import('../features/dial-in/dial-in-page.tsx')).DialInPage,
                }),
              },
              {
                path: 'record',
                lazy: async () => ({
                  Component: (await import('../features/records/run/record-page.tsx')).RecordPage,
                }),
              },
              {
                path: 'record/cost',
                lazy: async () => ({
                  Component: (await import('../features/records/cost/cost-page.tsx')).CostPage,
                }),
              },
              {
                path: 'record/sheet',
                lazy: async () => ({
                  Component: (await import('../features/records/sheet/sheet-page.tsx')).SheetPage,
                }),
              },
              {
                path: 'record/inspect',
                lazy: async () => ({
                  Component: (await import('../features/records/inspection/inspect-page.tsx')).InspectPage,
                }),
              },
              {
                path: 'record/inspections/:inspectionId',
                lazy: async () => ({
                  Component: (await import('../features/records/inspection/inspect-page.tsx')).InspectPage,
                }),
              },
            ],
          },
          {
            path: 'machines',
            lazy: async () => ({
              Component: (await import('../features/machine/machines-page.tsx')).MachinesPage,
            }),
          },
          {
            path: 'machines/new',
            lazy: async () => ({
              Component: (await import('../features/machine/new-machine-page.tsx')).NewMachinePage,
            }),
          },
          {
            path: 'machines/from-file',
            lazy: async () => ({
              Component: (await import('../features/machine/from-file-page.tsx')).FromFilePage,
            }),
          },
          {
            path: 'machines/practice',
            lazy: async () => ({
              Component: (await import('../features/practice/practice-page.tsx')).PracticePage,
            }),
          },
          {
            path: 'practice/dial-in',
            lazy: async () => ({
              Component: (await import('../features/dial-in/booth-page.tsx')).BoothPage,
            }),
          },
          {
            path: 'machines/:machineId',
            lazy: async () => ({
              Component: (await import('../features/machine/machine-page.tsx')).MachinePage,
            }),
          },
          {
            path: 'machines/:machineId/lid-chart',
            lazy: async () => ({
              Component: (await import('../features/machine/lid-chart/lid-chart-page.tsx')).LidChartPage,
            }),
          },
          {
            path: 'machines/:machineId/check',
            lazy: async () => ({
              Component: (await import('../features/changeover/check-page.tsx')).CheckPage,
            }),
          },
          {
            path: 'machines/:machineId/close',
            lazy: async () => ({
              Component: (await import('../features/changeover/close-page.tsx')).ClosePage,
            }),
          },
          {
            path: 'stores',
            lazy: async () => ({
              Component: (await import('../features/stores/stores-page.tsx')).StoresPage,
            }),
          },
          {
            path: 'faults',
            lazy: async () => ({
              Component: (await import('../features/faults/faults-page.tsx')).FaultsPage,
            }),
          },
          {
            path: 'faults/new',
            lazy: async () => ({
              Component: (await import('../features/faults/new-case-page.tsx')).NewCasePage,
            }),
          },
          {
            path: 'faults/tables',
            lazy: async () => ({
              Component: (await import('../features/faults/tables-page.tsx')).TablesPage,
            }),
          },
          {
            path: 'faults/:caseId',
            lazy: async () => ({ Component: (await import('../features/faults/case-page.tsx')).CasePage }),
          },
          {
            path: 'log',
            lazy: async () => ({ Component: (await import('../features/history/log/log-page.tsx')).LogPage }),
          },
          {
            path: 'log/:entryId',
            lazy: async () => ({
              Component: (await import('../features/history/log/entry-page.tsx')).EntryPage,
            }),
          },
          {
            path: 'lab',
            lazy: async () => ({ Component: (await import('../features/arc-lab/lab-page.tsx')).LabPage }),
          },
          {
            path: 'lab/recording',
            lazy: async () => ({
              Component: (await import('../features/arc-lab/recording-page.tsx')).RecordingPage,
            }),
          },
          {
            path: 'lab/ear',
            lazy: async () => ({
              Component: (await import('../features/arc-lab/ear/ear-page.tsx')).EarPage,
            }),
          },
          {
            path: 'lab/ear/:learnerId',
            lazy: async () => ({
              Component: (await import('../features/arc-lab/ear/learner-page.tsx')).LearnerPage,
            }),
          },
          {
            path: 'files',
            lazy: async () => ({ Component: (await import('../features/files/files-page.tsx')).FilesPage }),
          },
          {
            path: 'history',
            lazy: async () => ({
              Component: (await import('../features/history/history-page.tsx')).HistoryPage,
            }),
          },
          {
            path: 'settings',
            lazy: async () => ({
              Component: (await import('../features/settings/settings-page.tsx')).SettingsPage,
            }),
          },
          {
            path: 'truth',
            lazy: async () => ({ Component: (await import('../features/truth/truth-page.tsx')).TruthPage }),
          },
          { path: '*', lazy: async () => ({ Component: (await import('./not-found.tsx')).NotFound }) },
        ],
      },
    ],
  },
]);
