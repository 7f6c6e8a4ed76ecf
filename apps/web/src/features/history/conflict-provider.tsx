import { useQueryClient } from '@tanstack/react-query';
import { type ReactNode, Suspense, useEffect, useState } from 'react';
import { later } from '../../ui/later.tsx';
import { type Conflict, settleConflictsBy } from '../../commands/send-change.ts';

/** Conflicts are rare, and the first page is to be quick. */
const { Part: ConflictDialog, useFetched } = later(
  async () => (await import('./conflict-dialog.tsx')).ConflictDialog,
);

interface Asked {
  readonly conflict: Conflict;
  readonly answer: (mine: ReadonlySet<string>) => void;
}

/** Brings changes that met another's before the user, one after the other. */
export function ConflictProvider({ children }: { readonly children: ReactNode }) {
  const [asked, setAsked] = useState<readonly Asked[]>([]);
  useEffect(() => {
    settleConflictsBy(
      (conflict) =>
        new Promise((resolve) => {
          setAsked((before) => [...before, { conflict, answer: resolve }]);
        }),
    );
    return () => settleConflictsBy(undefined);
  }, []);
  useFetched();
  const client = useQueryClient();
  const [first] = asked;
  return (
    <>
      {children}
      {first && (
        <Suspense fallback={null}>
          <ConflictDialog
            key={first.conflict.failure.requestId}
            conflict={first.conflict}
            onSettle={(mine) => {
              first.answer(mine);
              if (mine.size === 0) void client.invalidateQueries();
              setAsked((before) => before.slice(1));
            }}
          />
        </Suspense>
      )}
    </>
  );
}
