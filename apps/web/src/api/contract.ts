/** The contract’s wings, each loaded with the first answer that is read by it: they are large, and only data waits. */
export const contract = {
  arcLab: (): Promise<typeof import('@hot-bead/contract/arc-lab')> => import('@hot-bead/contract/arc-lab'),
  base: (): Promise<typeof import('@hot-bead/contract/base')> => import('@hot-bead/contract/base'),
  day: (): Promise<typeof import('@hot-bead/contract/day')> => import('@hot-bead/contract/day'),
  dialIn: (): Promise<typeof import('@hot-bead/contract/dial-in')> => import('@hot-bead/contract/dial-in'),
  faults: (): Promise<typeof import('@hot-bead/contract/faults')> => import('@hot-bead/contract/faults'),
  files: (): Promise<typeof import('@hot-bead/contract/files')> => import('@hot-bead/contract/files'),
  history: (): Promise<typeof import('@hot-bead/contract/history')> => import('@hot-bead/contract/history'),
  machine: (): Promise<typeof import('@hot-bead/contract/machine')> => import('@hot-bead/contract/machine'),
  photos: (): Promise<typeof import('@hot-bead/contract/photos')> => import('@hot-bead/contract/photos'),
  plan: (): Promise<typeof import('@hot-bead/contract/plan')> => import('@hot-bead/contract/plan'),
  records: (): Promise<typeof import('@hot-bead/contract/records')> => import('@hot-bead/contract/records'),
  shop: (): Promise<typeof import('@hot-bead/contract/shop')> => import('@hot-bead/contract/shop'),
  stores: (): Promise<typeof import('@hot-bead/contract/stores')> => import('@hot-bead/contract/stores'),
  window: (): Promise<typeof import('@hot-bead/contract/window')> => import('@hot-bead/contract/window'),
} as const;
