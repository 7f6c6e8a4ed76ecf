import type { KeptMachine } from '@hot-bead/contract/machine';
import { breakerVerdict, dutyPlan, type DutyPlan, mainsDrawA, type SeamRest } from '@hot-bead/core/machine';
import type { PlannedSetup } from '@hot-bead/core/plan';

/** Duty of a plan on a machine, with the rest its seam needs; undefined without a rating. */
export function dutyOf(plan: PlannedSetup, machine: KeptMachine | undefined): DutyPlan | undefined {
  if (!machine?.duty) return undefined;
  const { totals, runs } = plan;
  // arc time of all runs, told as the length that the plan's own travel covers in it
  const allPassesMm =
    totals === undefined
      ? undefined
      : runs.length > 1
        ? totals.arcTimeMin * plan.travelMmPerMin.start
        : totals.weldLengthMm;
  return dutyPlan(machine.duty, plan.currentA.start, plan.travelMmPerMin.start, allPassesMm);
}

/** Minutes and seconds of a time in minutes: "5 min 50 s", "41 min". */
export function minutesText(minutes: number): string {
  const seconds = Math.round(minutes * 60);
  if (seconds < 60) return `${seconds} s`;
  const whole = Math.floor(seconds / 60);
  return seconds % 60 === 0 || whole >= 20 ? `${Math.round(minutes)} min` : `${whole} min ${seconds % 60} s`;
}

/** How a seam is welded without overheating the source. */
export function seamText({ arcMin, stretches, stretchMin, restEachMin, restMin }: SeamRest): string {
  if (stretches === 1) return `${minutesText(arcMin)} of arc: in one go`;
  return `${minutesText(arcMin)} of arc: ${stretches} stretches of ${minutesText(stretchMin)}, ${minutesText(restEachMin)} of rest between; ${minutesText(restMin)} of rest in all`;
}

/** What the machine's duty plate says of the plan, where it is worth saying. */
export function dutyText(plan: PlannedSetup, machine: KeptMachine | undefined): string | undefined {
  const duty = dutyOf(plan, machine);
  if (!duty?.worthSaying) return undefined;
  const rest =
    duty.seam && duty.seam.stretches > 1 ? `; ${minutesText(duty.seam.restMin)} of rest for the seam` : '';
  return `${duty.minutesOnInTen.toFixed(1)} min of arc in ten (${duty.percent.toFixed(0)} %)${rest}`;
}

/** What the plan draws from the mains, and whether the breaker holds; undefined where the supply is not known. */
export function mainsText(plan: PlannedSetup, machine: KeptMachine | undefined): string | undefined {
  if (!machine?.mains || plan.voltsKind === 'mean') return undefined;
  const arc = { volts: plan.volts.start, currentA: plan.currentA.start };
  const draw = mainsDrawA(arc, machine.mains, machine.kind ?? 'inverter');
  const { breakerA } = machine.mains;
  const amps = `about ${draw.start.toFixed(0)} A (${draw.low.toFixed(0)} to ${draw.high.toFixed(0)})`;
  const verdict = {
    holds: `the ${breakerA} A breaker holds`,
    'may-trip': `the ${breakerA} A breaker may trip`,
    trips: `◆ past the ${breakerA} A breaker`,
  }[breakerVerdict(draw, machine.mains)];
  return `${amps}: ${verdict}`;
}
