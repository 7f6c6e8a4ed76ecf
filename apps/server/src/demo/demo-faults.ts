import type { FaultCase, FaultLook } from '@hot-bead/contract/faults';

const DAY_MS = 24 * 60 * 60_000;

/** A fault of the shop's, and which machine it was on, by name. */
export interface DemoFault {
  readonly machine: string;
  readonly daysAgo: number;
  readonly faultCase: Pick<FaultCase, 'process' | 'present'> &
    Partial<Pick<FaultCase, 'absent' | 'said' | 'minutes' | 'note'>> & {
      readonly looks: readonly Omit<FaultLook, 'at'>[];
      readonly isOpen?: true;
    };
}

/** Faults of the shop, invented; the one touched last stands last. */
export const DEMO_FAULTS: readonly DemoFault[] = [
  {
    machine: 'Old Tom',
    daysAgo: 47,
    faultCase: {
      process: 'solid-gas',
      present: ['bird-nest', 'wire-flattened'],
      looks: [{ causes: ['pressure-high'], answer: 'was', found: 'pressure-high', mended: true }],
      minutes: 6,
      note: 'Two turns back, then set on the wooden block.',
    },
  },
  {
    machine: 'Old Tom',
    daysAgo: 24,
    faultCase: {
      process: 'solid-gas',
      present: ['porosity-patches'],
      looks: [{ causes: ['wind'], answer: 'was', found: 'wind', mended: true }],
      minutes: 3,
      note: 'Yard door.',
    },
  },
  {
    machine: 'Marigold',
    daysAgo: 9,
    faultCase: {
      process: 'solid-gas',
      present: ['porosity-heavy', 'gas-hiss-absent'],
      absent: ['flow-ball-jumps'],
      looks: [
        { causes: ['gas-off'], answer: 'was-not' },
        { causes: ['cylinder-empty'], answer: 'was', found: 'cylinder-empty', mended: true },
      ],
      minutes: 12,
      note: 'Cylinder empty at half past three on a Friday. Spare was chained behind the door.',
    },
  },
  {
    machine: 'Marigold',
    daysAgo: 4,
    faultCase: {
      process: 'solid-gas',
      present: ['arc-wanders', 'wire-wander'],
      looks: [{ causes: ['tip-worn'], answer: 'was', found: 'tip-worn', mended: true }],
      minutes: 2,
    },
  },
  {
    machine: 'Old Tom',
    daysAgo: 2,
    faultCase: {
      process: 'solid-gas',
      present: ['popping', 'burn-back'],
      looks: [
        { causes: ['tip-blocked'], answer: 'was-not' },
        { causes: ['tip-worn'], answer: 'was', found: 'tip-worn', mended: true },
      ],
      minutes: 4,
    },
  },
  {
    machine: 'Old Tom',
    daysAgo: 0,
    faultCase: {
      process: 'solid-gas',
      present: ['feed-fades', 'hard-to-pull'],
      absent: ['shavings'],
      looks: [{ causes: ['lead-kinked'], answer: 'was-not' }],
      isOpen: true,
    },
  },
];

/** A fault of the shop's as it would have been kept. */
export function demoCase({ daysAgo, faultCase }: DemoFault, machineId: string | undefined): FaultCase {
  const { looks, isOpen, minutes, absent = [], said = {}, ...rest } = faultCase;
  const began = Date.now() - daysAgo * DAY_MS - 20 * 60_000;
  const at = (min: number): string => new Date(began + min * 60_000).toISOString();
  return {
    ...rest,
    absent,
    said,
    ...(machineId === undefined ? {} : { machineId }),
    looks: looks.map((look, i) => ({ ...look, at: at(2 + i) })),
    beganAt: at(0),
    ...(isOpen
      ? {}
      : { end: 'mended' as const, endedAt: at(minutes ?? 5), ...(minutes === undefined ? {} : { minutes }) }),
  };
}
