import { type Caution, type CautionLevel, sourceText } from '@hot-bead/core';

const LEVEL: Readonly<
  Record<CautionLevel, { readonly sign: string; readonly word: string; readonly box: string }>
> = {
  stop: { sign: '■', word: 'Stop', box: 'border-hot bg-hot-tint' },
  warn: { sign: '◆', word: 'Mind', box: 'border-straw bg-straw-tint' },
  note: { sign: '○', word: 'Note', box: 'border-line' },
};

function CautionBox({ caution }: { readonly caution: Caution }) {
  const level = LEVEL[caution.level];
  return (
    <li className={`rounded-md border px-3 py-2 ${level.box}`}>
      <span className="font-semibold">
        <span aria-hidden="true">{level.sign}</span> {level.word}.
      </span>{' '}
      {caution.text} <span className="text-sm text-ink-soft">[{sourceText(caution.source)}]</span>
    </li>
  );
}

/** Cautions that come before anything else is read. */
export function StopCautions({ cautions }: { readonly cautions: readonly Caution[] }) {
  const stops = cautions.filter((caution) => caution.level === 'stop');
  if (stops.length === 0) return null;
  return (
    <ul aria-label="Stop and read" className="grid gap-2">
      {stops.map((caution) => (
        <CautionBox key={caution.code} caution={caution} />
      ))}
    </ul>
  );
}

/** All other cautions of the plan, gravest first. */
export function Cautions({ cautions }: { readonly cautions: readonly Caution[] }) {
  return (
    <section aria-labelledby="cautions" className="rounded-md border border-line bg-plate p-4">
      <h2 id="cautions" className="mb-2 text-lg font-semibold">
        Cautions
      </h2>
      <ul className="grid gap-2">
        {cautions
          .filter((caution) => caution.level !== 'stop')
          .map((caution) => (
            <CautionBox key={caution.code} caution={caution} />
          ))}
      </ul>
    </section>
  );
}
