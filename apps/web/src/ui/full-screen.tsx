import { X } from 'lucide-react';
import { Dialog } from 'radix-ui';
import { type ReactNode, useEffect } from 'react';

/** Keeps the screen awake while something stands on it; does nothing where the browser cannot. */
export function useScreenAwake(on: boolean): void {
  useEffect(() => {
    if (!on || !('wakeLock' in navigator)) return undefined;
    let released = false;
    let lock: WakeLockSentinel | undefined;
    navigator.wakeLock.request('screen').then(
      (held) => {
        if (released) void held.release();
        else lock = held;
      },
      () => undefined, // the battery saver may refuse: all is shown all the same
    );
    return () => {
      released = true;
      void lock?.release();
    };
  }, [on]);
}

interface Props {
  readonly title: string;
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly children: ReactNode;
}

/** Something over the whole screen, to be read from the machine: nothing else, and the screen stays awake. */
export function FullScreen({ title, open, onOpenChange, children }: Props) {
  useScreenAwake(open);
  return (
    <Dialog.Root open={open} onOpenChange={onOpenChange}>
      <Dialog.Portal>
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed inset-0 z-50 flex flex-col overflow-y-auto bg-ground outline-none"
        >
          <div className="flex items-center justify-between gap-4 border-b border-line p-4">
            <Dialog.Title className="text-xl font-semibold">{title}</Dialog.Title>
            <Dialog.Close
              className="grid size-14 shrink-0 place-items-center rounded-md border border-line-strong"
              aria-label="Close"
            >
              <X size={24} aria-hidden="true" />
            </Dialog.Close>
          </div>
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
