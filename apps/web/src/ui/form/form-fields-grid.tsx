import type { Units } from '@hot-bead/core/base';
import { shownAs, useWords } from '../../units/index.ts';
import { Field, SelectField } from './field.tsx';
import { askedFields, type FormField, type Typed } from './form-fields.ts';
import { TextArea } from './text-area.tsx';
import { Wrong } from './wrong.tsx';

interface Props {
  readonly fields: readonly FormField[];
  readonly typed: Typed;
  readonly units: Units;
  /** What is wrong, by field; what is about none of those that are asked stands below them. */
  readonly problems: Readonly<Record<string, string>>;
  readonly onChange: (typed: Typed) => void;
}

/** The fields of a form that are asked, each with what is wrong with it. */
export function FormFieldsGrid({ fields, typed, units, problems, onChange }: Props) {
  const say = useWords();
  const asked = askedFields(fields, typed);
  const named = new Set(asked.map(({ name }) => name));
  const elsewhere = Object.entries(problems).filter(([name]) => !named.has(name));
  return (
    <>
      <div className="mt-2 grid grid-cols-2 gap-3 md:grid-cols-4">
        {asked.map(({ name, label, quantity, options, hint, type, wide }) => {
          const told = say(hint?.(typed) ?? '') || undefined;
          const bound = {
            label: quantity === undefined ? label : `${label} (${shownAs(quantity, units).unit})`,
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
            return <TextArea key={name} {...area} rows={2} errors={error === undefined ? [] : [error]} />;
          }
          return <Field key={name} {...bound} {...(type ? { type } : {})} hint={told} />;
        })}
      </div>
      {elsewhere.map(([name, message]) => (
        <Wrong key={name}>{message}</Wrong>
      ))}
    </>
  );
}
