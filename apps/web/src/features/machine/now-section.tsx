import { usePreferences } from '../../preferences/preferences.tsx';
import { useWords } from '../../units/index.ts';
import { sentence, wireSizeText } from '@hot-bead/core/base';
import type { KeptMachine } from '@hot-bead/contract/machine';
import { ROLL_WORD } from '@hot-bead/core/changeover';
import { programForText } from '@hot-bead/core/machine';
import { gasOf } from '@hot-bead/core/trade';
import { ButtonLink } from '../../ui/button.tsx';
import { Section } from '../../ui/page/section.tsx';
import { Pick } from '../../ui/pick.tsx';
import { machinePart } from '../terms/index.ts';
import { RigStanding } from './rig-standing.tsx';
import { useChangeWithUndo } from './use-change-with-undo.ts';

/** What was not told yet, and what it would be good for. */
const WORTH_TELLING: readonly (readonly [field: keyof KeptMachine, what: string, goodFor: string])[] = [
  ['currentRangeA', 'the currents it gives', 'plans stay within its reach'],
  ['wireFeedSpeedRangeMPerMin', 'its slowest and fastest wire', 'a speed it cannot run is refused'],
  ['duty', 'the duty on its plate', 'arc and rest are worked out for long seams'],
  ['features', 'what else it has', 'pulse is planned, and only its own settings are told'],
  ['rolls', 'the rolls it has', 'a plan says when one is missing'],
  ['mains', 'its mains and breaker', 'a plan says whether the breaker holds'],
];

/** A list that leads to where each is told; nothing where all of it is known. */
export function WorthTelling({ machine }: { readonly machine: KeptMachine }) {
  const missing = WORTH_TELLING.filter(([field]) => machine[field] === undefined);
  if (missing.length === 0) return null;
  return (
    <Section id="worth-telling" title="Not told yet">
      <ul className="mt-1 grid gap-1">
        {missing.map(([field, what, goodFor]) => (
          <li key={field}>
            <span className="font-medium">{sentence(what)}</span>{' '}
            <span className="text-ink-soft">so that {goodFor}</span>
          </li>
        ))}
      </ul>
      <ButtonLink to={machinePart(machine.id, 'what')} className="mt-3">
        Tell it
      </ButtonLink>
    </Section>
  );
}

const PORTS = [
  ['', '? not known'],
  ['own', 'a socket of its own'],
  ['shared', 'the gun’s socket'],
  ['none', 'nowhere'],
] as const;
const STANDS = [
  ['', '? not known'],
  ['one', 'one'],
  ['two', 'two, each with its regulator'],
] as const;
const BUTTONS = [
  ['', '? not known'],
  ['yes', 'yes'],
  ['no', 'no'],
] as const;

/** What decides the steps of a changeover, as a rig asks it once: here it is put right. */
function RigFactPicks({ machine }: { readonly machine: KeptMachine }) {
  const { set } = useChangeWithUndo(machine);
  const { spoolGunPort = '', gasStand = '', purgeButton } = machine;
  return (
    <div className="grid gap-3 md:grid-cols-3">
      <Pick
        label="Spool gun plugs into"
        value={spoolGunPort}
        options={PORTS}
        onPick={(port) => set({ spoolGunPort: port === '' ? null : port }, 'Told')}
      />
      <Pick
        label="Bottles that stand ready"
        value={gasStand}
        options={STANDS}
        onPick={(stand) => set({ gasStand: stand === '' ? null : stand }, 'Told')}
      />
      <Pick
        label="Purge button"
        value={purgeButton === undefined ? '' : purgeButton ? 'yes' : 'no'}
        options={BUTTONS}
        onPick={(has) => set({ purgeButton: has === '' ? null : has === 'yes' }, 'Told')}
      />
    </div>
  );
}

/** How the machine stands: what is on it, which way the leads are, which program it is on. */
export function NowSection({ machine }: { readonly machine: KeptMachine }) {
  const { units } = usePreferences();
  const say = useWords();
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
    ['wire', `${wireSizeText(loadedWireDiameterMm, units)} ${loadedWireClass}`],
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
        : rolls
            .map(({ form, grooveMm }) => `${ROLL_WORD[form]} ${wireSizeText(grooveMm, units)}`)
            .join(', ') || 'none',
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
      <RigStanding machine={machine} />
      <div className="flex flex-wrap gap-3">
        <ButtonLink to={`/machines/${machine.id}/check`} className="min-h-14">
          Look it over
        </ButtonLink>
        <ButtonLink to={`/machines/${machine.id}/close`} className="min-h-14">
          Close it down
        </ButtonLink>
      </div>
      <RigFactPicks machine={machine} />
      {programs.length > 0 && (
        <div className="max-w-md">
          <Pick
            label="It stands on program"
            value={standing?.name ?? ''}
            options={[['', '? not known'], ...programs.map(({ name }) => [name, name] as const)]}
            onPick={(name) => set({ standingProgram: name === '' ? null : name }, 'Program noted')}
          />
          {standing && <p className="mt-1 text-sm text-ink-soft">{say(programForText(standing))}</p>}
        </div>
      )}
    </Section>
  );
}
