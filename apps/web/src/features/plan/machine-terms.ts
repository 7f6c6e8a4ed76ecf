import type { KeptMachine } from '@hot-bead/contract';
import { dialOf, dutyPlan, type PlannedSetup, voltsTerm, wireTerm } from '@hot-bead/core';

/** The plan's wire speed in the machine's own terms, for the line under the figure. */
export function wireBeneath(plan: PlannedSetup, machine: KeptMachine | undefined): string | undefined {
  if (!machine) return undefined;
  const term = wireTerm(machine, dialOf(machine.dialReadings), plan.wireFeedSpeedMPerMin.start);
  switch (term.status) {
    case 'shown':
      return `set on ${machine.name}’s display`;
    case 'not-measured':
      return `${machine.name}: knob not measured`;
    case 'out-of-reach':
      return term.text;
    case 'knob': {
      const half = (term.knob.high - term.knob.low) / 2;
      return `knob ${term.words} (${term.knob.start.toFixed(1)} ± ${half.toFixed(1)})`;
    }
  }
}

/** The plan's volts in the machine's own terms. */
export function voltsBeneath(plan: PlannedSetup, machine: KeptMachine | undefined): string {
  if (plan.voltsKind === 'mean') return 'rough mean: the trim sets it';
  const atArc = 'at the arc, not open circuit';
  if (!machine) return atArc;
  const term = voltsTerm(machine, plan.volts.start, plan.currentA.start);
  if (term.status === 'shown') return atArc;
  if (term.status === 'not-measured') return `${machine.name}: taps not measured`;
  const { position, gives, offV } = term.choice;
  const off = term.near ? '' : `, ${Math.abs(offV).toFixed(1)} V too ${offV > 0 ? 'high' : 'low'}`;
  return `tap ${position.name}: about ${gives.volts.start.toFixed(1)} V${off}`;
}

/** What the machine's duty plate says of the plan, where it is worth saying. */
export function dutyText(plan: PlannedSetup, machine: KeptMachine | undefined): string | undefined {
  if (!machine?.duty || machine.duty.length === 0) return undefined;
  const duty = dutyPlan(machine.duty, plan.currentA.start, plan.travelMmPerMin.start);
  if (!duty?.worthSaying) return undefined;
  return `${duty.minutesOnInTen.toFixed(1)} min of arc in ten (${duty.percent.toFixed(0)} %), then let it cool`;
}
