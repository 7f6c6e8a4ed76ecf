import { useQuery } from '@tanstack/react-query';
import { Notice } from '../../ui/page/notices.tsx';
import { setAsideQuery } from './events.queries.ts';
import { KIND_WORD } from './kind-word.ts';

/** Records that could not be read: they are left as they are, and said. Nothing where there are none. */
export function SetAsideNotice() {
  const { data = [] } = useQuery(setAsideQuery);
  if (data.length === 0) return null;
  return (
    <Notice
      tone="straw"
      title={`${data.length === 1 ? 'One record' : `${data.length} records`} could not be read`}
    >
      <p>
        Each is set aside as it stands in the database, and nothing else is harmed by it. A newer Hot Bead may
        read it.
      </p>
      <ul className="mt-2">
        {data.map(({ kind, id, title, why }) => (
          <li key={`${kind} ${id}`}>
            <span className="font-medium">
              {KIND_WORD[kind]} {title}
            </span>
            : {why}
          </li>
        ))}
      </ul>
    </Notice>
  );
}
