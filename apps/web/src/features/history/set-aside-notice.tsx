import { recordKindRow } from '@hot-bead/core/history';
import type { SetAside } from '@hot-bead/contract/history';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Button } from '../../ui/button.tsx';
import { Notice } from '../../ui/page/notices.tsx';
import { setAsideQuery } from './events.queries.ts';
import { SetAsideDialog } from './set-aside-dialog.tsx';

/** Records that could not be read, with what can be done about each. Nothing where there are none. */
export function SetAsideNotice() {
  const { data = [] } = useQuery(setAsideQuery);
  const [open, setOpen] = useState<SetAside>();
  if (data.length === 0) return null;
  return (
    <Notice
      tone="straw"
      title={`${data.length === 1 ? 'One record' : `${data.length} records`} could not be read`}
    >
      <p>
        {data.length === 1 ? 'It' : 'Each'} is set aside as it stands, and everything else goes on without it.
        A newer Hot Bead may read it; until then you can save it as a file, put it away or delete it.
      </p>
      <ul className="mt-2">
        {data.map((aside) => (
          <li
            key={`${aside.kind} ${aside.id}`}
            className="flex flex-wrap items-center justify-between gap-x-4"
          >
            <span>
              <span className="font-medium">
                {recordKindRow(aside.kind).word} {aside.title}
              </span>
              : {aside.why}
            </span>
            <Button onClick={() => setOpen(aside)}>Look at it</Button>
          </li>
        ))}
      </ul>
      {open && <SetAsideDialog aside={open} onClose={() => setOpen(undefined)} />}
    </Notice>
  );
}
