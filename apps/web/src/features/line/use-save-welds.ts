import { useRef } from 'react';
import { useNavigate } from 'react-router';
import { v4 as uuid } from 'uuid';
import { useToast } from '../../ui/toasts.tsx';
import { useCreateJob } from '../plan/jobs/index.ts';
import { type LinesOfPiece, usePieceOfLines } from '../day/pieces/index.ts';

export interface SaveWelds {
  readonly saving: boolean;
  asPiece(lines: readonly string[], unit: 'mm' | 'in'): void;
  asJobs(lines: readonly string[], unit: 'mm' | 'in'): void;
}

interface SaveOutcome {
  readonly onSaved: () => void;
  /** What went wrong, and the lines that are not saved yet. */
  readonly onError: (message: string, rest: readonly string[]) => void;
}

/** Saves several lines together: as one piece with its welds, or as jobs of their own. */
export function useSaveWelds({ onSaved, onError }: SaveOutcome): SaveWelds {
  const piece = usePieceOfLines();
  const job = useCreateJob();
  const navigate = useNavigate();
  const toast = useToast();
  // the same lines sent again are the same piece with the same welds
  const tried = useRef<LinesOfPiece>(undefined);
  const asPiece: SaveWelds['asPiece'] = (lines, unit) => {
    const sentLines = tried.current?.welds.map(({ line }) => line);
    const isAgain = JSON.stringify([sentLines, tried.current?.unit]) === JSON.stringify([lines, unit]);
    const asked =
      isAgain && tried.current
        ? tried.current
        : {
            id: uuid(),
            name: `${lines.length} welds`,
            welds: lines.map((line) => ({ id: uuid(), line })),
            unit,
          };
    tried.current = asked;
    piece.mutate(asked, {
      onError: (error) => onError(error.message, lines),
      onSuccess: ({ id }) => {
        tried.current = undefined;
        onSaved();
        void navigate(`/pieces/${id}`);
      },
    });
  };
  const asJobs: SaveWelds['asJobs'] = (lines, unit) => {
    const [first, ...rest] = lines;
    if (first === undefined) {
      onSaved();
      toast('Draft jobs saved');
      void navigate('/jobs');
      return;
    }
    job.mutate(
      { line: first, unit },
      {
        onError: (error) => onError(`${first}: ${error.message}`, lines),
        onSuccess: () => asJobs(rest, unit),
      },
    );
  };
  return { saving: piece.isPending || job.isPending, asPiece, asJobs };
}
