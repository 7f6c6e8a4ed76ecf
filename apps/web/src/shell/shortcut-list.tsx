import { Dialog } from 'radix-ui';
import { Button } from '../ui/button.tsx';
import { PLACES } from './places.ts';

const ROWS: readonly (readonly [keys: string, does: string])[] = [
  ['/', 'Type a job'],
  ...PLACES.map(({ key, name }) => [`g ${key}`, `Go to ${name}`] as const),
  ['1', "A job's plan"],
  ['3', "A job's dial-in"],
  ['← →', 'Move along the wire path'],
  ['?', 'This list'],
  ['Esc', 'Close'],
];

/** The list of keys. */
export function ShortcutList({ open, onClose }: { readonly open: boolean; readonly onClose: () => void }) {
  return (
    <Dialog.Root open={open} onOpenChange={(next) => !next && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-ink/40" />
        <Dialog.Content className="fixed top-1/2 left-1/2 z-50 w-80 -translate-x-1/2 -translate-y-1/2 rounded-md border border-line-strong bg-plate p-5">
          <Dialog.Title className="text-xl font-semibold">Keys</Dialog.Title>
          <Dialog.Description className="sr-only">
            What each key does outside a text field.
          </Dialog.Description>
          <dl className="my-4 grid grid-cols-[72px_1fr] gap-y-2">
            {ROWS.map(([keys, does]) => (
              <div key={keys} className="contents">
                <dt className="figure-text">{keys}</dt>
                <dd>{does}</dd>
              </div>
            ))}
          </dl>
          <Dialog.Close asChild>
            <Button>Close</Button>
          </Dialog.Close>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
