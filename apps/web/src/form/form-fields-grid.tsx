import type { Units } from '@hot-bead/core/base';
import { shownAs, useWords } from '../units/index.ts';
import { Field, SelectField } from '../ui/form/field.tsx';
import { askedFields, type FormField, type Typed, typingOf } from './form-fields.ts';
import { TextArea } from '../ui/form/text-area.tsx';
import type { Problems } from '../ui/form/use-problems.ts';
import { Wrong } from '../ui/form/wrong.tsx';

interface Props {
  readonly fields: readonly FormField[];
  readonly typed: Typed;
  readonly units: Units;
  /** What is wrong, by field; what is about none of those that are asked stands below them. */
  readonly problems: Problems;
  readonly onChange: (typed: Typed) => void;
  /** How many stand beside each other. */
  readonly columns?: string;
}

/** A text that may hang on the user's units. */
function textIn(text: string | ((units: Units) => string), units: Units): string {
  return typeof text === 'function' ? text(units) : text;
}

/** The fields of a form that are asked, each with what is wrong with it. */
export function FormFieldsGrid({
  fields,
  typed,
  units,
  problems,
  onChange,
  columns = 'grid-cols-2 md:grid-cols-4',
}: Props) {
  const say = useWords();
  const asked = askedFields(fields, typed);
  const named = new Set(asked.map(({ name }) => name));
  const elsewhere = Object.entries(problems).filter(([name]) => !named.has(name));
  return (
    <>
      <div className={`mt-2 grid gap-3 ${columns}`}>
        {asked.map((field) => {
          const { name, label, quantity, options, hint, placeholder, type, rows = 2, wide } = field;
          const called = textIn(label, units);
          const hintText = say(hint?.(typed) ?? '') || undefined;
          const bound = {
            label: quantity === undefined ? called : `${called} (${shownAs(quantity, units).unit})`,
            value: typed[name] ?? '',
            error: problems[name],
            onChange: (event: { readonly target: { readonly value: string } }) =>
              onChange({ ...typed, [name]: event.target.value }),
            ...(wide ? { className: 'col-span-2' } : {}),
          };
          if (options) {
            const list = typeof options === 'function' ? options(units) : options;
            return <SelectField key={name} {...bound} options={list} />;
          }
          if (type === 'lines') {
            const { error, ...area } = bound;
            return <TextArea key={name} {...area} rows={rows} errors={error === undefined ? [] : [error]} />;
          }
          const shown = placeholder === undefined ? {} : { placeholder: textIn(placeholder, units) };
          const keys = typingOf(field).isFigure ? ({ inputMode: 'decimal' } as const) : {};
          return (
            <Field key={name} {...bound} {...shown} {...keys} {...(type ? { type } : {})} hint={hintText} />
          );
        })}
      </div>
      {elsewhere.map(([name, message]) => (
        <Wrong key={name}>{message}</Wrong>
      ))}
    </>
  );
}
