import { Dialog as Radix } from 'radix-ui';
import type { ReactNode } from 'react';

interface Props {
  readonly title: string;
  /** Said under the title. */
  readonly text: ReactNode;
  readonly onClose: () => void;
  readonly children: ReactNode;
}

/** A question or a list over the page, which waits for it. */
export function Dialog({ title, text, onClose, children }: Props) {
  return (
    <Radix.Root open onOpenChange={(open) => !open && onClose()}>
      <Radix.Portal>
        <Radix.Overlay className="fixed inset-0 z-50 bg-black/50" />
        <Radix.Content className="fixed top-1/2 left-1/2 z-50 max-h-[92dvh] w-[min(560px,calc(100vw-24px))] -translate-x-1/2 -translate-y-1/2 overflow-y-auto rounded-md border border-line-strong bg-plate p-5">
          <Radix.Title className="text-xl font-semibold">{title}</Radix.Title>
          <Radix.Description className="my-2">{text}</Radix.Description>
          {children}
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
