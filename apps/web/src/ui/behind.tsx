import { Popover } from 'radix-ui';
import type { ReactNode } from 'react';

interface Props {
  /** What lies behind it. */
  readonly more: string;
  /** The words that stand there. */
  readonly children: ReactNode;
}

/** Words in one line, with what lies behind them at a press. */
export function Behind({ more, children }: Props) {
  return (
    <Popover.Root>
      <Popover.Trigger className="relative text-left underline after:absolute after:inset-x-0 after:-inset-y-3 decoration-dotted underline-offset-4 hover:text-action">
        {children}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          sideOffset={4}
          className="z-40 max-w-80 rounded-md border border-line-strong bg-plate p-3 text-[15px]"
        >
          {more}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
