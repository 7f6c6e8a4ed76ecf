import type { MachineLearning } from '../../window/learning/learned-offset.ts';
import type { Machine } from '../../machine/machine.ts';
import type { StatedWork } from './stated-work.ts';
import type { Schools } from '../../base/school.ts';
import type { Resources, Shelf } from './resources.ts';

/** What the shop has and how it goes about it, beside what a job says. */
export interface Shop {
  readonly machines: readonly Machine[];
  readonly shelf?: Shelf | undefined;
  readonly schools?: Partial<Schools> | undefined;
  /** What test beads taught of its machines, by the machine's name. */
  readonly learning?: Readonly<Record<string, MachineLearning>> | undefined;
}

/** The resources a job names, with its machine found by name. */
export function resourcesOf(said: StatedWork, { machines, shelf, schools, learning }: Shop): Resources {
  const machine = machines.find(({ name }) => name === said.machineName);
  return {
    polarity: said.polarity,
    withoutFiller: said.withoutFiller,
    machines,
    shelf,
    schools,
    way: said.way,
    mode: said.mode,
    wireClass: said.wireClass,
    wireDiameterMm: said.wireDiameterMm,
    gas: said.gas,
    machine,
    learning: machine && learning?.[machine.name],
  };
}
