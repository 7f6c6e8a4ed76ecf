import type { KeptMachine, MachineChange } from '@hot-bead/contract/machine';
import type { RigQuestion } from '@hot-bead/core/changeover';
import { useChangeMachine } from '../machine/index.ts';
import { useToast } from '../../ui/toasts.tsx';

interface Question {
  readonly ask: string;
  /** What is reckoned with until it is told. */
  readonly taken: string;
  readonly answers: readonly (readonly [label: string, change: MachineChange])[];
}

const QUESTIONS: Readonly<Record<RigQuestion, Question>> = {
  polarityChange: {
    ask: 'How are its leads swapped?',
    taken: 'links behind the door',
    answers: [
      ['plugs in front', { polarityChange: 'sockets' }],
      ['links behind the door', { polarityChange: 'links' }],
      ['a switch', { polarityChange: 'switch' }],
      ['not at all', { polarityChange: 'fixed' }],
    ],
  },
  spoolGunPort: {
    ask: 'Where would a spool gun be plugged in?',
    taken: 'the gun’s own socket',
    answers: [
      ['a socket of its own', { spoolGunPort: 'own' }],
      ['the gun’s socket', { spoolGunPort: 'shared' }],
      ['nowhere', { spoolGunPort: 'none' }],
    ],
  },
  gasStand: {
    ask: 'Does a second bottle with its own regulator stand ready?',
    taken: 'one bottle',
    answers: [
      ['one bottle', { gasStand: 'one' }],
      ['two, only the hose moves', { gasStand: 'two' }],
    ],
  },
  purgeButton: {
    ask: 'Has it a button that lets gas through without the trigger?',
    taken: 'none',
    answers: [
      ['yes', { purgeButton: true }],
      ['no', { purgeButton: false }],
    ],
  },
};

/** What decides a step and was only taken so: asked once. */
export function RigQuestions({
  machine,
  assumed,
}: {
  readonly machine: KeptMachine;
  readonly assumed: readonly RigQuestion[];
}) {
  const change = useChangeMachine();
  const toast = useToast();
  if (assumed.length === 0) return null;
  return (
    <section
      aria-label={`Asked once of ${machine.name}`}
      className="rounded-md border border-dashed border-line-strong bg-plate p-4"
    >
      <h2 className="font-semibold">Asked once of {machine.name}</h2>
      <div className="mt-2 grid gap-3 md:grid-cols-2">
        {assumed.map((question) => {
          const { ask, taken, answers } = QUESTIONS[question];
          return (
            <fieldset key={question}>
              <legend>
                {ask} <span className="text-sm text-ink-soft">Taken so far: {taken}.</span>
              </legend>
              <div className="mt-1 flex flex-wrap gap-2">
                {answers.map(([label, asked]) => (
                  <button
                    key={label}
                    type="button"
                    className="min-h-12 rounded-md border border-line-strong bg-plate px-4 font-medium hover:border-action"
                    onClick={() =>
                      change.mutate(
                        { kept: machine, change: asked },
                        {
                          onSuccess: (_kept, undo) => toast('Told', undo),
                          onError: (error) => toast(`Not kept. ${error.message}`),
                        },
                      )
                    }
                  >
                    {label}
                  </button>
                ))}
              </div>
            </fieldset>
          );
        })}
      </div>
    </section>
  );
}
