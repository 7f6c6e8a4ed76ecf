import { ARC_SHARE_RANGE_PERCENT, clockMinutes, type ShopDay, USUAL_DAY } from '@hot-bead/core/day';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Button } from '../../ui/button.tsx';
import { Field } from '../../ui/form/field.tsx';
import { Wrong } from '../../ui/form/wrong.tsx';
import { Section } from '../../ui/page/section.tsx';
import { useToast } from '../../ui/toasts.tsx';
import { machineListQuery } from '../machine/index.ts';
import { NOTHING_CHOSEN, shopQuery, useChangeShop } from '../shop/index.ts';

interface Typed {
  readonly opens: string;
  readonly closes: string;
  readonly share: string;
}

function faultsOf({ opens, closes, share }: Typed): { readonly closes?: string; readonly share?: string } {
  const isShut = clockMinutes(closes) <= clockMinutes(opens);
  const [least, most] = ARC_SHARE_RANGE_PERCENT;
  const percent = Number(share.replace(',', '.'));
  const isShare = share.trim() !== '' && percent >= least && percent <= most;
  return {
    ...(isShut ? { closes: 'The day closes after it opens.' } : {}),
    ...(isShare ? {} : { share: `The share of arc time is ${least} to ${most} %.` }),
  };
}

/** Hours of one machine that differ from the shop's. */
function MachineHours({
  name,
  own,
  usual,
  onChange,
}: {
  readonly name: string;
  readonly own: { readonly opens: string; readonly closes: string } | undefined;
  readonly usual: Typed;
  readonly onChange: (own: { readonly opens: string; readonly closes: string } | undefined) => void;
}) {
  if (!own) {
    return (
      <Button
        tone="quiet"
        className="justify-self-start"
        onClick={() => onChange({ opens: usual.opens, closes: usual.closes })}
      >
        {name}: other hours
      </Button>
    );
  }
  const isShut = clockMinutes(own.closes) <= clockMinutes(own.opens);
  return (
    <div className="flex flex-wrap items-end gap-3">
      <Field
        label={`${name} opens`}
        type="time"
        value={own.opens}
        onChange={(event) => onChange({ ...own, opens: event.target.value })}
      />
      <Field
        label={`${name} closes`}
        type="time"
        value={own.closes}
        error={isShut ? 'It closes after it opens.' : undefined}
        onChange={(event) => onChange({ ...own, closes: event.target.value })}
      />
      <Button tone="quiet" onClick={() => onChange(undefined)}>
        As the shop
      </Button>
    </div>
  );
}

function DayForm({ day }: { readonly day: ShopDay }) {
  const { data: shop = NOTHING_CHOSEN } = useQuery(shopQuery);
  const { data: machines = [] } = useQuery(machineListQuery);
  const change = useChangeShop();
  const toast = useToast();
  const [typed, setTyped] = useState<Typed>({
    opens: day.opens ?? USUAL_DAY.opens,
    closes: day.closes ?? USUAL_DAY.closes,
    share: String(day.arcSharePercent ?? USUAL_DAY.arcSharePercent),
  });
  const [own, setOwn] = useState<NonNullable<ShopDay['machines']>>(day.machines ?? {});
  const faults = faultsOf(typed);
  const isWrong =
    faults.closes !== undefined ||
    faults.share !== undefined ||
    Object.values(own).some(({ opens, closes }) => clockMinutes(closes) <= clockMinutes(opens));
  return (
    <form
      className="mt-2 grid max-w-md gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (isWrong) return;
        const next: ShopDay = {
          opens: typed.opens,
          closes: typed.closes,
          arcSharePercent: Number(typed.share.replace(',', '.')),
          ...(Object.keys(own).length === 0 ? {} : { machines: own }),
        };
        change.mutate({ ...shop, day: next });
        toast('The day is put in order by these hours');
      }}
    >
      <div className="grid grid-cols-2 gap-3">
        <Field
          label="Opens"
          type="time"
          value={typed.opens}
          onChange={(event) => setTyped({ ...typed, opens: event.target.value })}
        />
        <Field
          label="Closes"
          type="time"
          value={typed.closes}
          error={faults.closes}
          onChange={(event) => setTyped({ ...typed, closes: event.target.value })}
        />
      </div>
      <Field
        label="Share of the time that the arc burns (%)"
        inputMode="decimal"
        value={typed.share}
        error={faults.share}
        hint="A quarter is common practice by hand: fitting, clamping and cleaning take the rest."
        onChange={(event) => setTyped({ ...typed, share: event.target.value })}
      />
      {machines.map(({ id, name }) => (
        <MachineHours
          key={id}
          name={name}
          own={own[id]}
          usual={typed}
          onChange={(hours) => {
            const { [id]: _old, ...others } = own;
            setOwn(hours ? { ...others, [id]: hours } : others);
          }}
        />
      ))}
      {change.error && <Wrong>{change.error.message} The hours were taken back.</Wrong>}
      <Button type="submit" tone="main" disabled={isWrong} className="justify-self-start">
        Keep the hours
      </Button>
    </form>
  );
}

/** When the shop and each machine is open, and how much of the time at a job is arc time. */
export function DayHours() {
  const { data: shop } = useQuery(shopQuery);
  if (!shop) return null;
  return (
    <Section id="hours" title="The shop’s day">
      <DayForm key={JSON.stringify(shop.day)} day={shop.day} />
    </Section>
  );
}
