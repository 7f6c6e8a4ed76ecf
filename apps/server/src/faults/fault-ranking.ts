import type { FaultRanking } from '@hot-bead/contract/faults';
import { inMetric } from '@hot-bead/core/base';
import { type FaultReport, isSymptomOf, nextChecks, rankCauses } from '@hot-bead/core/faults';

/** What may be wrong by a report, likeliest first, and the look that finds most for its trouble. */
export function faultRanking(report: FaultReport): FaultRanking {
  const ranked = rankCauses(report);
  const [next] = nextChecks(ranked, report.lookedAt);
  return {
    ranked: ranked.map(({ cause, share, isShown }) => ({ cause: cause.id, share, shown: isShown })),
    next: next ? { check: inMetric(next.check), causes: next.causes, minutes: next.minutes } : null,
    ignored: [...new Set([...report.present, ...report.absent])].filter(
      (id) => !isSymptomOf(id, report.process),
    ),
  };
}
