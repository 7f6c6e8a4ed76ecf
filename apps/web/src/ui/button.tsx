import type { ButtonHTMLAttributes, ReactNode } from 'react';
import { Link } from 'react-router';

type Tone = 'main' | 'plain' | 'quiet';

const BASE =
  'inline-flex min-h-11 items-center justify-center gap-2 rounded-md px-4 text-base font-medium disabled:cursor-not-allowed disabled:opacity-60';
const TONE: Readonly<Record<Tone, string>> = {
  main: 'bg-action text-on-action',
  plain: 'border border-line-strong bg-plate text-ink hover:border-action',
  quiet: 'text-action hover:underline',
};

interface Props extends ButtonHTMLAttributes<HTMLButtonElement> {
  readonly tone?: Tone;
}

export function Button({ tone = 'plain', className = '', type = 'button', ...rest }: Props) {
  return <button type={type} className={`${BASE} ${TONE[tone]} ${className}`} {...rest} />;
}

interface LinkProps {
  readonly to: string;
  readonly tone?: Tone;
  readonly className?: string;
  readonly children: ReactNode;
}

export function ButtonLink({ to, tone = 'plain', className = '', children }: LinkProps) {
  return (
    <Link to={to} className={`${BASE} ${TONE[tone]} ${className}`}>
      {children}
    </Link>
  );
}
