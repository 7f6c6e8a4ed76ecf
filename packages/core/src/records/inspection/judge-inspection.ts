import { gaugeU95Mm, type GaugeId } from './gauges.ts';
import { type Inspection, type ItemRead, type SizeRead } from './inspection.ts';
import { type InspectionItem, type InspectionItemId, itemsOf } from './inspection-items.ts';
import {
  type Finding,
  judgeFinding,
  type JudgedFinding,
  type Verdict,
  wholeVerdict,
} from './judge-finding.ts';
import type { LimitSizes } from './limit-formula.ts';
import { faceWidthMm, legOfThroatMm, throatMm, unequalThroat } from './measured-throat.ts';
import { poreSumsPass, undercutPasses, undersizePasses } from './static-sums.ts';

/** What follows from the legs and the throat. */
export type FilletItemId = 'thin-throat' | 'thick-throat' | 'convexity' | 'asymmetry' | 'undersize';

/** What a verdict rests on beside the limit. */
export type ItemWhy =
  JudgedFinding['why'] | 'not-by-photo' | 'band-asked' | 'a-or-z' | 'own-limit' | 'no-level';

/** One item with its verdict. */
export interface JudgedItem {
  readonly id: InspectionItemId | FilletItemId;
  readonly name: string;
  readonly code: string;
  /** As it was read, or as it follows from what was read; less than nothing: so much to spare. */
  readonly size: number;
  readonly u95: number;
  /** undefined: no level was chosen. */
  readonly verdict: Verdict | undefined;
  readonly limit: number | undefined;
  readonly unit: JudgedFinding['unit'];
  readonly sure: JudgedFinding['sure'];
  readonly why: ItemWhy;
  readonly missing?: JudgedFinding['missing'];
}

/** A weld with its verdicts. */
export interface JudgedInspection {
  readonly items: readonly JudgedItem[];
  /** undefined: no level was chosen, or nothing was looked at. */
  readonly verdict: Verdict | undefined;
  readonly notLooked: readonly InspectionItem[];
}

/** The band of a reading, mm; undefined: it has to be told. */
function bandOf({ gauge, u95 }: { readonly gauge?: GaugeId | undefined; readonly u95?: number | undefined }) {
  return u95 ?? (gauge === undefined ? undefined : gaugeU95Mm(gauge));
}

/** Nominal throat and leg of the drawing, mm; undefined where it is not said which of them the size is. */
export function nominalSizes({
  nominalMm,
  nominalIs,
}: Pick<Inspection, 'nominalMm' | 'nominalIs'>): { readonly a: number; readonly z: number } | undefined {
  if (nominalMm === undefined || nominalIs === undefined) return undefined;
  return nominalIs === 'throat'
    ? { a: nominalMm, z: legOfThroatMm(nominalMm) }
    : { a: throatMm(nominalMm), z: nominalMm };
}

/** Sizes that limits are reckoned from. */
function sizesOf(inspection: Inspection): LimitSizes {
  const { thicknessMm: t, joint, firstLeg, secondLeg, widthMm } = inspection;
  const nominal = nominalSizes(inspection);
  const face = firstLeg && secondLeg ? faceWidthMm(firstLeg.value, secondLeg.value) : widthMm;
  const width = joint === 'fillet' ? face : widthMm;
  return { t, a: nominal?.a, z: nominal?.z, x: joint === 'butt' ? t : nominal?.a, b: width, w: width };
}

/** A rule that either holds or not, with a reading that has a band: what holds at neither end decides nothing. */
function byRule(passes: (size: number) => boolean, { size, u95 }: Finding): Verdict {
  if (passes(size + u95)) return 'pass';
  return passes(Math.max(0, size - u95)) ? 'not-decided' : 'fail';
}

const RULE_WHY = { pass: 'within', fail: 'over', 'not-decided': 'within-error' } as const;

/** What D1.1 sums up along the weld: undercut, pores, and a fillet that is under size. */
function judgedByD11(finding: Finding, inspection: Inspection): JudgedFinding | undefined {
  const { thicknessMm, weldMm } = inspection;
  const { lengthMm } = finding;
  const nominal = nominalSizes(inspection);
  const rules: Readonly<Record<string, ((size: number) => boolean) | undefined>> = {
    // of a fillet: the sum in the worst 25 mm, and in the worst 300; a pore in a butt that is pulled across has its own row
    2017: inspection.joint === 'butt' ? undefined : (sumMm) => poreSumsPass([sumMm, lengthMm ?? sumMm]),
    501: (depthMm) => undercutPasses([{ depthMm, fromMm: 0, toMm: lengthMm ?? Infinity }], thicknessMm),
    5213:
      nominal &&
      ((under) =>
        undersizePasses(
          nominal.z,
          nominal.z - under,
          lengthMm === undefined ? 1 : lengthMm / (weldMm ?? lengthMm),
        )),
  };
  const rule = rules[finding.code];
  if (!rule) return undefined;
  const verdict = byRule(rule, finding);
  // what the worst 25 mm hold says nothing of the other 275
  if (finding.code === '2017' && verdict === 'pass' && finding.size > 0 && lengthMm === undefined) {
    return { verdict: 'not-decided', unit: 'mm', sure: 'H', why: 'length-asked' };
  }
  // with its length it may pass yet
  if (verdict !== 'pass' && lengthMm === undefined) {
    const shortest = judgedByD11({ ...finding, lengthMm: 1 }, { ...inspection, weldMm: weldMm ?? 1000 });
    if (shortest && shortest.verdict !== 'fail')
      return { verdict: 'not-decided', unit: 'mm', sure: 'H', why: 'length-asked' };
  }
  return { verdict, unit: 'mm', sure: 'H', why: RULE_WHY[verdict] };
}

function judged(finding: Finding, inspection: Inspection): JudgedFinding | undefined {
  const { standard, level, joint, weldMm } = inspection;
  if (standard === undefined || level === undefined) return undefined;
  const special = standard === 'D1.1' ? judgedByD11(finding, inspection) : undefined;
  return special ?? judgeFinding(finding, { standard, level, joint, sizes: sizesOf(inspection) }, weldMm);
}

interface ItemFinding {
  readonly id: JudgedItem['id'];
  readonly name: string;
  readonly finding: Finding;
  readonly ownLimit?: number | undefined;
  readonly undecided?: ItemWhy | undefined;
}

function judgedItem(
  { id, name, finding, ownLimit, undecided }: ItemFinding,
  inspection: Inspection,
): JudgedItem {
  const { code, size, u95 } = finding;
  const by = judged(finding, inspection);
  const base = {
    id,
    name,
    code,
    size,
    u95,
    limit: by?.limit,
    unit: by?.unit ?? 'mm',
    sure: by?.sure,
    missing: by?.missing,
  };
  // what always fails is never left open
  if (by?.why === 'never-permitted') return { ...base, verdict: 'fail', why: by.why };
  if (undecided !== undefined) return { ...base, verdict: by && 'not-decided', why: undecided };
  if (!by) return { ...base, verdict: undefined, why: 'no-level' };
  if (ownLimit !== undefined) {
    const verdict = byRule((one) => one <= ownLimit, finding);
    return { ...base, limit: ownLimit, sure: undefined, verdict, why: 'own-limit' };
  }
  return { ...base, verdict: by.verdict, why: by.why };
}

/** What is told of an item that was looked at. */
function toldOf({ id, name, code, ask, byPhoto }: InspectionItem, read: ItemRead): ItemFinding {
  const { value, gauge, lengthMm, ownLimit } = read;
  const band = ask === 'size' && value > 0 ? bandOf(read) : 0;
  // a photo shows neither heights nor that there is no crack
  const isBlind = gauge === 'photo' && !byPhoto && (ask === 'size' || value === 0);
  return {
    id,
    name,
    finding: { code, size: value, u95: band ?? 0, lengthMm },
    ownLimit,
    undecided: isBlind ? 'not-by-photo' : band === undefined ? 'band-asked' : undefined,
  };
}

/** What the legs and the throat of a fillet say, each with the band that its readings leave it. */
function filletTold(inspection: Inspection): readonly ItemFinding[] {
  const { firstLeg, secondLeg, throat, standard, nominalMm, underSizeMm: lengthMm } = inspection;
  const nominal = nominalSizes(inspection);
  const findings: ItemFinding[] = [];
  const asked: ItemWhy | undefined = nominalMm !== undefined && !nominal ? 'a-or-z' : undefined;
  const bands = (...reads: readonly (SizeRead | undefined)[]): ItemWhy | undefined =>
    reads.some((read) => read && bandOf(read) === undefined) ? 'band-asked' : undefined;
  const u = (read: SizeRead): number => bandOf(read) ?? 0;
  const legs = firstLeg && secondLeg && { first: firstLeg, second: secondLeg };
  const legU = legs ? Math.max(u(legs.first), u(legs.second)) : 0;
  const byLegs = legs && unequalThroat(legs.first.value, legs.second.value).isoMm;
  if (legs) {
    findings.push({
      id: 'asymmetry',
      name: 'Legs not alike',
      finding: { code: '512', size: Math.abs(legs.first.value - legs.second.value), u95: Math.SQRT2 * legU },
      undecided: bands(legs.first, legs.second),
    });
  }
  if (legs && throat && byLegs !== undefined && throat.value > byLegs) {
    findings.push({
      id: 'convexity',
      name: 'Convexity',
      finding: { code: '503', size: throat.value - byLegs, u95: Math.hypot(u(throat), legU / Math.SQRT2) },
      undecided: bands(legs.first, legs.second, throat),
    });
  }
  // a hump is not counted as strength: the throat is what the legs allow, or what the gauge shows where that is less
  const counted = [
    ...(byLegs === undefined ? [] : [{ mm: byLegs, u95: legU / Math.SQRT2 }]),
    ...(throat ? [{ mm: throat.value, u95: u(throat) }] : []),
  ].toSorted((x, y) => x.mm - y.mm)[0];
  const undecided = asked ?? bands(firstLeg, secondLeg, throat);
  if (standard === 'D1.1') {
    const least = legs && [legs.first, legs.second].toSorted((x, y) => x.value - y.value)[0];
    if (least && nominalMm !== undefined) {
      const size = (nominal?.z ?? nominalMm) - least.value;
      findings.push({
        id: 'undersize',
        name: 'Leg under size',
        finding: { code: '5213', size, u95: u(least), lengthMm },
        undecided,
      });
    }
    return findings;
  }
  if (counted && nominalMm !== undefined) {
    const a = nominal?.a ?? nominalMm;
    const thin = a - counted.mm;
    findings.push({
      id: 'thin-throat',
      name: 'Throat too thin',
      finding: { code: '5213', size: thin, u95: counted.u95, lengthMm },
      undecided,
    });
    const high = throat ?? { value: counted.mm };
    findings.push({
      id: 'thick-throat',
      name: 'Throat too thick',
      finding: { code: '5214', size: high.value - a, u95: throat ? u(throat) : counted.u95 },
      undecided,
    });
  }
  return findings;
}

/**
 * Holds everything that was looked at against the recalled limits of a standard and a level.
 *
 * @returns the items in the order of looking, a verdict for each where a level was chosen, and for the whole: the worst of
 *   them; one that is not decided leaves the whole undecided; what was not looked at is named
 * @source ISO 5817, ISO 10042, AWS D1.1 recalled; the rule of three verdicts and the bands are our model
 */
export function judgeInspection(inspection: Inspection): JudgedInspection {
  const all = itemsOf(inspection.joint);
  const looked = all.flatMap((item) => {
    const read = inspection.items[item.id];
    return read ? [toldOf(item, read)] : [];
  });
  const findings = [...looked, ...(inspection.joint === 'fillet' ? filletTold(inspection) : [])];
  const items = findings.map((one) => judgedItem(one, inspection));
  const verdicts = items.flatMap(({ verdict }) => verdict ?? []);
  return {
    items,
    verdict: wholeVerdict(verdicts),
    notLooked: all.filter(({ id }) => inspection.items[id] === undefined),
  };
}

/** The standard and the level that are offered for a metal; the drawing or the contract picks it. Source: common practice. */
export function offeredStandard(isAluminium: boolean): '5817' | '10042' {
  return isAluminium ? '10042' : '5817';
}
