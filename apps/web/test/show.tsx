import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, render, type RenderResult } from '@testing-library/react';
import userEvent, { PointerEventsCheckLevel, type UserEvent } from '@testing-library/user-event';
import type { ReactNode } from 'react';
import { MemoryRouter, Outlet, Route, Routes, useLocation } from 'react-router';
import { PreferencesProvider } from '../src/preferences/preferences.tsx';
import { ToastProvider } from '../src/ui/toasts.tsx';

/** A request that the page sent. */
export interface Sent {
  readonly method: string;
  /** Ids that were made for it stand as a star. */
  readonly path: string;
  readonly body: unknown;
  /** The version of the record that was seen. */
  readonly version: string | undefined;
}

const MADE_ID = /[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[0-9a-f]{4}-[0-9a-f]{12}/g;

/** A whole list is asked for by pages as long as can be. */
const WHOLE = /[?&]limit=200$/;

/** A list as the server answers with it. */
export function listed<T>(items: readonly T[]) {
  return { items, next: null };
}

/** What the server answers to "GET /machines"; a function sees the body. */
export type Answers = Readonly<Record<string, unknown>>;

/** An answer that is a refusal. */
export class Refusal {
  constructor(
    readonly status: number,
    readonly body: { readonly code: string; readonly message: string; readonly field?: string },
  ) {}
}

export interface Shown extends RenderResult {
  readonly user: UserEvent;
  readonly sent: readonly Sent[];
  /** Lays the page out for paper, or no longer. */
  readonly print: (on: boolean) => void;
  /** Where the page has gone. */
  readonly at: () => string;
}

/** A browser that prints when it is told to; no other media query holds. */
function paper(): (on: boolean) => void {
  const listeners = new Set<() => void>();
  let onPaper = false;
  window.matchMedia = ((query: string) => ({
    get matches() {
      return query === 'print' && onPaper;
    },
    media: query,
    addEventListener: (_: string, on: () => void) => listeners.add(on),
    removeEventListener: (_: string, on: () => void) => listeners.delete(on),
  })) as unknown as typeof window.matchMedia;
  return (on) => {
    onPaper = on;
    act(() => listeners.forEach((one) => one()));
  };
}

function answering(answers: Answers, sent: Sent[]): typeof fetch {
  return (async (input: string, init: RequestInit = {}) => {
    const path = input
      .replace(/^\/api/, '')
      .replace(WHOLE, '')
      .replace(MADE_ID, '*');
    const method = init.method ?? 'GET';
    const body: unknown =
      typeof init.body === 'string' ? JSON.parse(init.body.replace(MADE_ID, '*')) : undefined;
    const version = (init.headers as Record<string, string> | undefined)?.['if-match'];
    sent.push({ method, path, body, version });
    const answered = answers[`${method} ${path}`];
    const answer: unknown =
      typeof answered === 'function' ? (answered as (body: unknown) => unknown)(body) : answered;
    if (answer instanceof Refusal) return { ok: false, status: answer.status, json: async () => answer.body };
    if (answer === undefined) {
      return {
        ok: false,
        status: 404,
        json: async () => ({ code: 'not-found', message: `Nothing at ${path}.` }),
      };
    }
    return { ok: true, status: 200, json: async () => answer };
  }) as unknown as typeof fetch;
}

interface Options {
  readonly answers?: Answers;
  /** Pattern and address that the page stands at. */
  readonly route?: string;
  readonly path?: string;
  /** What the frame around the page hands down, such as the job. */
  readonly context?: unknown;
  /** What the device kept from before. */
  readonly remembered?: Readonly<Record<string, string>>;
}

/** Shows a part of the app inside its providers, with a server that answers as told. */
export function show(
  page: ReactNode,
  { answers = {}, route = '*', path = '/', context, remembered = {} }: Options = {},
): Shown {
  const sent: Sent[] = [];
  let address = path;
  const Address = (): null => {
    const { pathname, search } = useLocation();
    address = pathname + search;
    return null;
  };
  localStorage.clear();
  for (const [key, value] of Object.entries(remembered)) localStorage.setItem(key, value);
  const print = paper();
  globalThis.fetch = answering(answers, sent);
  const client = new QueryClient({
    defaultOptions: { queries: { retry: false }, mutations: { retry: false } },
  });
  // whether a press gets through is the browser tests' to say: here a message takes presses a moment after it is read
  const result = render(
    <QueryClientProvider client={client}>
      <PreferencesProvider>
        <ToastProvider>
          <MemoryRouter initialEntries={[path]}>
            <Address />
            <Routes>
              <Route element={<Outlet context={context} />}>
                <Route path={route} element={page} />
                <Route path="*" element={<p>elsewhere</p>} />
              </Route>
            </Routes>
          </MemoryRouter>
        </ToastProvider>
      </PreferencesProvider>
    </QueryClientProvider>,
  );
  return {
    ...result,
    user: userEvent.setup({ pointerEventsCheck: PointerEventsCheckLevel.Never }),
    sent,
    at: () => address,
    print,
  };
}
