import { usePreferences } from '../../preferences/preferences.tsx';
import { exampleJob } from '../../units/index.ts';
import { type KeyboardEvent, Suspense, useId, useRef, useState } from 'react';
import { rememberedLines } from './history.ts';
import { later } from '../../ui/later.tsx';
import { useQuickLine } from './use-quick-line.ts';

const { Part: QuickLinePanel, useFetched: usePanelFetched } = later(() =>
  import('./quick-line-panel.tsx').then((part) => part.QuickLinePanel),
);

interface Props {
  /** Large, for the bench. */
  readonly large?: boolean;
}

/** One field to start a job: type it the way people say it, Enter opens its plan. */
export function QuickLine({ large = false }: Props) {
  const { units } = usePreferences();
  const [open, setOpen] = useState(false);
  const [recalled, setRecalled] = useState(-1);
  const box = useRef<HTMLDivElement>(null);
  const input = useRef<HTMLInputElement>(null);
  const id = useId();
  usePanelFetched();
  const line = useQuickLine(() => {
    setOpen(false);
    input.current?.blur();
  });

  const recall = (step: 1 | -1): void => {
    const lines = rememberedLines();
    const next = Math.min(Math.max(recalled + step, -1), lines.length - 1);
    setRecalled(next);
    line.setText(next < 0 ? '' : (lines[next] ?? ''));
  };
  const onKeyDown = (event: KeyboardEvent): void => {
    if (event.key === 'Enter') line.submit();
    else if (event.key === 'ArrowUp') recall(1);
    else if (event.key === 'ArrowDown') recall(-1);
    else if (event.key === 'Escape') {
      setOpen(false);
      input.current?.blur();
    } else return;
    event.preventDefault();
  };

  return (
    <div
      ref={box}
      className="relative w-full"
      onFocus={() => {
        line.wake();
        setOpen(true);
      }}
      onBlur={(event) => !box.current?.contains(event.relatedTarget) && setOpen(false)}
    >
      <label htmlFor={id} className={large ? 'label-text mb-1 block' : 'sr-only'}>
        {large ? 'What are you welding?' : 'Type a job'}
      </label>
      <input
        ref={input}
        id={id}
        data-quick-line=""
        value={line.text}
        onChange={(event) => {
          setOpen(true);
          setRecalled(-1);
          line.setText(event.target.value);
        }}
        onKeyDown={onKeyDown}
        onPaste={(event) => {
          const pasted = event.clipboardData.getData('text/plain');
          if (!/\S\s*\n\s*\S/.test(pasted)) return;
          event.preventDefault();
          line.paste(pasted);
          setOpen(true);
        }}
        autoComplete="off"
        spellCheck={false}
        enterKeyHint="go"
        placeholder={exampleJob(units)}
        aria-invalid={line.error !== undefined}
        aria-describedby={line.error === undefined ? undefined : `${id}-error`}
        className={`w-full rounded-md border border-line-strong bg-plate px-4 placeholder:text-ink-soft ${large ? 'h-14 text-xl' : 'h-11'}`}
      />
      {line.error !== undefined && (
        <p
          id={`${id}-error`}
          role="alert"
          className="mt-1 rounded-md border border-hot bg-hot-tint px-3 py-2"
        >
          {line.error}
        </p>
      )}
      {open && (line.text.trim() !== '' || line.pasted) && (
        <Suspense fallback={null}>
          <QuickLinePanel line={line} onDone={() => setOpen(false)} />
        </Suspense>
      )}
    </div>
  );
}
