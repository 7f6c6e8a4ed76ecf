import { useRouteError } from 'react-router';
import { Button } from '../ui/button.tsx';
import { Notice } from '../ui/page/notices.tsx';

/** What a page shows when it could not be drawn or loaded. */
export function RouteError() {
  const error = useRouteError();
  const message = error instanceof Error ? error.message : 'The page could not be shown.';
  return (
    <div className="p-5">
      <Notice
        level={1}
        tone="hot"
        title="This page stopped"
        action={<Button onClick={() => window.location.reload()}>Load it again</Button>}
      >
        {message} Nothing that was saved is lost.
      </Notice>
    </div>
  );
}
