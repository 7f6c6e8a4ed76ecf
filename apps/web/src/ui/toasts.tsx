import { Toast } from 'radix-ui';
import { createContext, type ReactNode, useCallback, useContext, useState } from 'react';

interface ToastMessage {
  readonly id: number;
  readonly text: string;
  readonly undo: (() => void) | undefined;
}

type Show = (text: string, undo?: () => void) => void;

const ToastContext = createContext<Show | undefined>(undefined);

let lastId = 0;

/** Short messages at the foot of the page; most offer to undo what they report. */
export function ToastProvider({ children }: { readonly children: ReactNode }) {
  const [messages, setMessages] = useState<readonly ToastMessage[]>([]);
  const show = useCallback<Show>((text, undo) => {
    lastId += 1;
    setMessages((before) => [...before.slice(-1), { id: lastId, text, undo }]);
  }, []);
  const drop = (id: number): void => setMessages((before) => before.filter((message) => message.id !== id));
  return (
    <ToastContext value={show}>
      <Toast.Provider duration={8000} label="Messages">
        {children}
        {/* room at the foot: what a message covers can be scrolled out from under it */}
        {messages.length > 0 && <div aria-hidden="true" className="h-36" />}
        {messages.map(({ id, text, undo }) => (
          <Toast.Root
            key={id}
            onOpenChange={(open) => !open && drop(id)}
            className="flex items-center justify-between gap-4 rounded-md border border-line-strong bg-plate px-4 py-2"
          >
            <Toast.Title>{text}</Toast.Title>
            {undo && (
              <Toast.Action altText={`Undo: ${text}`} asChild>
                <button type="button" onClick={undo} className="min-h-11 px-3 font-semibold text-action">
                  Undo
                </button>
              </Toast.Action>
            )}
          </Toast.Root>
        ))}
        <Toast.Viewport className="fixed right-5 bottom-5 z-50 grid w-[min(420px,calc(100vw-40px))] gap-2 max-md:bottom-20" />
      </Toast.Provider>
    </ToastContext>
  );
}

export function useToast(): Show {
  const show = useContext(ToastContext);
  if (!show) throw new Error('useToast needs a ToastProvider');
  return show;
}
