import { exampleJob, exampleLine, useReader } from '../../units/index.ts';
import { useQuery } from '@tanstack/react-query';
import { Button, ButtonLink } from '../../ui/button.tsx';
import { Wrong } from '../../ui/form/wrong.tsx';
import { aboutQuery, useOpenDemo } from '../shop/index.ts';

/** The demo shop, in a window of its own: nothing of it gets into one's own shop. */
function LookRound() {
  const about = useQuery(aboutQuery);
  const open = useOpenDemo();
  if (about.data?.demoBeside !== true) return null;
  if (open.data) {
    return (
      <a
        href={open.data.url}
        target="_blank"
        rel="noreferrer"
        className="inline-flex min-h-14 items-center rounded-md border border-line-strong bg-plate px-4 font-medium hover:border-action"
      >
        The demo shop stands: go in
      </a>
    );
  }
  return (
    <div>
      <Button className="min-h-14" disabled={open.isPending} onClick={() => open.mutate()}>
        {open.isPending ? 'Opening the demo shop…' : 'Look round the demo shop'}
      </Button>
      {open.error && <Wrong>The demo shop did not open. {open.error.message}</Wrong>}
    </div>
  );
}

/** An empty shop: what to type, a machine to set up, and a shop to look round. */
export function FirstSteps({ hasMachine }: { readonly hasMachine: boolean }) {
  const { units } = useReader();
  return (
    <section className="rounded-md border border-line bg-plate p-6">
      <h2 className="text-xl font-semibold">No jobs yet</h2>
      <p className="mt-1 max-w-prose">
        Type the work the way you would say it: how thick, what metal, which joint, which position.
      </p>
      <ul className="mt-4 grid gap-2">
        {[exampleJob(units), '18ga lap .030 75/25', exampleLine(units)].map((line) => (
          <li key={line} className="figure-text text-xl">
            {line}
          </li>
        ))}
      </ul>
      <div className="mt-6 flex flex-wrap items-start gap-3">
        {!hasMachine && (
          <ButtonLink to="/machines/new" tone="main" className="min-h-14">
            Set up your machine (two minutes)
          </ButtonLink>
        )}
        <LookRound />
      </div>
      {!hasMachine && (
        <p className="mt-3 text-sm text-ink-soft">
          With a machine, plans stand in the numbers of its own knobs. The demo shop opens apart: nothing of
          it gets into yours.
        </p>
      )}
    </section>
  );
}
