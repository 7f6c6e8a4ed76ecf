import { DropdownMenu } from 'radix-ui';
import type { ReactNode } from 'react';

interface Props {
  /** What the button holds, and how it looks. */
  readonly children: ReactNode;
  readonly className: string;
  /** What it is called where the words on it are not enough; it begins with them. */
  readonly label?: string;
  readonly items: readonly (readonly [name: string, run: () => void])[];
}

/** A button that opens a list of things to do, each 56 px high. */
export function Menu({ children, className, label, items }: Props) {
  return (
    <DropdownMenu.Root modal={false}>
      <DropdownMenu.Trigger className={className} aria-label={label}>
        {children}
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="end"
          className="z-40 min-w-60 rounded-md border border-line-strong bg-plate"
        >
          {items.map(([name, run]) => (
            <DropdownMenu.Item
              key={name}
              className="flex min-h-14 cursor-pointer items-center px-4 outline-none data-highlighted:bg-action-tint data-highlighted:text-action"
              onSelect={run}
            >
              {name}
            </DropdownMenu.Item>
          ))}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
