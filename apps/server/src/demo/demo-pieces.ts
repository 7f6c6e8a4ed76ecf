import type { NewPiece } from '@hot-bead/contract/day';

/** A piece that the shop builds, with its welds a line each. */
export interface DemoPiece {
  readonly piece: Omit<NewPiece, 'due'>;
  readonly dueInH: number;
  readonly welds: readonly string[];
}

/** Pieces of the shop, invented. */
export const DEMO_PIECES: readonly DemoPiece[] = [
  {
    piece: { name: 'Tea cart', numberOff: 2, weight: 2, queued: true, note: 'Frame first, shelf last.' },
    dueInH: 8,
    welds: [
      '2 mm steel tee flat 0.8 solid Ar+18 120 mm seam 4 off',
      '2 mm steel lap flat 0.8 solid Ar+18 200 mm seam 2 off',
      '2 mm steel butt flat 0.8 solid Ar+18 80 mm seam 4 off',
      '3 mm steel tee flat 0.8 solid Ar+18 60 mm seam 8 off',
      '1.2 mm steel outside corner 0.8 solid Ar+18 300 mm seam 2 off',
    ],
  },
  {
    piece: { name: 'Kettle stand' },
    dueInH: 80,
    welds: ['4 mm steel tee flat Old Tom 90 mm seam 6 off', '3 mm steel lap Old Tom 150 mm seam'],
  },
];
