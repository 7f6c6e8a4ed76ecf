import { type PlanRequest, type PlanResponse, type PlanSnapshot, quickWorkOf } from '@hot-bead/contract';
import {
  effectiveWork,
  machineDials,
  machineTerms,
  type OwnNumbers,
  parseQuickLine,
  planReport,
  type QuickReading,
  type QuickWork,
  renderQuickLine,
} from '@hot-bead/core';
import { Injectable } from '@nestjs/common';
import { DomainError } from '../errors/domain-error.ts';
import { ProvenService } from '../proven/proven.service.ts';
import { type Planner, PlannerService } from './planner.service.ts';

@Injectable()
export class PlanService {
  constructor(
    private readonly planners: PlannerService,
    private readonly proven: ProvenService,
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

  /** The shop with what its beads taught. */
  private async planner(): Promise<Planner> {
    const book = await this.planners.planner();
    return book.taught(await this.proven.listIn(book));
  }

  private unreadable(reading: QuickReading, report: PlanResponse['report'], field: string): DomainError {
    const refused = 'refused' in report ? report.refused : undefined;
    const message = refused?.reasons[0] ?? `No thickness in “${reading.text}”.`;
    return new DomainError(refused?.code ?? 'thickness-missing', 400, message, field);
  }
}
