import type { Words } from '../base/words/words.ts';
import type { Meaning } from './meaning.ts';
import type { WorkSlot, StatedWork } from '../plan/work/stated-work.ts';

/** A choice that answers a question: `line` is the whole line with the answer written in. */
export interface LineChoice {
  readonly label: Words;
  readonly line: string;
}

export interface LineQuestion {
  readonly slot: WorkSlot;
  readonly message: Words;
  readonly start: number;
  readonly end: number;
  readonly choices: readonly LineChoice[];
}

/** A stretch of the line. Together the fragments cover it, every character once, blanks included. */
export interface LineFragment {
  readonly start: number;
  readonly end: number;
  /** The stretch without its surrounding blanks. */
  readonly text: string;
  /** `noted`: a word or figure of the trade that is understood and has no part in the plan. */
  readonly status: 'understood' | 'questioned' | 'noted' | 'not-understood';
  /** What it was taken for, for a chip. */
  readonly label: Words;
  readonly slots: readonly WorkSlot[];
  /** The word it was read as, when a typing slip was put right. */
  readonly corrected?: string;
  /** Why it was not taken, when there is more to say than "not understood". */
  readonly code?: string;
  /** Of a figure: what it was taken for, by which word, and what else it could be. */
  readonly figure?: LineFigure;
}

/** What a figure of the line was taken for. */
export interface LineFigure {
  readonly role:
    | 'thickness'
    | 'wire'
    | 'leg'
    | 'throat'
    | 'root gap'
    | 'passes'
    | 'stitch'
    | 'length of weld'
    | 'outside'
    | 'number off'
    | 'no part in the numbers'
    | 'in doubt';
  /** The word that it goes with, where there is one. */
  readonly word?: { readonly start: number; readonly end: number; readonly text: string };
  /** What it could be instead, each with the line that says so. */
  readonly others: readonly LineChoice[];
}

export interface LineReading {
  readonly text: string;
  /** What was said. */
  readonly work: StatedWork;
  /** What follows from what was said, and is shown as assumed. */
  readonly assumed: StatedWork;
  readonly fragments: readonly LineFragment[];
  readonly questions: readonly LineQuestion[];
  /** The lines of two welds, where one line says two. */
  readonly welds?: readonly [first: string, second: string];
}

/** The line's own settings: the user's unit, and the machines that can be named. */
export interface LineContext {
  readonly unit: 'mm' | 'in';
  readonly machineNames: readonly string[];
  /** What the line is about: a job, or only a wire (a row of a machine's programs), which has no thickness. */
  readonly about?: 'job' | 'wire';
  /** Words that the shop has told the meaning of, lower case: “cleat” is a thing. */
  readonly shopWords?: ReadonlyMap<string, readonly Meaning[]>;
}
