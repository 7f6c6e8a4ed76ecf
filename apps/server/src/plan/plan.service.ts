import { allInWords, METRIC, type Reader, US } from '@hot-bead/core/base';
import type { PlanSnapshot } from '@hot-bead/contract/dial-in';
import type { PlanRequest, PlanResponse } from '@hot-bead/contract/line';
import type { KeptMachine } from '@hot-bead/contract/machine';
import { quickWorkOf } from '@hot-bead/contract/plan';
import {
  type DialledPlan,
  reachFault,
  type ReachFault,
  weldedWith,
  type WeldedWith,
} from '@hot-bead/core/dial-in';
import {
  effectiveWork,
  LINE_MOST,
  parseLine,
  planReport,
  type LineContext,
  type LineReading,
  renderLine,
  WRITTEN_LINE_MOST,
} from '@hot-bead/core/line';
import { machineDials, type Machine } from '@hot-bead/core/machine';
import { type PlannedSetup, startSetting } from '@hot-bead/core/plan';
import { machineTerms } from '@hot-bead/core/terms';
import type { BeadSetting } from '@hot-bead/core/window';
import { Injectable } from '@nestjs/common';
import { DomainError } from '../base/errors/domain-error.ts';
import type { JobToPlan } from './jobs/jobs.service.ts';
import { type Planner, PlannerService } from './planner.service.ts';

/** What is kept beside a bead: the plan it was welded by, and what it was welded with. */
export interface BeadContext {
  readonly plan: PlanSnapshot | null;
  readonly weldedWith: WeldedWith | null;
  /** What of its setting the machine does not reach. */
  readonly beyond?: (ReachFault & { readonly machineName: string }) | undefined;
}

function snapshotOf(setup: PlannedSetup): PlanSnapshot {
  return {
    modelVersion: setup.modelVersion,
    wireFeedSpeedMPerMin: setup.wireFeedSpeedMPerMin.start,
    volts: setup.volts.start,
    currentA: setup.currentA.start,
  };
}

function isSamePlan(a: PlanSnapshot, b: PlanSnapshot): boolean {
  const isSame = (name: 'wireFeedSpeedMPerMin' | 'volts' | 'currentA'): boolean =>
    Math.abs(a[name] - b[name]) < 1e-9;
  return (
    a.modelVersion === b.modelVersion &&
    isSame('wireFeedSpeedMPerMin') &&
    isSame('volts') &&
    isSame('currentA')
  );
}

/** A machine that is not in use is not planned for as one of which nothing is known. */
function refuseUnknownMachine(name: string | undefined, machines: readonly Machine[]): void {
  if (name === undefined || machines.some((machine) => machine.name === name)) return;
  const message = `There is no machine ${name} in use: bring it back, or name another.`;
  throw new DomainError('machine-unknown', 400, message, 'work.machineName');
}

/** A plan on the machine that its job names. */
interface KeptDialledPlan extends DialledPlan {
  readonly machine: KeptMachine | undefined;
}

function dialledOn(planner: Planner, job: JobToPlan, plan: PlannedSetup): KeptDialledPlan {
  const machine = planner.machines.find(({ id }) => id === job.machine?.id);
  return { plan, machine, dials: machine && machineDials(machine, machine.dialReadings) };
}

function weldedOn({ plan, machine, dials }: KeptDialledPlan, at: BeadSetting): WeldedWith {
  const terms = machine && dials && machineTerms(machine, dials, plan, at);
  return weldedWith(plan, { machineId: machine?.id, at, terms });
}

@Injectable()
export class PlanService {
  constructor(private readonly planners: PlannerService) {}

  /** A plan for a request; words without a thickness are an input error, a refusal is an answer. */
  async plan(request: PlanRequest): Promise<PlanResponse> {
    const { machines, setupOf, shopWords } = await this.planners.planner();
    const machineNames = machines.map((machine) => machine.name);
    const context: LineContext = { unit: request.unit ?? 'mm', machineNames, shopWords };
    const line = request.work === undefined ? (request.line ?? '') : renderLine(quickWorkOf(request.work));
    const lengthMost = request.work === undefined ? LINE_MOST : WRITTEN_LINE_MOST;
    const reading = parseLine(line, context, { lengthMost });
    const stated = request.work === undefined ? effectiveWork(reading) : quickWorkOf(request.work);
    refuseUnknownMachine(stated.machineName, machines);
    const setup = setupOf({ work: stated, own: request.own ?? {} });
    const machine = machines.find(({ name }) => name === stated.machineName);
    const reader: Reader = { units: request.unit === 'in' ? US : METRIC };
    const report = planReport(reading, setup ?? undefined, { machine, reader });
    if (setup === null)
      throw this.unreadable(reading, report, request.work === undefined ? 'line' : 'work.thickness');
    const terms =
      machine && setup.status === 'planned'
        ? machineTerms(machine, machineDials(machine, machine.dialReadings), setup)
        : null;
    return { status: setup.status, report, setup: allInWords(setup, reader), terms };
  }

  /**
   * What is to be kept beside a bead or a run of a job; nothing where the job has no plan, or its machine is retired. Where
   * no setting is said, the plan's.
   */
  async beadContext(job: JobToPlan, setting?: BeadSetting): Promise<BeadContext> {
    const planner = await this.planners.planner();
    const setup = planner.setupOf(job);
    if (setup?.status !== 'planned') return { plan: null, weldedWith: null };
    const dialled = dialledOn(planner, job, setup);
    const { machine } = dialled;
    const at = setting ?? startSetting(setup);
    const fault = reachFault(dialled, at);
    const plan = snapshotOf(setup);
    // what the machine cannot do has nothing that follows from it
    if (fault && machine) return { plan, weldedWith: null, beyond: { ...fault, machineName: machine.name } };
    return { plan, weldedWith: weldedOn(dialled, at) };
  }

  /**
   * What an old bead's plan was made of: only where a plan by the book, or one moved by what the machine had taught by
   * then, gives the very numbers that were kept.
   *
   * @param taughtV by how much a plan's volts had moved then, V
   */
  async recognised(
    job: JobToPlan,
    plan: PlanSnapshot,
    at: BeadSetting,
    taughtV: (setup: PlannedSetup) => number,
  ): Promise<WeldedWith | null> {
    const planner = await this.planners.planner();
    const setup = planner.bookSetupOf(job);
    if (setup?.status !== 'planned') return null;
    const book = snapshotOf(setup);
    const moved = { ...book, volts: book.volts + taughtV(setup) };
    const isIt = isSamePlan(book, plan) || (job.own.volts === undefined && isSamePlan(moved, plan));
    return isIt ? weldedOn(dialledOn(planner, job, setup), at) : null;
  }

  private unreadable(reading: LineReading, report: PlanResponse['report'], field: string): DomainError {
    const refused = 'refused' in report ? report.refused : undefined;
    const message = refused?.reasons[0] ?? `No thickness in “${reading.text}”.`;
    return new DomainError(refused?.code ?? 'thickness-missing', 400, message, field);
  }
}
