import { validated } from '@hot-bead/contract/base';
import { type ShopRates, shopRatesSchema, WORK_KINDS } from '@hot-bead/contract/shop';
import { sentence } from '@hot-bead/core/base';
import { OPERATING_FACTORS, USUAL_RATES, USUAL_TIP_LIFE_H, type WorkKind } from '@hot-bead/core/records';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Button } from '../../../ui/button.tsx';
import { Field, SelectField } from '../../../ui/form/field.tsx';
import { sendChecked } from '../../../ui/form/problems.ts';
import { Wrong } from '../../../ui/form/wrong.tsx';
import { Section } from '../../../ui/page/section.tsx';
import { useToast } from '../../../ui/toasts.tsx';
import { NOTHING_CHOSEN, shopQuery, useChangeShop } from '../../shop/index.ts';
import { numberOrText } from '../../../units/index.ts';

type NumberRate = Exclude<keyof ShopRates, 'currency' | 'kind' | 'leftOut'>;

const NUMBERS: readonly (readonly [NumberRate, string, number | undefined])[] = [
  ['perHour', 'An hour of work', USUAL_RATES.perHour],
  ['perWireKg', 'A kilogram of wire', USUAL_RATES.perWireKg],
  ['perGasM3', 'A cubic metre of gas', USUAL_RATES.perGasM3],
  ['perKWh', 'A kilowatt-hour', USUAL_RATES.perKWh],
  ['perTip', 'A contact tip', USUAL_RATES.perTip],
  ['tipLifeH', 'A tip lasts (h of arc)', USUAL_TIP_LIFE_H],
  ['minimum', 'The least that is charged', undefined],
];

/** Kinds of work to pick from, each with the share of the time that its arc burns. */
export const KIND_CHOICES: readonly (readonly [WorkKind, string])[] = WORK_KINDS.map((kind) => {
  const { name, factor } = OPERATING_FACTORS[kind];
  return [kind, `${sentence(name)}: arc ${Math.round(factor[0] * 100)}–${Math.round(factor[2] * 100)} %`];
});

type Typed = Readonly<Record<NumberRate | 'currency' | 'kind' | 'leftOut', string>>;

function typedOf(rates: ShopRates): Typed {
  const text = (value: string | number | undefined): string => (value === undefined ? '' : String(value));
  return {
    ...(Object.fromEntries(NUMBERS.map(([name]) => [name, text(rates[name])])) as Record<NumberRate, string>),
    currency: text(rates.currency),
    kind: text(rates.kind),
    leftOut: text(rates.leftOut),
  };
}

function ratesOf(typed: Typed): Record<string, unknown> {
  const numbers = NUMBERS.map(([name]) => [name, typed[name] === '' ? undefined : numberOrText(typed[name])]);
  const words = (['currency', 'kind', 'leftOut'] as const).map((name) => [
    name,
    typed[name].trim() || undefined,
  ]);
  return Object.fromEntries([...numbers, ...words].filter(([, value]) => value !== undefined)) as Record<
    string,
    unknown
  >;
}

function RatesForm({ rates }: { readonly rates: ShopRates }) {
  const { data: shop = NOTHING_CHOSEN } = useQuery(shopQuery);
  const change = useChangeShop();
  const toast = useToast();
  const [typed, setTyped] = useState(() => typedOf(rates));
  const [faults, setFaults] = useState<Readonly<Partial<Record<string, string>>>>({});
  const set = (name: keyof Typed) => (event: { readonly target: { readonly value: string } }) =>
    setTyped({ ...typed, [name]: event.target.value });
  const save = (): void => {
    setFaults({});
    sendChecked({
      check: () => validated(shopRatesSchema, ratesOf(typed)),
      send: (next) => {
        change.mutate({ ...shop, rates: next });
        toast('Quotes are reckoned by these');
      },
      place: (problems) =>
        setFaults(Object.fromEntries(problems.map(({ field, message }) => [field, message]))),
    });
  };
  return (
    <form
      noValidate
      className="mt-2 grid max-w-md gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        save();
      }}
    >
      <div className="grid grid-cols-2 gap-3">
        {NUMBERS.map(([name, label, usual]) => (
          <Field
            key={name}
            label={label}
            inputMode="decimal"
            placeholder={usual === undefined ? 'none' : `${usual}, assumed`}
            value={typed[name]}
            error={faults[name]}
            onChange={set(name)}
          />
        ))}
        <Field
          label="Money is written"
          placeholder="nothing"
          value={typed.currency}
          error={faults['currency']}
          onChange={set('currency')}
        />
      </div>
      <SelectField
        label="Usual kind of work"
        options={[['', 'Not said: bench work'], ...KIND_CHOICES]}
        value={typed.kind}
        error={faults['kind']}
        onChange={set('kind')}
      />
      <Field
        label="What a quote leaves out"
        placeholder="paint, taking apart, tests"
        value={typed.leftOut}
        error={faults['leftOut']}
        onChange={set('leftOut')}
      />
      {change.error && <Wrong>{change.error.message} The rates were taken back.</Wrong>}
      <Button type="submit" tone="main" className="justify-self-start">
        Keep the rates
      </Button>
    </form>
  );
}

/** What an hour, wire, gas, power and tips cost in this shop. */
export function RatesSection() {
  const { data: shop } = useQuery(shopQuery);
  if (!shop) return null;
  return (
    <Section id="rates" title="What things cost here">
      <RatesForm key={JSON.stringify(shop.rates)} rates={shop.rates} />
    </Section>
  );
}
