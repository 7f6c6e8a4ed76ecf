import { parseQuickLine, type QuickReading } from '@hot-bead/core';
import { useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { usePreferences } from '../../preferences/preferences.tsx';
import { bareLengthUnit } from '../../preferences/units.ts';
import { useToast } from '../../ui/toasts.tsx';
import { useCreateJob } from '../jobs/index.ts';
import { machineListQuery } from '../machines/index.ts';
import { remember } from './history.ts';

/** What keeps a line from being saved, in words; undefined when nothing does. */
function obstacle(reading: QuickReading): string | undefined {
  const bad = reading.fragments.find((fragment) => fragment.code !== undefined);
  if (bad) return `${bad.text}: ${bad.label}`;
  const said = reading.fragments.some((fragment) => fragment.slots.length > 0);
  return said ? undefined : 'Nothing here is a job we can read. Try: 3 mm steel tee flat.';
}

export interface QuickLineState {
  readonly text: string;
  readonly reading: QuickReading;
  readonly error: string | undefined;
  readonly saving: boolean;
  setText(text: string): void;
  submit(): void;
}

/** The line being typed: read as it grows, saved as a draft job on Enter. */
export function useQuickLine(onSaved: () => void): QuickLineState {
  const [text, setTextState] = useState('');
  const [error, setError] = useState<string | undefined>();
  const { units } = usePreferences();
  const { data: machines } = useQuery(machineListQuery);
  const create = useCreateJob();
  const navigate = useNavigate();
  const toast = useToast();
  const reading = useMemo(() => {
    const machineNames = (machines ?? []).map((machine) => machine.name);
    return parseQuickLine(text, { unit: bareLengthUnit(units), machineNames });
  }, [text, units, machines]);

  const setText = (next: string): void => {
    setTextState(next);
    setError(undefined);
  };
  const submit = (): void => {
    if (text.trim() === '' || create.isPending) return;
    const problem = obstacle(reading);
    if (problem !== undefined) return setError(problem);
    create.mutate(
      { line: text.trim(), unit: bareLengthUnit(units) },
      {
        onError: (failure) => setError(failure.message),
        onSuccess: (job, undo) => {
          remember(text.trim());
          setText('');
          onSaved();
          void navigate(`/jobs/${job.id}`);
          toast('Draft job saved', () => {
            undo();
            setText(job.line);
            void navigate('/');
          });
        },
      },
    );
  };
  return { text, reading, error, saving: create.isPending, setText, submit };
}
