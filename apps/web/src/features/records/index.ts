export { ConflictProvider } from './conflict-provider.tsx';
export { SetAsideNotice } from './set-aside-notice.tsx';
