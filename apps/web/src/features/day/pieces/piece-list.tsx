import { useQuery } from '@tanstack/react-query';
import { format } from 'date-fns';
import { ChevronRight } from 'lucide-react';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { Button } from '../../../ui/button.tsx';
import { Field } from '../../../ui/form/field.tsx';
import { ErrorNotice, Notice, PageSkeleton } from '../../../ui/page/notices.tsx';
import { pieceListQuery, useBeginPiece } from './pieces.queries.ts';

/** A name is all that a piece begins with. */
function BeginPiece() {
  const [name, setName] = useState('');
  const [fault, setFault] = useState<string>();
  const begin = useBeginPiece();
  const navigate = useNavigate();
  return (
    <form
      className="flex flex-wrap items-start gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (name.trim() === '') return setFault('Give the piece a name.');
        begin.mutate(
          { name: name.trim() },
          {
            onSuccess: ({ id }) => void navigate(`/pieces/${id}`),
            onError: (error) => setFault(error.message),
          },
        );
      }}
    >
      <Field
        label="Begin a piece"
        placeholder="Cart chassis"
        value={name}
        error={fault}
        className="w-80 max-w-full"
        onChange={(event) => {
          setName(event.target.value);
          setFault(undefined);
        }}
      />
      <Button type="submit" tone="main" className="mt-6" disabled={begin.isPending}>
        Begin
      </Button>
    </form>
  );
}

/** Every piece, last changed first. */
export function PieceList() {
  const pieces = useQuery(pieceListQuery);
  if (pieces.error) return <ErrorNotice error={pieces.error} onRetry={() => void pieces.refetch()} />;
  if (pieces.isPending) return <PageSkeleton />;
  return (
    <div className="grid grid-cols-1 gap-4">
      <BeginPiece />
      {pieces.data.length === 0 ? (
        <Notice title="No pieces yet">
          A piece is what you build: a cart, a gate. Its welds stand together, share as few settings as they
          can, and go onto the Bench with one press.
        </Notice>
      ) : (
        <ul className="rounded-md border border-line bg-plate">
          {pieces.data.map(({ id, name, numberOff, due, welds, welded, queued }) => (
            <li key={id} className="border-b border-line last:border-b-0">
              <Link
                to={`/pieces/${id}`}
                className="flex min-h-14 items-center gap-4 px-4 py-2 hover:text-action"
              >
                <span className="min-w-0 flex-1">
                  <span className="block font-medium">{name}</span>
                  <span className="block text-sm text-ink-soft">
                    {welds === 1 ? '1 weld' : `${welds} welds`}, {welded} done
                    {numberOff !== undefined && `; ${numberOff} built`}
                  </span>
                </span>
                <span className="shrink-0 text-right text-sm text-ink-soft">
                  {queued === true && <span className="block font-medium text-ink">● on the Bench</span>}
                  {due !== undefined && `due ${format(new Date(due), 'd MMM, HH:mm')}`}
                </span>
                <ChevronRight size={20} aria-hidden="true" className="shrink-0" />
              </Link>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
