import type { FaultCase } from '@hot-bead/contract/faults';
import { sentence } from '@hot-bead/core/base';
import {
  FAULT_STATION_NAME,
  type FaultStation,
  findSymptoms,
  stationSymptoms,
  SYMPTOM_GROUPS,
  type SymptomGroup,
  type SymptomId,
  type TableSymptom,
} from '@hot-bead/core/faults';
import { Search } from 'lucide-react';
import { useDeferredValue, useState } from 'react';
import { SymptomDrawing } from '../../drawing/symptom-drawing.tsx';
import { Segmented } from '../../ui/segmented.tsx';
import { SoundSamples } from '../arc-lab/sound/index.ts';
import { GROUP_NAME, SAMPLE_WORD } from './fault-words.ts';

/** What is said of a symptom: it is there, it is not, or nothing. */
export type Said = 'seen' | 'not-there' | undefined;

/** A press more: seen, not there, nothing said. */
const AFTER: Readonly<Record<'seen' | 'not-there' | 'none', Said>> = {
  none: 'seen',
  seen: 'not-there',
  'not-there': undefined,
};

export function saidOf(symptom: SymptomId, { present, absent }: Pick<FaultCase, 'present' | 'absent'>): Said {
  if (present.includes(symptom)) return 'seen';
  return absent.includes(symptom) ? 'not-there' : undefined;
}

interface TileProps {
  readonly symptom: TableSymptom;
  readonly answer: Said;
  readonly onSay: (said: Said) => void;
}

const LOOK: Readonly<Record<'seen' | 'not-there' | 'none', string>> = {
  seen: 'border-action bg-action-tint font-semibold',
  'not-there': 'border-line-strong bg-sunk text-ink-soft',
  none: 'border-line-strong bg-plate hover:border-action',
};

function Tile({ symptom: { id, text }, answer, onSay }: TileProps) {
  const state = answer ?? 'none';
  return (
    <button
      type="button"
      aria-pressed={answer === 'seen'}
      onClick={() => onSay(AFTER[state])}
      className={`flex min-h-14 w-full items-center gap-3 rounded-md border p-2 text-left text-[15px] ${LOOK[state]}`}
    >
      <SymptomDrawing symptom={id} className="h-12 w-20 shrink-0" />
      <span className="grow">{text}</span>
      {answer && (
        <span className="shrink-0 text-sm font-semibold">{answer === 'seen' ? '✓ seen' : '✕ not there'}</span>
      )}
    </button>
  );
}

type Shown = SymptomGroup | 'station';

interface Props {
  readonly faultCase: Pick<FaultCase, 'process' | 'present' | 'absent'>;
  /** Where one comes from: what that station often shows stands first. */
  readonly station?: FaultStation | undefined;
  readonly onSay: (symptom: SymptomId, said: Said) => void;
}

/** Everything that can be seen, heard and felt, by group or by what people call it; a press says that it is there. */
export function SymptomPicker({ faultCase, station, onSay }: Props) {
  const { process } = faultCase;
  const [typed, setTyped] = useState('');
  const [group, setGroup] = useState<Shown>(
    () =>
      (station && 'station') ??
      findSymptoms('', process).find(({ id }) => faultCase.present.includes(id))?.group ??
      'look',
  );
  const sought = useDeferredValue(typed.trim());
  const symptoms = findSymptoms(sought, process);
  const ofStation = station ? stationSymptoms(station, process) : [];
  const inGroup = (shown: Shown): readonly TableSymptom[] =>
    shown === 'station' ? ofStation : symptoms.filter((symptom) => symptom.group === shown);
  const listed = sought === '' ? inGroup(group) : symptoms;
  const groups = [...(station ? (['station'] as const) : []), ...SYMPTOM_GROUPS].map((value) => {
    const ticked = inGroup(value).filter((one) => saidOf(one.id, faultCase) === 'seen').length;
    const name = value === 'station' ? sentence(FAULT_STATION_NAME[station ?? 'machine']) : GROUP_NAME[value];
    return { value, label: `${name}${ticked > 0 && sought === '' ? ` (${ticked})` : ''}` };
  });
  return (
    <section aria-label="What is seen and heard" className="grid grid-cols-1 gap-3">
      <label className="flex min-h-14 items-center gap-2 rounded-md border border-line-strong bg-plate px-3">
        <Search size={20} aria-hidden="true" className="text-ink-soft" />
        <span className="sr-only">Search by any word</span>
        <input
          type="search"
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
          placeholder="Search: birdnest, pops, swiss cheese"
          className="min-h-12 grow bg-transparent text-lg outline-none"
        />
      </label>
      {sought === '' && (
        <div className="max-md:hidden">
          <Segmented label="Group" value={group} options={groups} onChange={setGroup} />
        </div>
      )}
      {sought === '' && (
        <div className="grid grid-cols-2 gap-2 md:hidden">
          {groups.map(({ value, label }) => (
            <button
              key={value}
              type="button"
              aria-pressed={group === value}
              onClick={() => setGroup(value)}
              className="min-h-14 rounded-md border border-line-strong bg-plate px-2 text-[15px] aria-pressed:border-action aria-pressed:bg-action aria-pressed:text-on-action"
            >
              {label}
            </button>
          ))}
        </div>
      )}
      {listed.length === 0 && (
        <p role="status">
          Nothing goes by “{sought}” with this process. Try another word, or clear the search and look through
          the groups.
        </p>
      )}
      <ul className="grid grid-cols-1 gap-2 md:grid-cols-2">
        {listed.map((symptom) => (
          <li key={symptom.id} className="flex">
            <Tile
              symptom={symptom}
              answer={saidOf(symptom.id, faultCase)}
              onSay={(answer) => onSay(symptom.id, answer)}
            />
          </li>
        ))}
      </ul>
      <p className="text-sm text-ink-soft">
        A press says that it is there, another that you looked and it is not, a third takes it back.
      </p>
      {group === 'sound' && sought === '' && <SoundSamples words={SAMPLE_WORD} />}
    </section>
  );
}
