import { ButtonLink } from '../ui/button.tsx';
import { Notice } from '../ui/page/notices.tsx';

export function NotFound() {
  return (
    <Notice
      level={1}
      title="Nothing at this address"
      action={<ButtonLink to="/">Go to the Bench</ButtonLink>}
    >
      The job may have been put away, or the address has a slip in it.
    </Notice>
  );
}
