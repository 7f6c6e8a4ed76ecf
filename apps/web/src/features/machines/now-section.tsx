import type { KeptMachine } from '@hot-bead/contract';
import { gasOf, programForText } from '@hot-bead/core';
import { Section } from '../../ui/page/section.tsx';
import { Pick } from '../../ui/pick.tsx';
import { wireSizeText } from '../units/index.ts';
import { useChangeWithUndo } from './use-change-with-undo.ts';

const ROLL_WORD = { 'v-smooth': 'V', u: 'U', knurled: 'knurled' } as const;

/** How the machine stands: what is on it, which way the leads are, which program it is on. */
export function NowSection({ machine }: { readonly machine: KeptMachine }) {
  const { set } = useChangeWithUndo(machine);
  const {
    loadedWireClass,
    loadedWireDiameterMm,
    loadedGas,
    standingPolarity,
    rolls,
    programs = [],
  } = machine;
  const standing = programs.find(({ name }) => name === machine.standingProgram);
  const facts = [
    ['wire', `${wireSizeText(loadedWireDiameterMm)} ${loadedWireClass}`],
    ['gas', gasOf(loadedGas).name],
    [
      'leads',
      standingPolarity === undefined
        ? '? not known'
        : `gun on ${standingPolarity === 'DCEP' ? '+' : '−'} (${standingPolarity})`,
    ],
    [
      'rolls it has',
      rolls === undefined
        ? '? not known'
        : rolls.map(({ form, grooveMm }) => `${ROLL_WORD[form]} ${wireSizeText(grooveMm)}`).join(', ') ||
          'none',
    ],
  ] as const;
  return (
    <Section id="now" title="How it stands" className="grid grid-cols-1 content-start gap-3">
      <dl className="grid grid-cols-[104px_1fr] gap-x-3 gap-y-1.5">
        {facts.map(([name, text]) => (
          <div key={name} className="contents">
            <dt className="label-text pt-1">{name}</dt>
            <dd className="text-lg font-medium">{text}</dd>
          </div>
        ))}
      </dl>
      {programs.length > 0 && (
        <div className="max-w-md">
          <Pick
            label="It stands on program"
            value={standing?.name ?? ''}
            options={[['', '? not known'], ...programs.map(({ name }) => [name, name] as const)]}
            onPick={(name) => set({ standingProgram: name === '' ? null : name }, 'Program noted')}
          />
          {standing && <p className="mt-1 text-sm text-ink-soft">{programForText(standing)}</p>}
        </div>
      )}
    </Section>
  );
}
