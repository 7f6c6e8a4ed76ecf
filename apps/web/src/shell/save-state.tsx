import { useIsMutating, useMutationState } from '@tanstack/react-query';

/** Whether what was done is with the server: saved, on its way, or not taken. */
export function SaveState() {
  const saving = useIsMutating() > 0;
  const last = useMutationState({ select: (mutation) => mutation.state.status }).at(-1);
  const text = saving ? 'Saving…' : last === 'error' ? '■ Not saved' : 'Saved';
  return (
    <span
      role="status"
      className={`shrink-0 text-sm ${last === 'error' && !saving ? 'font-semibold text-hot' : 'text-ink-soft'}`}
    >
      {text}
    </span>
  );
}
