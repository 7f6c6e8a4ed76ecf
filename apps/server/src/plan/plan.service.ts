import { type PlanRequest, type PlanResponse, type PlanSnapshot, quickWorkOf } from '@hot-bead/contract';
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

@Injectable()
export class PlanService {
  constructor(
    private readonly machines: MachinesService,
    private readonly shop: ShopService,
  ) {}

  /** A plan for a request; words without a thickness are an input error, a refusal is an answer. */
  async plan(request: PlanRequest): Promise<PlanResponse> {
    const machines = await this.machines.list();
    const context = { unit: request.unit ?? 'mm', machineNames: machines.map((machine) => machine.name) };
    const line =
      request.work === undefined ? (request.line ?? '') : renderQuickLine(quickWorkOf(request.work));
    const reading = parseQuickLine(line, context);
    const said = request.work === undefined ? effectiveWork(reading) : quickWorkOf(request.work);
    const setup = await this.setupOf(said, request.own ?? {});
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

  /** The setup of a job as it stands; null while it has no thickness. */
  async setupOf(said: QuickWork, own: OwnNumbers): Promise<Setup | null> {
    const complete = completeWork(said);
    if (!complete) return null;
    const { schools, shelf } = await this.shop.read();
    const machines = await this.machines.list();
    return planSetup(complete.work, resourcesOf(said, { machines, schools, shelf: shelf ?? undefined }), own);
  }

  /** The numbers a plan starts from, to be kept beside a bead. */
  async snapshot(said: QuickWork, own: OwnNumbers): Promise<PlanSnapshot | null> {
    const setup = await this.setupOf(said, own);
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
