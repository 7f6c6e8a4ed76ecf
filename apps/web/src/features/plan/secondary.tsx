import { type Machine, type PlannedSetup, sourceText } from '@hot-bead/core';
import { Section } from '../../ui/page/section.tsx';

interface Props {
  readonly plan: PlannedSetup;
  readonly machine: Machine | undefined;
}

/** The settings behind the four numbers, for what the machine has. */
export function Secondary({ plan, machine }: Props) {
  const known = machine?.features !== undefined;
  return (
    <Section
      id="secondary"
      title={known ? `Other settings on ${machine.name}` : 'Other settings, where your machine has them'}
    >
      {plan.secondary.length === 0 ? (
        <p className="mt-1">{machine?.name ?? 'This machine'} has none of them for this work.</p>
      ) : (
        <dl className="mt-1">
          {plan.secondary.map(({ feature, name, set, why, source }) => (
            <div
              key={feature}
              className="grid grid-cols-[136px_1fr] gap-x-3 border-b border-line py-1.5 last:border-b-0"
            >
              <dt className="font-medium">{name}</dt>
              <dd>
                <span className="font-semibold">{set}</span>
                <span className="block text-sm text-ink-soft">
                  {why} [{sourceText(source)}]
                </span>
              </dd>
            </div>
          ))}
        </dl>
      )}
    </Section>
  );
}
