import { type Units, wireSizeText } from '@hot-bead/core/base';
import { WIRE_DIAMETERS_MM } from '@hot-bead/core/trade';
import type { Control, FieldErrors, UseFormRegister, UseFormSetValue } from 'react-hook-form';
import type { MachineFields } from './machine-fields.ts';

/** Wire sizes to choose from. */
export function wireSizes(units: Units): readonly (readonly [value: string, name: string])[] {
  return WIRE_DIAMETERS_MM.map((mm) => [String(mm), wireSizeText(mm, units)] as const);
}

/** What the parts of the form share. */
export interface FormParts {
  readonly register: UseFormRegister<MachineFields>;
  readonly control: Control<MachineFields>;
  readonly setValue: UseFormSetValue<MachineFields>;
  readonly errors: FieldErrors<MachineFields>;
}

/** What is wrong with a field; a list says it at its own root. */
export function messageOf(errors: FieldErrors<MachineFields>, name: keyof MachineFields): string | undefined {
  const error = errors[name] as
    { readonly message?: string; readonly root?: { readonly message?: string } } | undefined;
  return error?.message ?? error?.root?.message;
}
