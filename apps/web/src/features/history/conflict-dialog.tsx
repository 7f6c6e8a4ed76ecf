import { recordKindRow } from '@hot-bead/core/history';
import { useWords } from '../../units/index.ts';
import type { FieldConflict } from '@hot-bead/contract/history';
import { useState } from 'react';
import type { Conflict } from '../../commands/send-change.ts';
import { Button } from '../../ui/button.tsx';
import { Dialog } from '../../ui/dialog.tsx';
import { fieldWord, valueText } from './field-text.ts';

type Side = 'mine' | 'theirs';

interface RowProps {
  readonly conflict: FieldConflict;
  readonly side: Side;
  readonly onPick: (side: Side) => void;
}

/** One field as both sides have it, each side a button to be picked. */
function Row({ conflict, side, onPick }: RowProps) {
  const say = useWords();
  const { field, current, sent } = conflict;
  const sides = [
    ['theirs', 'Stands now', current],
    ['mine', 'Yours', sent],
  ] as const;
  return (
    <fieldset className="border-t border-line py-2">
      <legend className="label-text pr-2">{fieldWord(field)}</legend>
      <div className="grid grid-cols-2 gap-2">
        {sides.map(([value, word, shown]) => (
          <label
            key={value}
            className="flex min-h-14 min-w-0 cursor-pointer flex-col rounded-md border border-line-strong px-3 py-1 has-checked:border-action has-checked:bg-action-tint has-focus-visible:outline-2 has-focus-visible:outline-action"
          >
            <input
              type="radio"
              name={field}
              className="sr-only"
              checked={side === value}
              onChange={() => onPick(value)}
            />
            <span className="text-sm text-ink-soft">{word}</span>
            <span className="max-h-24 overflow-y-auto text-lg font-medium break-words">
              {say(valueText(field, shown))}
            </span>
          </label>
        ))}
      </div>
    </fieldset>
  );
}

interface Props {
  readonly conflict: Conflict;
  /** Told which fields are to stand as the user has them. */
  readonly onSettle: (mine: ReadonlySet<string>) => void;
}

/** A change met another's: both are shown, field by field, and one press settles it. Nothing was written yet. */
export function ConflictDialog({ conflict, onSettle }: Props) {
  const { conflicts } = conflict.failure.answer;
  const fields = conflicts.map(({ field }) => field);
  const [mine, setMine] = useState<ReadonlySet<string>>(new Set(fields));
  const pick = (field: string, side: Side): void => {
    const next = new Set(mine);
    if (side === 'mine') next.add(field);
    else next.delete(field);
    setMine(next);
  };
  const isMixed = mine.size > 0 && mine.size < fields.length;
  return (
    <Dialog
      title={`This ${recordKindRow(conflict.kind).word} was changed elsewhere meanwhile`}
      text="Nothing is lost: pick what is to stand. What you changed besides is kept either way."
      onClose={() => onSettle(new Set())}
    >
      {conflicts.map((one) => (
        <Row
          key={one.field}
          conflict={one}
          side={mine.has(one.field) ? 'mine' : 'theirs'}
          onPick={(side) => pick(one.field, side)}
        />
      ))}
      <div className="mt-3 flex flex-wrap gap-3">
        {isMixed ? (
          <Button tone="main" onClick={() => onSettle(mine)}>
            Keep what I picked
          </Button>
        ) : (
          <Button tone="main" onClick={() => onSettle(new Set(fields))}>
            Keep mine
          </Button>
        )}
        <Button onClick={() => onSettle(new Set())}>Take what stands now</Button>
      </div>
    </Dialog>
  );
}
