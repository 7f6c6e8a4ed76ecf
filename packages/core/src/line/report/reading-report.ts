import { inWords, type Reader } from '../../base/words/in-words.ts';
import type { StatedWork } from '../../plan/work/stated-work.ts';
import type { LineReading } from '../line-reading.ts';

/** What was read of the words, for every kind of report. */
export interface ReportedReading {
  readonly understood: StatedWork;
  /** Everything that was chosen and not said: what follows from other words, and what the plan chose. */
  readonly assumed: readonly string[];
  readonly questions: readonly { message: string; choices: readonly string[] }[];
  /** Typing slips that were put right: the word as typed, and as it was read. */
  readonly corrected: readonly { text: string; readAs: string }[];
  /** Words and figures that are understood and have no part in the plan, with what they are taken for. */
  readonly noted: readonly { text: string; as: string }[];
  /** Everything in the line that has no part in the plan: not understood, or noted. */
  readonly notUnderstood: readonly string[];
}

/** Choices that the planner makes when they are not said, by their slot. */
const CHOSEN_SLOTS = [
  'metal',
  'joint',
  'position',
  'surface',
  'place',
  'windy',
  'way',
  'mode',
  'wireClass',
  'wireDiameterMm',
  'gas',
  'polarity',
] as const satisfies readonly (keyof StatedWork)[];

function assumedSlots(reading: LineReading, planned: boolean): readonly string[] {
  const chosen = planned ? CHOSEN_SLOTS.filter((slot) => reading.work[slot] === undefined) : [];
  return [...new Set<string>([...Object.keys(reading.assumed), ...chosen])];
}

/** What was read of a line, with what was chosen beside it. */
export function reportedReading(reading: LineReading, planned: boolean, reader: Reader): ReportedReading {
  const of = (...statuses: readonly string[]) =>
    reading.fragments.filter(({ status, text }) => statuses.includes(status) && text !== '');
  return {
    understood: { ...reading.assumed, ...reading.work },
    assumed: assumedSlots(reading, planned),
    corrected: reading.fragments.flatMap(({ text, corrected }) =>
      corrected === undefined ? [] : [{ text, readAs: corrected }],
    ),
    noted: of('noted').map(({ text, label }) => ({ text, as: inWords(label, reader) })),
    questions: reading.questions.map(({ message, choices }) => ({
      message: inWords(message, reader),
      choices: choices.map((c) => c.line),
    })),
    notUnderstood: of('not-understood', 'noted').map(({ text }) => text),
  };
}
