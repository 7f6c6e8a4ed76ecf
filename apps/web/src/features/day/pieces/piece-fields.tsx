import type { KeptPiece } from '@hot-bead/contract/day';
import type { TaskWeight } from '@hot-bead/core/day';
import { useState } from 'react';
import { Button } from '../../../ui/button.tsx';
import { Field, SelectField } from '../../../ui/form/field.tsx';
import { TextArea } from '../../../ui/form/text-area.tsx';
import { Wrong } from '../../../ui/form/wrong.tsx';
import { useToast } from '../../../ui/toasts.tsx';
import { WEIGHT_OPTIONS } from '../index.ts';
import { useChangePiece } from './pieces.queries.ts';

interface Typed {
  readonly name: string;
  readonly numberOff: string;
  readonly due: string;
  readonly weight: string;
  readonly note: string;
}

function faultsOf({ name, numberOff }: Typed): { readonly name?: string; readonly numberOff?: string } {
  const isNumber = numberOff.trim() === '' || (/^\d+$/.test(numberOff.trim()) && Number(numberOff) >= 1);
  return {
    ...(name.trim() === '' ? { name: 'Give the piece a name.' } : {}),
    ...(isNumber ? {} : { numberOff: 'How many are built is a whole number from 1.' }),
  };
}

/** What a piece is: its name, how many are built, when it is due, and a note. */
export function PieceFields({ piece, onDone }: { readonly piece: KeptPiece; readonly onDone: () => void }) {
  const [typed, setTyped] = useState<Typed>({
    name: piece.name,
    numberOff: piece.numberOff === undefined ? '' : String(piece.numberOff),
    due: piece.due ?? '',
    weight: piece.weight === undefined ? '' : String(piece.weight),
    note: piece.note ?? '',
  });
  const change = useChangePiece(`piece ${piece.id}`);
  const toast = useToast();
  const [failure, setFailure] = useState<string>();
  const faults = faultsOf(typed);
  const set =
    (name: keyof Typed) =>
    (event: { readonly target: { readonly value: string } }): void =>
      setTyped({ ...typed, [name]: event.target.value });
  return (
    <form
      className="mt-3 grid grid-cols-1 gap-3 md:grid-cols-4"
      onSubmit={(event) => {
        event.preventDefault();
        if (faults.name !== undefined || faults.numberOff !== undefined) return;
        change.mutate(
          {
            kept: piece,
            change: {
              name: typed.name.trim(),
              numberOff: typed.numberOff.trim() === '' ? null : Number(typed.numberOff),
              due: typed.due || null,
              weight: typed.weight === '' ? null : (Number(typed.weight) as TaskWeight),
              note: typed.note.trim() || null,
            },
          },
          {
            onSuccess: (_piece, undo) => {
              toast('Kept', undo);
              onDone();
            },
            onError: (error) => setFailure(error.message),
          },
        );
      }}
    >
      <Field
        label="Name"
        value={typed.name}
        onChange={set('name')}
        error={faults.name}
        className="md:col-span-2"
      />
      <Field
        label="How many are built"
        inputMode="numeric"
        value={typed.numberOff}
        onChange={set('numberOff')}
        error={faults.numberOff}
        hint="Empty: one"
      />
      <SelectField
        label="If it is late"
        value={typed.weight}
        onChange={set('weight')}
        options={WEIGHT_OPTIONS}
      />
      <Field
        label="Due"
        type="datetime-local"
        value={typed.due}
        onChange={set('due')}
        className="md:col-span-2"
      />
      <TextArea label="Note" rows={2} value={typed.note} onChange={set('note')} className="md:col-span-2" />
      <Wrong>{failure}</Wrong>
      <div className="flex gap-3 md:col-span-4">
        <Button type="submit" tone="main" disabled={change.isPending}>
          Keep
        </Button>
        <Button onClick={onDone}>Leave it as it was</Button>
      </div>
    </form>
  );
}
