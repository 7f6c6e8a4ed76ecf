import { useWords } from '../../units/index.ts';
import { sourceText } from '@hot-bead/core/base';
import type { Station } from '@hot-bead/core/changeover';

/** One station: what to fit, why, how to check it, and what happens when it is wrong. */
export function StationDetail({ station }: { readonly station: Station }) {
  const say = useWords();
  const rows = [
    ['why', station.why],
    ['check', station.check],
    ['if wrong', station.ifWrong],
  ] as const;
  return (
    <section
      id="station-detail"
      role="tabpanel"
      aria-labelledby={`station-${station.id}`}
      className="rounded-md border border-line bg-plate p-4"
    >
      <h2 className="label-text">{station.name}</h2>
      <p className="text-lg leading-snug font-semibold">{say(station.fit)}</p>
      <dl className="mt-2 grid gap-1.5 text-[15px] leading-snug">
        {rows.map(([name, text]) => (
          <div key={name}>
            <dt className="label-text">{name}</dt>
            <dd>{say(text)}</dd>
          </div>
        ))}
      </dl>
      <p className="label-text mt-2">Source: {sourceText(station.source)}</p>
    </section>
  );
}
