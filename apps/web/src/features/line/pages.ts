/** A page that can be gone to by what it is called, or what is done there. */
export interface Page {
  readonly to: string;
  readonly name: string;
  readonly words: string;
}

export const PAGES: readonly Page[] = [
  { to: '/', name: 'Bench', words: 'today home queue day' },
  { to: '/jobs', name: 'Jobs', words: 'welds pieces work' },
  { to: '/machines', name: 'Machines', words: 'dials calibration lid chart' },
  { to: '/machines/practice', name: 'Practise calibrating', words: 'dial simulated' },
  { to: '/practice/dial-in', name: 'Practise dialling in', words: 'booth simulated beads' },
  { to: '/stores', name: 'Stores', words: 'stock wire gas spools cylinders tips parts' },
  { to: '/faults', name: 'Faults', words: 'trouble problem cause' },
  { to: '/faults/new', name: 'Find a fault', words: 'trouble porosity spatter feeding' },
  { to: '/faults/tables', name: 'How faults are reckoned', words: 'causes symptoms tables' },
  { to: '/log', name: 'Log', words: 'what happened records charts history' },
  { to: '/lab', name: 'Arc lab', words: 'arc sound hear simulate window map waveform' },
  { to: '/lab/recording', name: 'Read a recording', words: 'sound wav microphone trace csv' },
  { to: '/lab/ear', name: 'Train the ear', words: 'ear lessons learners sound test' },
  { to: '/files', name: 'Files in and out', words: 'backup restore export import csv json zip' },
  { to: '/history', name: 'What was changed', words: 'undo changes history' },
  { to: '/settings', name: 'Settings', words: 'units theme rates cost hours schools' },
  { to: '/truth', name: 'How true are the numbers', words: 'accuracy sources check' },
];
