import { useNavigate } from 'react-router';
import { v4 as uuid } from 'uuid';
import { useToast } from '../../ui/toasts.tsx';
import { useCreateJob } from '../jobs/index.ts';
import { usePieceOfLines } from '../pieces/index.ts';

export interface SaveWelds {
  readonly saving: boolean;
  asPiece(lines: readonly string[], unit: 'mm' | 'in'): void;
  asJobs(lines: readonly string[], unit: 'mm' | 'in'): void;
}

interface Told {
  readonly onSaved: () => void;
  readonly onError: (message: string) => void;
}

/** Saves several lines together: as one piece with its welds, or as jobs of their own. */
export function useSaveWelds({ onSaved, onError }: Told): SaveWelds {
  const piece = usePieceOfLines();
  const job = useCreateJob();
  const navigate = useNavigate();
  const toast = useToast();
  const asPiece: SaveWelds['asPiece'] = (lines, unit) => {
    const welds = lines.map((line) => ({ id: uuid(), line }));
    piece.mutate(
      { name: `${lines.length} welds`, welds, unit },
      {
        onError: (error) => onError(error.message),
        onSuccess: ({ id }) => {
          onSaved();
          void navigate(`/pieces/${id}`);
        },
      },
    );
  };
  const asJobs: SaveWelds['asJobs'] = ([first, ...rest], unit) => {
    if (first === undefined) {
      onSaved();
      toast('Draft jobs saved');
      void navigate('/jobs');
      return;
    }
    job.mutate(
      { line: first, unit },
      { onError: (error) => onError(`${first}: ${error.message}`), onSuccess: () => asJobs(rest, unit) },
    );
  };
  return { saving: piece.isPending || job.isPending, asPiece, asJobs };
}
