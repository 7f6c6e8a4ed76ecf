import { Button } from '../ui/button.tsx';
import { Dialog } from '../ui/dialog.tsx';
import { PLACES } from './places.ts';

const ROWS: readonly (readonly [keys: string, does: string])[] = [
  ['/', 'Type a job'],
  ...PLACES.map(({ key, name }) => [`g ${key}`, `Go to ${name}`] as const),
  ['1', "A job's plan"],
  ['2', "A job's rig"],
  ['3', "A job's dial-in"],
  ['4', "A job's record"],
  ['← →', 'Move along the wire path'],
  ['?', 'This list'],
  ['Esc', 'Close'],
];

/** The list of keys. */
export function ShortcutList({ onClose }: { readonly onClose: () => void }) {
  return (
    <Dialog title="Keys" text="What each key does outside a text field." onClose={onClose}>
      <dl className="my-4 grid grid-cols-[72px_1fr] gap-y-2">
        {ROWS.map(([keys, does]) => (
          <div key={keys} className="contents">
            <dt className="figure-text">{keys}</dt>
            <dd>{does}</dd>
          </div>
        ))}
      </dl>
      <Button onClick={onClose}>Close</Button>
    </Dialog>
  );
}
