import { useWords } from '../../units/index.ts';
import type { KeptMachine } from '@hot-bead/contract/machine';
import { sourceText } from '@hot-bead/core/base';
import type { PlannedSetup, SecondarySetting } from '@hot-bead/core/plan';
import { Link } from 'react-router';
import { machinePart, SETTINGS_PART } from '../terms/index.ts';
import { Section } from '../../ui/page/section.tsx';

interface Props {
  readonly plan: PlannedSetup;
  readonly machine: KeptMachine | undefined;
}

/** Whether the machine's scale of one of its numbers was never told. */
function isScaleless({ values }: SecondarySetting, machine: KeptMachine): boolean {
  const scaled = new Set(machine.settings?.filter(({ scale }) => scale).map(({ setting }) => setting));
  return values.some(({ setting, off, relative }) => !off && relative && !scaled.has(setting));
}

/** The settings behind the four numbers, for what the machine has. */
export function Secondary({ plan, machine }: Props) {
  const say = useWords();
  const known = machine?.features !== undefined;
  return (
    <Section
      id="secondary"
      title={known ? `Other settings on ${machine.name}` : 'Other settings, where your machine has them'}
    >
      {machine && plan.secondary.some((one) => isScaleless(one, machine)) && (
        <p className="text-sm text-ink-soft">
          “Middle” and shares stand where the scale is not known:{' '}
          <Link className="text-action underline" to={machinePart(machine.id, SETTINGS_PART)}>
            say how {machine.name} counts
          </Link>
          .
        </p>
      )}
      {plan.secondary.length === 0 ? (
        <p className="mt-1">{machine?.name ?? 'This machine'} has none of them for this work.</p>
      ) : (
        <dl className="mt-1 grid gap-x-8 md:grid-cols-2">
          {plan.secondary.map(({ feature, name, set, why, source }) => (
            <div
              key={feature}
              className="grid grid-cols-[136px_1fr] content-start gap-x-3 border-b border-line py-1.5"
            >
              <dt className="font-medium">{name}</dt>
              <dd>
                <span className="font-semibold">{say(set)}</span>
                <span className="block text-sm text-ink-soft">
                  {say(why)} [{sourceText(source)}]
                </span>
              </dd>
            </div>
          ))}
        </dl>
      )}
    </Section>
  );
}
