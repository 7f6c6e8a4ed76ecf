import { validated } from '@hot-bead/contract/base';
import { type KeptMachine, machineSettingSchema } from '@hot-bead/contract/machine';
import { sentence } from '@hot-bead/core/base';
import {
  type MachineSetting,
  machineSettingText,
  SCALE_UNITS,
  type ScaleUnit,
  SETTING_TABLE,
  type SettingId,
} from '@hot-bead/core/machine';
import { useState } from 'react';
import { Button } from '../../ui/button.tsx';
import { Field } from '../../ui/form/field.tsx';
import { useProblems } from '../../ui/form/use-problems.ts';
import { Wrong } from '../../ui/form/wrong.tsx';
import { Section } from '../../ui/page/section.tsx';
import { Pick } from '../../ui/pick.tsx';
import { numberOrText } from '../../units/index.ts';
import { useChangeWithUndo } from './use-change-with-undo.ts';

const UNIT_OPTIONS = SCALE_UNITS.map((unit) => [unit, unit === 'mark' ? 'bare marks' : unit] as const);

/** A setting as the editor holds it: text until the contract has seen it. */
interface SettingTexts {
  readonly name: string;
  readonly unit: ScaleUnit;
  readonly least: string;
  readonly most: string;
  readonly middle: string;
  readonly step: string;
}

const NUMBERS = [
  ['least', 'From'],
  ['most', 'To'],
  ['middle', 'Middle (empty: half-way)'],
  ['step', 'Step (empty: a digit)'],
] as const;

function textsOf(own: MachineSetting | undefined): SettingTexts {
  const text = (value: number | undefined): string => (value === undefined ? '' : String(value));
  const scale = own?.scale;
  return {
    name: own?.name ?? '',
    unit: scale?.unit ?? 'mark',
    least: text(scale?.least),
    most: text(scale?.most),
    middle: text(scale?.middle),
    step: text(scale?.step),
  };
}

function settingOf(setting: SettingId, texts: SettingTexts): MachineSetting {
  const { name, unit, ...ends } = texts;
  const written = Object.entries(ends).filter(([, text]) => text.trim() !== '');
  return validated(machineSettingSchema, {
    setting,
    ...(name.trim() === '' ? {} : { name }),
    ...(written.length === 0
      ? {}
      : { scale: { unit, ...Object.fromEntries(written.map(([key, text]) => [key, numberOrText(text)])) } }),
  });
}

interface EditorProps {
  readonly setting: SettingId;
  readonly title: string;
  readonly own: MachineSetting | undefined;
  readonly saving: boolean;
  readonly onKeep: (next: MachineSetting, onError: (error: Error) => void) => void;
  readonly onClose: () => void;
}

function Editor({ setting, title, own, saving, onKeep, onClose }: EditorProps) {
  const [texts, setTexts] = useState(() => textsOf(own));
  const { problems, submit } = useProblems();
  const set = (key: keyof SettingTexts) => (value: string) => setTexts({ ...texts, [key]: value });
  const known = new Set(['name', ...NUMBERS.map(([key]) => `scale.${key}`)]);
  return (
    <form
      noValidate
      aria-label={title}
      className="grid gap-3 pb-3"
      onSubmit={(event) => {
        event.preventDefault();
        submit(() => settingOf(setting, texts), onKeep);
      }}
    >
      <div className="grid grid-cols-2 gap-3 md:grid-cols-6">
        <Field
          label="The machine calls it"
          value={texts.name}
          error={problems['name']}
          onChange={(event) => set('name')(event.target.value)}
        />
        <Pick<ScaleUnit>
          label="It counts in"
          value={texts.unit}
          options={UNIT_OPTIONS}
          onPick={(unit) => setTexts({ ...texts, unit })}
        />
        {NUMBERS.map(([key, label]) => (
          <Field
            key={key}
            label={label}
            inputMode="decimal"
            value={texts[key]}
            error={problems[`scale.${key}`]}
            onChange={(event) => set(key)(event.target.value)}
          />
        ))}
      </div>
      {Object.entries(problems)
        .filter(([field]) => !known.has(field))
        .map(([field, message]) => (
          <Wrong key={field}>{message}</Wrong>
        ))}
      <div className="flex gap-3">
        <Button type="submit" tone="main" disabled={saving}>
          {saving ? 'Keeping…' : 'Keep it'}
        </Button>
        <Button onClick={onClose}>Leave it as it was</Button>
      </div>
    </form>
  );
}

/** What the machine calls its settings and how it counts them: plans then give numbers of its own scales. */
export function ScalesSection({ machine }: { readonly machine: KeptMachine }) {
  const { set, saving } = useChangeWithUndo(machine);
  const [open, setOpen] = useState<SettingId | undefined>();
  const { settings = [], features } = machine;
  const rows = SETTING_TABLE.filter(({ feature }) => features?.includes(feature) !== false);
  const keep = (id: SettingId, next: MachineSetting | undefined, settle?: (error?: Error) => void): void => {
    const others = settings.filter(({ setting }) => setting !== id);
    const tells = next && (next.name !== undefined || next.scale !== undefined);
    const all = tells ? [...others, next] : others;
    set({ settings: all.length === 0 ? null : all }, next ? 'Scale kept' : 'Scale forgotten', settle);
  };
  return (
    <Section id="scales" title="Its settings, and how it counts them">
      <p className="text-ink-soft">
        Plans say “middle” only where the scale is not known. Read its ends off the panel: 0 to 99, 0.1 to 5
        s, −30 to +30.
      </p>
      {rows.length === 0 && <p className="mt-2">It has none of them. Tick what it has under “What it is”.</p>}
      <ul className="mt-2">
        {rows.map(({ id, name }) => {
          const own = settings.find(({ setting }) => setting === id);
          return (
            <li key={id} className="border-b border-line last:border-b-0">
              <div className="flex min-h-12 flex-wrap items-center gap-x-4">
                <span className="w-56 font-medium max-md:w-full">{sentence(name)}</span>
                <span className="flex-1 text-[15px] text-ink-soft max-md:basis-full">
                  {own ? machineSettingText(own) : 'not told'}
                </span>
                {own && (
                  <Button tone="quiet" onClick={() => keep(id, undefined)}>
                    Forget<span className="sr-only"> how it counts {name}</span>
                  </Button>
                )}
                <Button
                  tone="quiet"
                  aria-expanded={open === id}
                  onClick={() => setOpen(open === id ? undefined : id)}
                >
                  {own ? 'Change' : 'Tell'}
                  <span className="sr-only"> how it counts {name}</span>
                </Button>
              </div>
              {open === id && (
                <Editor
                  setting={id}
                  title={name}
                  own={own}
                  saving={saving}
                  onClose={() => setOpen(undefined)}
                  onKeep={(next, onError) =>
                    keep(id, next, (error) => (error ? onError(error) : setOpen(undefined)))
                  }
                />
              )}
            </li>
          );
        })}
      </ul>
    </Section>
  );
}
