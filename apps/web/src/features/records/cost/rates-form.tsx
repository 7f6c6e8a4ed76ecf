import { validated } from '@hot-bead/contract/base';
import { type ShopRates, shopRatesSchema, WORK_KINDS } from '@hot-bead/contract/shop';
import { sentence, type Units } from '@hot-bead/core/base';
import { OPERATING_FACTORS, USUAL_RATES, USUAL_TIP_LIFE_H, type WorkKind } from '@hot-bead/core/records';
import { useQuery } from '@tanstack/react-query';
import { Button } from '../../../ui/button.tsx';
import { type FormField, TEXT, type Typing } from '../../../form/form-fields.ts';
import { FormFieldsGrid } from '../../../form/form-fields-grid.tsx';
import { useForm } from '../../../form/use-form.ts';
import { Wrong } from '../../../ui/form/wrong.tsx';
import { Section } from '../../../ui/page/section.tsx';
import { useToast } from '../../../ui/toasts.tsx';
import { NOTHING_CHOSEN, shopQuery, useChangeShop } from '../../shop/index.ts';
import { numberOrText, shownAs } from '../../../units/index.ts';

/** A price of one of the core's units, as a price of the one that the user buys by. */
function priceOf(unitOf: (units: Units) => number): Typing {
  return {
    show: (price: number, units) => String(Number((price * unitOf(units)).toFixed(3))),
    read: (text, units) => {
      const price = numberOrText(text);
      return typeof price === 'number' ? price / unitOf(units) : price;
    },
    isFigure: true,
  };
}

const isInPounds = (units: Units): boolean => shownAs('weight', units).unit === 'lb';
/** Litres are too small to buy by. */
const isInCubicMetres = (units: Units): boolean => shownAs('gasVolume', units).unit === 'L';
/** What wire is bought by, kg. */
const WIRE_PRICE = priceOf((units) => shownAs('weight', units).to(1));
/** What gas is bought by, m³. */
const GAS_PRICE = priceOf((units) => (isInCubicMetres(units) ? 1 : shownAs('gasVolume', units).to(1) / 1000));
const PRICE = priceOf(() => 1);

function rate(name: string, label: FormField['label'], usual: number | undefined, typing = PRICE): FormField {
  const placeholder =
    usual === undefined ? 'none' : (units: Units) => `${typing.show(usual as never, units)}, assumed`;
  return { name, label, typing, placeholder };
}

/** Kinds of work to pick from, each with the share of the time that its arc burns. */
export const KIND_CHOICES: readonly (readonly [WorkKind, string])[] = WORK_KINDS.map((kind) => {
  const { name, factor } = OPERATING_FACTORS[kind];
  return [kind, `${sentence(name)}: arc ${Math.round(factor[0] * 100)}–${Math.round(factor[2] * 100)} %`];
});

const FIELDS: readonly FormField[] = [
  rate('perHour', 'An hour of work', USUAL_RATES.perHour),
  rate(
    'perWireKg',
    (units) => (isInPounds(units) ? 'A pound of wire' : 'A kilogram of wire'),
    USUAL_RATES.perWireKg,
    WIRE_PRICE,
  ),
  rate(
    'perGasM3',
    (units) => (isInCubicMetres(units) ? 'A cubic metre of gas' : 'A cubic foot of gas'),
    USUAL_RATES.perGasM3,
    GAS_PRICE,
  ),
  rate('perKWh', 'A kilowatt-hour', USUAL_RATES.perKWh),
  rate('perTip', 'A contact tip', USUAL_RATES.perTip),
  rate('tipLifeH', 'A tip lasts (h of arc)', USUAL_TIP_LIFE_H),
  rate('minimum', 'The least that is charged', undefined),
  { name: 'currency', label: 'Money is written', typing: TEXT, placeholder: 'nothing' },
  {
    name: 'kind',
    label: 'Usual kind of work',
    options: [['', 'Not said: bench work'], ...KIND_CHOICES],
    wide: true,
  },
  {
    name: 'leftOut',
    label: 'What a quote leaves out',
    typing: TEXT,
    placeholder: 'paint, taking apart, tests',
    wide: true,
  },
];

function RatesForm({ rates }: { readonly rates: ShopRates }) {
  const { data: shop = NOTHING_CHOSEN } = useQuery(shopQuery);
  const change = useChangeShop();
  const toast = useToast();
  const { bound, entered, submit } = useForm(FIELDS, { kept: rates });
  const save = (): void =>
    submit(
      () => validated(shopRatesSchema, entered()),
      (next) => {
        change.mutate({ ...shop, rates: next });
        toast('Quotes are reckoned by these');
      },
    );
  return (
    <form
      noValidate
      className="mt-2 grid max-w-md gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        save();
      }}
    >
      <FormFieldsGrid {...bound} columns="grid-cols-2" />
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
