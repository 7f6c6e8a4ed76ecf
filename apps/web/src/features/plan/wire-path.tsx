import { useWords } from '../../units/index.ts';
import { type KeyboardEvent, useRef } from 'react';
import { type PathForm, pathWords, StationSymbol } from '../../drawing/station-symbol.tsx';
import { WireLine } from '../../drawing/wire-line.tsx';
import type { Station, StationId, StationMark } from '@hot-bead/core/changeover';

interface Props {
  readonly stations: readonly Station[];
  readonly chosen: StationId;
  /** What the path is drawn for. */
  readonly form: PathForm;
  readonly onChoose: (id: StationId) => void;
}

const MARK: Readonly<Record<StationMark, { readonly sign: string; readonly word: string }>> = {
  fitted: { sign: '●', word: 'fitted' },
  change: { sign: '⇄', word: 'change' },
  unknown: { sign: '?', word: 'not known' },
};

interface StationProps {
  readonly station: Station;
  readonly chosen: boolean;
  readonly form: PathForm;
  readonly onChoose: () => void;
}

function StationButton({ station, chosen, form, onChoose }: StationProps) {
  const say = useWords();
  const mark = MARK[station.mark];
  return (
    <button
      type="button"
      role="tab"
      id={`station-${station.id}`}
      aria-selected={chosen}
      aria-controls="station-detail"
      tabIndex={chosen ? 0 : -1}
      onClick={onChoose}
      className={`relative flex min-h-14 w-full min-w-0 items-center rounded-md text-center max-md:gap-3 max-md:px-3 max-md:text-left md:flex-col md:pb-1 ${chosen ? 'text-action' : 'hover:text-action'}`}
    >
      <StationSymbol id={station.id} form={form} className="w-full max-md:w-25 max-md:shrink-0" />
      <span className="w-full min-w-0 px-1">
        <span
          className={`block truncate text-[15px] font-semibold ${chosen ? 'underline decoration-2 underline-offset-4' : ''}`}
        >
          {station.name}
        </span>
        <span className="block truncate text-sm">{say(station.short)}</span>
      </span>
      <span className="shrink-0 text-[13px] whitespace-nowrap">
        <span aria-hidden="true">{mark.sign}</span> {mark.word}
      </span>
    </button>
  );
}

/** One ink line through everything the wire passes, with the gas as a second line above. */
export function WirePath({ stations, chosen, form, onChoose }: Props) {
  const list = useRef<HTMLDivElement>(null);
  const onKeyDown = (event: KeyboardEvent): void => {
    const step = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key];
    if (step === undefined) return;
    const at = stations.findIndex(({ id }) => id === chosen);
    const next = stations[(at + step + stations.length) % stations.length];
    if (!next) return;
    event.preventDefault();
    onChoose(next.id);
    list.current?.querySelector<HTMLElement>(`#station-${next.id}`)?.focus();
  };
  return (
    <section aria-label="Wire path" className="rounded-md border border-line bg-plate py-1">
      <p className="sr-only" role="img" aria-label={pathWords(form)} />
      <div
        ref={list}
        role="tablist"
        aria-label="Stations along the wire"
        onKeyDown={onKeyDown}
        className="relative grid md:grid-cols-9"
      >
        <WireLine ids={stations.map(({ id }) => id)} chosen={chosen} gas={form.gas} />
        {stations.map((station) => (
          <StationButton
            key={station.id}
            station={station}
            form={form}
            chosen={station.id === chosen}
            onChoose={() => onChoose(station.id)}
          />
        ))}
      </div>
    </section>
  );
}
