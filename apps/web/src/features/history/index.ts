export { ConflictProvider } from './conflict-provider.tsx';
export { eventsQuery, useUndoEvent } from './events.queries.ts';
export { SetAsideNotice } from './set-aside-notice.tsx';
