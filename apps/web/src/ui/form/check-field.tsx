import type { ComponentProps, ReactNode } from 'react';

interface Props extends ComponentProps<'input'> {
  readonly onCheck?: (checked: boolean) => void;
  readonly children: ReactNode;
}

/** One thing that is so or is not. */
export function CheckField({ onCheck, children, ...input }: Props) {
  return (
    <label className="flex min-h-11 items-center gap-3">
      <input
        type="checkbox"
        className="size-5 shrink-0 accent-action"
        {...(onCheck ? { onChange: (event) => onCheck(event.target.checked) } : {})}
        {...input}
      />
      {children}
    </label>
  );
}
