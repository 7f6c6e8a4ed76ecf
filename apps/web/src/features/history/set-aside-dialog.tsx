import { recordKindRow } from '@hot-bead/core/history';
import type { SetAside } from '@hot-bead/contract/history';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Button } from '../../ui/button.tsx';
import { Dialog } from '../../ui/dialog.tsx';
import { saveFile } from '../../ui/save-file.ts';
import { setAsideRecordQuery, useDeleteAside, usePutAsideAway } from './events.queries.ts';

interface Props {
  readonly aside: SetAside;
  readonly onClose: () => void;
}

/** A record that cannot be read, as it stands in the database: saved, put away or deleted from here. */
export function SetAsideDialog({ aside, onClose }: Props) {
  const { data: record, error } = useQuery(setAsideRecordQuery(aside));
  const putAway = usePutAsideAway();
  const remove = useDeleteAside();
  const [isDeleting, setIsDeleting] = useState(false);
  const failure = error ?? putAway.error ?? remove.error;
  const then = { onSuccess: onClose };
  const save = (): void => {
    const text = JSON.stringify(record, null, 2);
    saveFile(`${aside.kind}-${aside.id}.json`, new Blob([text], { type: 'application/json' }));
  };
  return (
    <Dialog title={`${recordKindRow(aside.kind).word} ${aside.title}`} text={aside.why} onClose={onClose}>
      {failure && (
        <p role="alert" className="mb-2 rounded-md border border-hot bg-hot-tint px-3 py-2">
          {failure.message}
        </p>
      )}
      <dl
        className="max-h-72 overflow-y-auto rounded-md border border-line bg-paper p-3"
        tabIndex={0}
        aria-label="As it is kept"
      >
        {Object.entries(record?.kept ?? {}).map(([column, value]) => (
          <div key={column} className="mb-1">
            <dt className="label-text">{column}</dt>
            <dd className="font-mono text-sm break-words">{value === null ? '–' : String(value)}</dd>
          </div>
        ))}
      </dl>
      <div className="mt-4 flex flex-wrap gap-2">
        <Button tone="main" onClick={save} disabled={!record}>
          Save as a file
        </Button>
        {record?.canBePutAway === true && (
          <Button onClick={() => putAway.mutate(aside, then)} disabled={putAway.isPending}>
            Put it away
          </Button>
        )}
        {record?.canBeDeleted === true &&
          (isDeleting ? (
            <Button onClick={() => remove.mutate(aside, then)} disabled={remove.isPending}>
              Yes, delete it for good
            </Button>
          ) : (
            <Button onClick={() => setIsDeleting(true)}>Delete it</Button>
          ))}
        <Button tone="quiet" onClick={onClose}>
          Leave it
        </Button>
      </div>
    </Dialog>
  );
}
