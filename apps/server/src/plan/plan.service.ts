import {
  type KeptMachine,
  type PlanRequest,
  type PlanResponse,
  type PlanSnapshot,
  quickWorkOf,
} from '@hot-bead/contract';
import {
  completeWork,
  effectiveWork,
  machineDials,
  machineTerms,
  type OwnNumbers,
  parseQuickLine,
  planReport,
  planSetup,
  type QuickReading,
  type QuickWork,
  renderQuickLine,
  resourcesOf,
  type Setup,
} from '@hot-bead/core';
import { Injectable } from '@nestjs/common';
import { DomainError } from '../errors/domain-error.ts';
import { ShopService } from '../shop/shop.service.ts';
import { MachinesService } from '../machines/machines.service.ts';

/** Plans in a shop that has been read. */
export interface Planner {
  readonly machines: readonly KeptMachine[];
  /** The setup of a job as it stands; null while it has no thickness. */
  readonly setupOf: (said: QuickWork, own: OwnNumbers) => Setup | null;
}

@Injectable()
export class PlanService {
  constructor(
    private readonly machines: MachinesService,
    private readonly shop: ShopService,
  ) {}

  /** A plan for a request; words without a thickness are an input error, a refusal is an answer. */
  async plan(request: PlanRequest): Promise<PlanResponse> {
    const { machines, setupOf } = await this.planner();
    const context = { unit: request.unit ?? 'mm', machineNames: machines.map((machine) => machine.name) };
    const line =
      request.work === undefined ? (request.line ?? '') : renderQuickLine(quickWorkOf(request.work));
    const reading = parseQuickLine(line, context);
    const said = request.work === undefined ? effectiveWork(reading) : quickWorkOf(request.work);
    const setup = setupOf(said, request.own ?? {});
    const report = planReport(reading, setup ?? undefined);
    if (setup === null)
      throw this.unreadable(reading, report, request.work === undefined ? 'line' : 'work.thickness');
    const machine = machines.find(({ name }) => name === said.machineName);
    const terms =
      machine && setup.status === 'planned'
        ? machineTerms(machine, machineDials(machine, machine.dialReadings), setup)
        : null;
    return { status: setup.status, report, setup, terms };
  }

  /** The shop as it stands, read once, and the setup of any job in it. */
  async planner(): Promise<Planner> {
    const { schools, shelf } = await this.shop.read();
    const machines = await this.machines.list();
    const shop = { machines, schools, shelf: shelf ?? undefined };
    return {
      machines,
      setupOf(said, own) {
        const complete = completeWork(said);
        return complete ? planSetup(complete.work, resourcesOf(said, shop), own) : null;
      },
    };
  }

  /** The numbers a plan starts from, to be kept beside a bead. */
  async snapshot(said: QuickWork, own: OwnNumbers): Promise<PlanSnapshot | null> {
    const { setupOf } = await this.planner();
    const setup = setupOf(said, own);
    if (setup?.status !== 'planned') return null;
    return {
      modelVersion: setup.modelVersion,
      wireFeedSpeedMPerMin: setup.wireFeedSpeedMPerMin.start,
      volts: setup.volts.start,
      currentA: setup.currentA.start,
    };
  }

  private unreadable(reading: QuickReading, report: PlanResponse['report'], field: string): DomainError {
    const refused = 'refused' in report ? report.refused : undefined;
    const message = refused?.reasons[0] ?? `No thickness in “${reading.text}”.`;
    return new DomainError(refused?.code ?? 'thickness-missing', 400, message, field);
  }
}
