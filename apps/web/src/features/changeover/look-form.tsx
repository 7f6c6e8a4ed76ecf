import { useWords } from '../../units/index.ts';
import type { Words } from '@hot-bead/core/base';
import { type KeptMachine, OTHER_VALUE } from '@hot-bead/contract/machine';
import { rigFact, rigField } from '@hot-bead/core/changeover';
import { rigAttributeRow, type RigAttribute, rigValueText } from '@hot-bead/core/machine';
import { COMMON_GASES, WIRE_CLASSES } from '@hot-bead/core/trade';
import { useState } from 'react';
import { Button } from '../../ui/button.tsx';

/** What a look found, by attribute; null: it cannot be told. */
export type Found = Readonly<Partial<Record<RigAttribute, string | null>>>;

/** Values to pick from, what is needed first. */
function choicesOf(
  name: RigAttribute,
  needed: string | undefined,
  now: string | undefined,
): readonly string[] {
  const { choices } = rigAttributeRow(name);
  const lists: Readonly<Partial<Record<RigAttribute, readonly string[]>>> = {
    gas: COMMON_GASES,
    spoolAlloy: WIRE_CLASSES,
    sgSpoolAlloy: WIRE_CLASSES,
  };
  const all = lists[name] ?? choices ?? [];
  const first = [needed, now].filter((one): one is string => one !== undefined);
  const isOpen = rigField(name) === undefined && all.length !== 2;
  const open = isOpen ? [OTHER_VALUE] : [];
  return [...new Set([...first, ...all, ...open])];
}

function wordOf(name: RigAttribute, value: string): Words {
  if (value === OTHER_VALUE) return 'another';
  return rigValueText(name, value);
}

const CHIPS_MOST = 8;
const CHIP =
  'min-h-14 rounded-md border border-line-strong px-4 text-base font-medium hover:border-action aria-pressed:border-action aria-pressed:bg-action aria-pressed:text-on-action';

interface QuestionProps {
  readonly name: RigAttribute;
  readonly needed: string | undefined;
  readonly now: string | undefined;
  readonly picked: string | null | undefined;
  readonly onPick: (value: string | null) => void;
}

function Question({ name, needed, now, picked, onPick }: QuestionProps) {
  const say = useWords();
  const choices = choicesOf(name, needed, now);
  const { word } = rigAttributeRow(name);
  return (
    <fieldset className="min-w-0">
      <legend className="label-text mb-1">{word}</legend>
      {choices.length > CHIPS_MOST ? (
        <select
          aria-label={word}
          className="h-14 w-full rounded-md border border-line-strong bg-plate px-3"
          value={picked ?? ''}
          onChange={(event) => onPick(event.target.value === '' ? null : event.target.value)}
        >
          <option value="">not told</option>
          {choices.map((value) => (
            <option key={value} value={value}>
              {say(wordOf(name, value))}
              {value === needed ? ' (as needed)' : ''}
            </option>
          ))}
        </select>
      ) : (
        <div className="flex flex-wrap gap-2">
          {choices.map((value) => (
            <button
              key={value}
              type="button"
              aria-pressed={picked === value}
              className={CHIP}
              onClick={() => onPick(value)}
            >
              {say(wordOf(name, value))}
              {value === needed && <span className="block text-[13px] font-normal">as needed</span>}
            </button>
          ))}
          <button type="button" aria-pressed={picked === null} className={CHIP} onClick={() => onPick(null)}>
            cannot tell
          </button>
        </div>
      )}
    </fieldset>
  );
}

interface Props {
  readonly machine: KeptMachine;
  readonly asks: readonly RigAttribute[];
  readonly need: Readonly<Record<string, string>>;
  readonly onFound: (looked: Found) => void;
}

/** What a look asks: each with what is needed first, one press each. */
export function LookForm({ machine, asks, need, onFound }: Props) {
  const [picked, setPicked] = useState<Found>({});
  const pickedCount = Object.keys(picked).length;
  // a single question is answered by one press
  const isOne = asks.length === 1;
  const allAsNeeded = !isOne && asks.every((name) => need[name] !== undefined);
  return (
    <div className="mt-3 grid gap-4">
      {allAsNeeded && (
        <Button
          className="min-h-14 justify-self-start"
          onClick={() => onFound(Object.fromEntries(asks.map((name) => [name, need[name] ?? null])))}
        >
          All of it is as needed
        </Button>
      )}
      {asks.map((name) => (
        <Question
          key={name}
          name={name}
          needed={need[name]}
          now={rigFact(machine, name)?.value}
          picked={picked[name]}
          onPick={(value) => (isOne ? onFound({ [name]: value }) : setPicked({ ...picked, [name]: value }))}
        />
      ))}
      {!isOne && (
        <>
          <Button
            tone="main"
            className="min-h-14 text-lg md:justify-self-start"
            disabled={pickedCount === 0}
            onClick={() => {
              onFound(picked);
              setPicked({});
            }}
          >
            Keep what I saw
          </Button>
          {pickedCount === 0 && (
            <p className="text-sm text-ink-soft">Press what you see; what you leave out stays not known.</p>
          )}
        </>
      )}
    </div>
  );
}
