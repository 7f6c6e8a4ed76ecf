import type { EarKind } from '@hot-bead/core/arc-lab';

export const KIND_NAME: Readonly<Record<EarKind, string>> = {
  level: 'Cold, right or hot',
  family: 'The five sounds',
  higher: 'Which has more volts',
  mode: 'How metal crosses',
};

export const KIND_ASKS: Readonly<Record<EarKind, string>> = {
  level: 'Is it cold, right or hot?',
  family: 'Which of the five is it?',
  higher: 'Which of the two has more volts?',
  mode: 'How does the metal cross?',
};

const WORDS: Readonly<Record<string, string>> = {
  cold: '▼ Cold',
  right: '● Right',
  hot: '▲ Hot',
  first: 'The first',
  second: 'The second',
  stubbing: 'Stubbing',
  popping: 'Popping',
  sizzle: 'Sizzle',
  crackle: 'Crackle',
  hiss: 'Hiss',
  'short-circuit': 'Short-circuit',
  spray: 'Spray',
  pulse: 'Pulse',
};

/** An answer in its word. */
export function choiceWord(choice: string): string {
  return WORDS[choice] ?? choice;
}
