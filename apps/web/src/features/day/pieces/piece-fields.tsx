import { validated } from '@hot-bead/contract/base';
import { type KeptPiece, pieceChangeSchema } from '@hot-bead/contract/day';
import { Button } from '../../../ui/button.tsx';
import { type FormField, TEXT } from '../../../form/form-fields.ts';
import { FormFieldsGrid } from '../../../form/form-fields-grid.tsx';
import { useForm } from '../../../form/use-form.ts';
import { useToast } from '../../../ui/toasts.tsx';
import { WEIGHT_OPTIONS } from '../index.ts';
import { useChangePiece } from './pieces.queries.ts';

/** What a piece is: its name, how many are built, when it is due, and a note. */
const FIELDS: readonly FormField[] = [
  { name: 'name', label: 'Name', typing: TEXT, wide: true },
  { name: 'numberOff', label: 'How many are built', hint: () => 'Empty: one' },
  { name: 'weight', label: 'If it is late', options: WEIGHT_OPTIONS },
  { name: 'due', label: 'Due', typing: TEXT, type: 'datetime-local', wide: true },
  { name: 'note', label: 'Note', typing: TEXT, type: 'lines', wide: true },
];

/** A piece as it is changed; what is wrong stands at its field. */
export function PieceFields({ piece, onDone }: { readonly piece: KeptPiece; readonly onDone: () => void }) {
  const form = useForm(FIELDS, { kept: piece });
  const change = useChangePiece(`piece ${piece.id}`);
  const toast = useToast();
  return (
    <form
      noValidate
      className="mt-3"
      onSubmit={(event) => {
        event.preventDefault();
        form.submit(
          () => validated(pieceChangeSchema, form.changed()),
          (checked, onError) =>
            change.mutate(
              { kept: piece, change: checked },
              {
                onSuccess: (_piece, undo) => {
                  toast('Kept', undo);
                  onDone();
                },
                onError,
              },
            ),
        );
      }}
    >
      <FormFieldsGrid {...form.bound} />
      <div className="mt-3 flex gap-3">
        <Button type="submit" tone="main" disabled={change.isPending}>
          Keep
        </Button>
        <Button onClick={onDone}>Leave it as it was</Button>
      </div>
    </form>
  );
}
