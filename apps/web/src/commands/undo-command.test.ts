import { QueryClient, QueryObserver } from '@tanstack/react-query';
import { undoCommand } from './use-command.ts';

describe('undo', () => {
  it('reads anew what was first asked for before it, and had not come yet', async () => {
    const fetchBefore = globalThis.fetch;
    globalThis.fetch = () => Promise.resolve({ ok: true, status: 204 } as Response);
    const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
    // a list of which the first answer is slow, and still without what the undo brings back
    let asked = 0;
    const late: (() => void)[] = [];
    const observer = new QueryObserver<readonly string[]>(client, {
      queryKey: ['list'],
      queryFn: () => {
        asked += 1;
        return asked === 1
          ? new Promise((resolve) => late.push(() => resolve([])))
          : Promise.resolve(['brought back']);
      },
    });
    const stop = observer.subscribe(() => undefined);
    try {
      const undone = undoCommand(client, 'some command');
      await new Promise((resolve) => setTimeout(resolve, 20));
      late.forEach((answer) => answer());
      await undone;
      expect(client.getQueryData(['list'])).toEqual(['brought back']);
      expect(asked).toBe(2);
    } finally {
      stop();
      globalThis.fetch = fetchBefore;
    }
  });
});
