import type { Words } from '../base/words/words.ts';
import type { Machine } from '../machine/machine.ts';
import type { PlannedSetup } from '../plan/setup/setup.ts';
import { jobInShop, type JobOfShop, type Shop } from '../plan/work/shop.ts';
import { type JobChangeover, jobChangeover } from './job-changeover.ts';

/** What a job would be on one machine of the shop. */
export type MachineForJob<M extends Machine = Machine> =
  | {
      readonly status: 'can';
      readonly machine: M;
      readonly plan: PlannedSetup;
      readonly changeover: JobChangeover;
    }
  | { readonly status: 'cannot'; readonly machine: M; readonly reason: Words };

/** Stands nearer: least in the middle of what the rig may take, then least at worst. */
function nearer(a: JobChangeover, b: JobChangeover): number {
  return a.leastMin + a.mostMin - (b.leastMin + b.mostMin) || a.mostMin - b.mostMin;
}

/**
 * The machines of a shop for a job: those that can do it, the one that stands nearest first, then those that cannot, each with
 * why not. A machine is planned with what is on it, unless the job asks for other wire or gas.
 *
 * @param now the time, as an ISO date: what is known of a rig grows old
 * @returns none while the job has no thickness
 * @source our model: minutes from how each stands
 */
export function machinesForJob<M extends Machine>(
  { work, own }: JobOfShop,
  shop: Omit<Shop, 'machines'> & { readonly machines: readonly M[] },
  now: string,
): readonly MachineForJob<M>[] {
  const all = shop.machines.flatMap((machine): MachineForJob<M>[] => {
    const answer = jobInShop({ work: { ...work, machineName: machine.name }, own }, shop);
    if (answer.status !== 'answered') return [];
    const { setup } = answer;
    if (setup.status === 'refused') return [{ status: 'cannot', machine, reason: setup.reasons[0] ?? '' }];
    const changeover = jobChangeover(setup, machine, { now, schools: shop.schools });
    // what cannot be fitted to a machine is not a matter of minutes
    const stop = changeover.steps.find(({ row }) => row.id === 'stop-cannot');
    if (stop) return [{ status: 'cannot', machine, reason: stop.row.how }];
    return [{ status: 'can', machine, plan: setup, changeover }];
  });
  const can = all.filter((one) => one.status === 'can');
  return [
    ...can.toSorted((a, b) => nearer(a.changeover, b.changeover)),
    ...all.filter((one) => one.status === 'cannot'),
  ];
}
