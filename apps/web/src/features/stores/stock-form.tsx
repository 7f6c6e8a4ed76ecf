import { validated } from '@hot-bead/contract/base';
import { newStockItemSchema } from '@hot-bead/contract/stores';
import type { StockItem } from '@hot-bead/core/stores';
import { Button } from '../../ui/button.tsx';
import { FormFieldsGrid } from '../../form/form-fields-grid.tsx';
import { useForm } from '../../form/use-form.ts';
import { FIELDS, START, type StockKind } from './stock-fields.ts';

interface Props {
  readonly kind: StockKind;
  /** The thing as it is kept; undefined: a new one. */
  readonly item?: StockItem;
  readonly label: string;
  readonly saving: boolean;
  /** Keeps it; told what went wrong, it is placed at its field. */
  readonly onKeep: (item: StockItem, onError: (error: Error) => void) => void;
  readonly onClose: () => void;
}

/** A spool, a cylinder or parts as they are entered; what is wrong stands at its field. */
export function StockForm({ kind, item, label, saving, onKeep, onClose }: Props) {
  const form = useForm(FIELDS[kind], item ? { kept: item } : { start: START[kind] });
  return (
    <form
      noValidate
      aria-label={label}
      className="rounded-md border border-line bg-plate p-4"
      onSubmit={(event) => {
        event.preventDefault();
        form.submit(() => validated(newStockItemSchema, { kind, ...form.entered() }), onKeep);
      }}
    >
      <h3 className="text-lg font-semibold">{label}</h3>
      <FormFieldsGrid {...form.bound} />
      <div className="mt-4 flex gap-3">
        <Button type="submit" tone="main" disabled={saving}>
          {saving ? 'Keeping…' : 'Keep it'}
        </Button>
        <Button onClick={onClose}>Close</Button>
      </div>
    </form>
  );
}
