import { useWords } from '../../units/index.ts';
import type { Job } from '@hot-bead/contract/plan';
import { useQuery } from '@tanstack/react-query';
import { Download } from 'lucide-react';
import { Menu } from '../../ui/menu.tsx';
import { saveFile } from '../../ui/save-file.ts';
import { useToast } from '../../ui/toasts.tsx';
import { machineListQuery } from '../machine/index.ts';
import type { DayResult } from './day-result.ts';
import type { DayOnPage } from './use-day-order.ts';

interface Props {
  readonly day: Pick<DayOnPage, 'today'>;
  readonly result: DayResult;
  readonly jobs: readonly Job[];
}

/** The day's order as a calendar file, a table or a sheet for the wall. */
export function TakeDayAway({ day: { today }, result }: Props) {
  const say = useWords();
  const { data: machines = [] } = useQuery(machineListQuery);
  const toast = useToast();
  const take = async (
    make: (files: typeof import('./day-files.ts')) => Promise<Blob> | Blob,
    name: string,
  ): Promise<void> => {
    try {
      saveFile(name, await make(await import('./day-files.ts')));
    } catch (error) {
      toast(`Not written. ${error instanceof Error ? error.message : ''}`);
    }
  };
  const places = (files: typeof import('./day-files.ts')) =>
    files.placesOf(result, new Map(machines.map(({ id, name }) => [id, name] as const)));
  const sheet = (paper: 'A4' | 'Letter') => (): void =>
    void take(async (files) => {
      const { daySheetPdf } = await import('./day-sheet-pdf.ts');
      const bytes = await daySheetPdf(`The day, ${today}`, files.sheetLines(places(files), say), paper);
      return new Blob([bytes.slice()], { type: 'application/pdf' });
    }, `day-${today}.pdf`);
  const items: readonly (readonly [string, () => void])[] = [
    ['Sheet for the wall, A4 (PDF)', sheet('A4')],
    ['Sheet for the wall, Letter (PDF)', sheet('Letter')],
    [
      'Calendar (iCalendar)',
      () =>
        void take(
          (files) => new Blob([files.dayCalendar(places(files), today, say)], { type: 'text/calendar' }),
          `day-${today}.ics`,
        ),
    ],
    [
      'Table (CSV)',
      () =>
        void take(
          (files) => new Blob([files.dayCsv(places(files), say)], { type: 'text/csv' }),
          `day-${today}.csv`,
        ),
    ],
  ];
  return (
    <Menu
      className="inline-flex min-h-11 items-center gap-2 rounded-md border border-line-strong bg-plate px-4 font-medium hover:border-action"
      items={items}
    >
      <Download size={18} aria-hidden="true" />
      Take away
    </Menu>
  );
}
