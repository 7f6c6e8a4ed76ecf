import { QueryFailedError } from 'typeorm';

/** What the database can refuse, in words for the person at the screen. */
export interface DatabaseTrouble {
  readonly status: 503 | 507;
  readonly code: string;
  readonly message: string;
}

const TROUBLES: readonly (readonly [pattern: RegExp, trouble: DatabaseTrouble])[] = [
  [
    /^(SQLITE_FULL|ENOSPC|EDQUOT)/,
    {
      status: 507,
      code: 'disk-full',
      message: 'The disk is full. Nothing was changed: free some space and try again.',
    },
  ],
  [
    /^SQLITE_(CORRUPT|NOTADB)/,
    {
      status: 503,
      code: 'database-damaged',
      message: 'The database is damaged. Nothing was changed: stop Hot Bead and put back a copy of the file.',
    },
  ],
  [
    /^(SQLITE_(READONLY|CANTOPEN|PERM)|EACCES|EROFS|EPERM)/,
    {
      status: 503,
      code: 'database-read-only',
      message:
        'The database may not be written to. Nothing was changed: see to the rights of its file and folder.',
    },
  ],
  [
    /^SQLITE_(BUSY|LOCKED)/,
    {
      status: 503,
      code: 'database-busy',
      message: 'Another program holds the database. Nothing was changed: try again in a moment.',
    },
  ],
  [
    /^(SQLITE_IOERR|EIO)/,
    {
      status: 503,
      code: 'disk-trouble',
      message: 'The disk does not answer as it should. Nothing was changed: see to the disk, then try again.',
    },
  ],
];

function codeOf(error: unknown): string | undefined {
  const from = error instanceof QueryFailedError ? (error.driverError as unknown) : error;
  const code = (from as { code?: unknown } | null)?.code;
  return typeof code === 'string' ? code : undefined;
}

/** What an error of the database means; undefined for any other error. */
export function databaseTrouble(error: unknown): DatabaseTrouble | undefined {
  const code = codeOf(error);
  return code === undefined ? undefined : TROUBLES.find(([pattern]) => pattern.test(code))?.[1];
}
