import { useWords } from '../../units/index.ts';
import { settledSchools, type SchoolRow, sourceText } from '@hot-bead/core/base';
import { useQuery } from '@tanstack/react-query';
import { OptionList } from '../../ui/option-list.tsx';
import { NOTHING_CHOSEN, shopQuery, useChangeShop } from './shop.queries.ts';
import { Wrong } from '../../ui/form/wrong.tsx';

interface Props {
  readonly school: SchoolRow;
  /** What each side comes to on a plan, by the side's value. */
  readonly gives?: Readonly<Record<string, string>>;
}

/** One disagreement of the trade with its sides; the choice is remembered for the shop. */
export function SchoolChoice({ school, gives = {} }: Props) {
  const say = useWords();
  const { data: shop = NOTHING_CHOSEN } = useQuery(shopQuery);
  const change = useChangeShop();
  const chosen = settledSchools(shop.schools)[school.id];
  return (
    <section className="border-b border-line py-3 last:border-b-0">
      <h3 className="font-semibold">{school.question}</h3>
      <OptionList
        label={school.question}
        value={chosen}
        options={school.options.map(({ value, name, says }) => ({
          value,
          label: gives[value] === undefined ? say(name) : `${say(name)}: ${gives[value]}`,
          note: say(says),
        }))}
        onPick={(value) => change.mutate({ ...shop, schools: { ...shop.schools, [school.id]: value } })}
      />
      <p className="mt-1 text-sm text-ink-soft">
        Our default: {say(school.whyDefault)} [{sourceText(school.source)}]
      </p>
      {change.error && <Wrong>{change.error.message} The choice was taken back.</Wrong>}
    </section>
  );
}
