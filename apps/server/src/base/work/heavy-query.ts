import { heavyTask } from './heavy-task.ts';
import type { longQuery } from './long-query.ts';

/** The rows of a query that looks at much. */
export const LONG_QUERY = heavyTask<typeof longQuery>(import.meta.url, './long-query', 'longQuery');
