import { Popover } from 'radix-ui';
import { type ReactNode, startTransition, useState } from 'react';

interface Props {
  /** What the chip is about, for the editor's heading and for screen readers. */
  readonly name: string;
  readonly text: string;
  /** An assumed value is drawn dashed. */
  readonly assumed: boolean;
  readonly children: (close: () => void) => ReactNode;
}

/** A chip that opens a small editor; what was picked is drawn before the editor goes. */
export function ChipEditor({ name, text, assumed, children }: Props) {
  const [open, setOpen] = useState(false);
  const border = assumed ? 'border-dashed border-line-strong text-ink-soft' : 'border-line-strong';
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger
        aria-label={`${name}: ${text}${assumed ? ', assumed' : ''}`}
        data-assumed={assumed}
        className={`min-h-11 rounded-md border bg-plate px-2.5 text-left text-[15px] whitespace-nowrap hover:border-action data-[state=open]:border-action data-[state=open]:text-action ${border}`}
      >
        {text}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="start"
          sideOffset={6}
          collisionPadding={12}
          aria-label={name}
          className="z-40 max-h-[70vh] w-72 overflow-y-auto rounded-md border border-line-strong bg-plate p-3"
        >
          <h2 className="label-text mb-2">{name}</h2>
          {children(() => startTransition(() => setOpen(false)))}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
