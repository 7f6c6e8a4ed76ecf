import { type BeadPlan, depositMm3PerMin, runLimits } from '../bead/bead-plan.ts';
import { handTravel } from '../bead/hand-travel.ts';
import { grooveSection, isBevelled, ROOT_FACE_MM, rootGapMm } from '../bead/joint-section.ts';
import { familyOf } from '../../trade/family/families.ts';
import type { Family } from '../../trade/family/family.ts';
import { heatInputKJPerMm } from '../../trade/heat/heat-input.ts';
import { isFilletJoint, isLevel } from '../../trade/material/work.ts';
import { curveValue, clamped } from '../../base/numeric/point-curve.ts';
import { type Groove, grooveLayers, type GrooveLayer, type Layer } from '../runs/groove-layers.ts';
import type { PlannedRun, RunRole } from '../runs/run.ts';
import { filletCells, grooveCells, type RunCell } from '../runs/run-cells.ts';
import { isGasless } from '../../trade/family/gas-verdict.ts';
import { isOfWay, usualClass } from '../../trade/wire/wire-class.ts';
import { beadOfWay, sidesOfWay } from './bead-of-way.ts';
import { voltsSpan, wireAtMiddle, type WireInArc, wireSpeedOf } from './numbers.ts';
import { cleanBetween, type RunPlace, runTechnique } from './run-words.ts';
import type { SettledWay } from './settle-way.ts';

/** The settings a run is laid at. */
interface RunSetting {
  readonly arc: WireInArc;
  readonly way: PlannedRun['way'];
  readonly currentA: number;
  readonly wireFeedSpeedMPerMin: number;
  readonly volts: number;
}

/** The plan's own numbers, which the main runs are laid at. */
export interface MainSetting extends RunSetting {
  /** Volts that the plan moves by, learnt or its user's own, V. */
  readonly movedV: number;
}

/** The weld: its bead and every run of it. */
export interface WeldPlan {
  readonly bead: BeadPlan;
  readonly runs: readonly PlannedRun[];
}

/** Root in short-circuit by true diameter, 0.8 to 1.2 mm, A: flat and out of position. Source: common practice. */
export const DIP_ROOT_A = {
  level: [
    [0.762, 90],
    [1.143, 120],
  ],
  out: [
    [0.762, 85],
    [1.143, 100],
  ],
} as const;
/** Current of root and cap over that of the fill, in the same wire and transfer. Source: our model. */
export const ROOT_SHARE = 0.9;
export const CAP_SHARE = 0.95;

function layerOf(settled: SettledWay, setting: RunSetting): Layer {
  const { work, thickness } = settled.open.context;
  const { family } = setting.arc;
  return {
    depositMm3PerMin: depositMm3PerMin(
      family.depositShare,
      setting.wireFeedSpeedMPerMin,
      setting.arc.trueDiameterMm,
    ),
    hand: handTravel(family.hand, work.position, thickness.thinnerMm),
    limits: runLimits(family.hand, work.position),
  };
}

/** A setting at another current, with volts and wire speed that follow it. */
function settingAt(settled: SettledWay, base: MainSetting, arc: WireInArc, currentA: number): RunSetting {
  const { work, pair } = settled.open.context;
  const volts = voltsSpan({
    family: arc.family,
    trueDiameterMm: arc.trueDiameterMm,
    currentA,
    gas: settled.gas.gas,
    work,
    coated: pair.coated,
    tolerance: 0,
  }).start;
  return {
    arc,
    way: base.way,
    currentA,
    wireFeedSpeedMPerMin: wireSpeedOf(arc, currentA),
    volts: arc.family === base.arc.family ? volts + base.movedV : volts,
  };
}

/** The wire and transfer an open root is laid with: short-circuit under a way that would fall through it. */
function dipRoot(settled: SettledWay, main: MainSetting): RunSetting | undefined {
  const { work, pair, resources } = settled.open.context;
  const { family } = main.arc;
  const holds = family.mode === 'short-circuit' || isGasless(family.id);
  if (work.joint !== 'open-butt' || work.backing === true || holds) return undefined;
  const solid = isOfWay(main.arc.wireClass, 'solid-gas');
  const wireClass = solid ? main.arc.wireClass : usualClass('solid-gas').id;
  const dip = familyOf(pair.weldMetal, { way: 'solid-gas', mode: 'short-circuit' }, wireClass);
  if (!dip) return undefined;
  const held = resources.shelf?.wires.find((wire) => wire.wireClass === wireClass)?.diameterMm;
  const diameterMm = solid && main.arc.diameterMm <= 1.2 ? main.arc.diameterMm : (held ?? 0.9);
  const arc = wireAtMiddle(dip, wireClass, diameterMm);
  const currentA = curveValue(isLevel(work.position) ? DIP_ROOT_A.level : DIP_ROOT_A.out, arc.trueDiameterMm);
  return { ...settingAt(settled, main, arc, currentA), way: 'solid-gas' };
}

interface PlacedRun extends RunPlace {
  readonly sectionMm2: number;
  readonly legMm?: number;
  readonly cell?: RunCell | undefined;
}

function runOf(settled: SettledWay, number: number, setting: RunSetting, place: PlacedRun): PlannedRun {
  const { work, pair } = settled.open.context;
  const { arc } = setting;
  const { hand, depositMm3PerMin: deposit } = layerOf(settled, setting);
  const travelMmPerMin = clamped(deposit / place.sectionMm2, hand.hardMmPerMin);
  return {
    number,
    role: place.role,
    layer: place.layer,
    way: setting.way,
    mode: arc.family.mode,
    family: arc.family.id,
    wireClass: arc.wireClass,
    wireDiameterMm: arc.diameterMm,
    currentA: setting.currentA,
    wireFeedSpeedMPerMin: setting.wireFeedSpeedMPerMin,
    volts: setting.volts,
    travelMmPerMin,
    sectionMm2: deposit / travelMmPerMin,
    legMm: place.legMm,
    heatInputKJPerMm: heatInputKJPerMm(setting.volts, setting.currentA, travelMmPerMin),
    technique: runTechnique(place, arc.family, work),
    clean: cleanBetween(arc.family, pair.weldMetal),
    cell: place.cell,
  };
}

function floorOf({ limits }: SettledWay, family: Family, main: MainSetting): number {
  const window = family.sizes.find((size) => size.nominalMm === main.arc.diameterMm)?.windowA[0] ?? 0;
  return Math.min(Math.max(limits.floorA ?? 0, window), main.currentA);
}

function grooveOf({ open }: SettledWay): Groove {
  const { work, thickness } = open.context;
  const t = thickness.thicknessMm;
  const { capWidthMm, capHeightMm } = grooveSection(work, t, 1);
  return { thicknessMm: t, gapMm: rootGapMm(work, t), faceMm: ROOT_FACE_MM, capWidthMm, capHeightMm };
}

/** The runs of a bevelled butt, layer by layer, each at its own numbers. */
function grooveRuns(settled: SettledWay, main: MainSetting): WeldPlan {
  const groove = grooveOf(settled);
  const least = floorOf(settled, main.arc.family, main);
  const share = (of: number): RunSetting =>
    settingAt(settled, main, main.arc, Math.max(main.currentA * of, least));
  const settings: Readonly<Record<GrooveLayer['role'], RunSetting>> = {
    root: dipRoot(settled, main) ?? share(ROOT_SHARE),
    fill: main,
    cap: share(CAP_SHARE),
  };
  const fill = layerOf(settled, main);
  const layers = grooveLayers(groove, layerOf(settled, settings.root), fill);
  const runs: PlannedRun[] = [];
  layers.forEach((layer, index) => {
    const cells = grooveCells(groove, layer);
    for (const cell of cells) {
      const { role, areaMm2, runs: abreast } = layer;
      const place = { role, layer: index + 1, abreast, sectionMm2: areaMm2 / abreast, cell };
      runs.push(runOf(settled, runs.length + 1, settings[layer.role], place));
    }
  });
  const last = runs.findLast(({ role }) => role === 'fill') ?? (runs.at(-1) as PlannedRun);
  const { hand } = fill;
  const [low, high] = hand.comfortableMmPerMin;
  const finishedMm2 = layers.reduce((sum, { areaMm2 }) => sum + areaMm2, 0);
  const atEase = last.travelMmPerMin >= low && last.travelMmPerMin <= high;
  return {
    runs,
    bead: {
      passes: runs.length,
      legMm: undefined,
      finishedLegMm: undefined,
      sectionMm2: last.sectionMm2,
      finishedMm2,
      wantedMm2: [finishedMm2, finishedMm2],
      travelMmPerMin: last.travelMmPerMin,
      hand,
      solvedBy: atEase ? 'comfortable' : 'hard-limit',
      oversize: 1,
    },
  };
}

/** The bead and every run of a settled way at its numbers. */
export function weldPlan(settled: SettledWay, main: MainSetting): WeldPlan {
  const { open, limits } = settled;
  const { work, thickness } = open.context;
  if (isBevelled(work.joint, thickness.thicknessMm)) return grooveRuns(settled, main);
  const sides = sidesOfWay(open);
  const bead = beadOfWay(open, main.arc, main.wireFeedSpeedMPerMin, limits.passes);
  const { passes, sectionMm2, legMm, finishedLegMm } = bead;
  const leg = legMm === undefined ? {} : { legMm };
  const cells = isFilletJoint(work.joint) && passes > 1 ? filletCells(finishedLegMm ?? 0, passes) : [];
  const role: RunRole = passes > 1 ? 'stringer' : 'only';
  const runs = Array.from({ length: passes }, (_, i) =>
    runOf(settled, i + 1, main, { role, layer: i + 1, abreast: 1, sectionMm2, ...leg, cell: cells[i] }),
  );
  if (sides === 1 || isFilletJoint(work.joint)) return { bead, runs };
  const second = runs.map((run) =>
    runOf(settled, passes + run.number, main, {
      role: 'second-side',
      layer: run.layer,
      abreast: 1,
      sectionMm2,
    }),
  );
  return { bead: { ...bead, passes: passes * 2 }, runs: [...runs, ...second] };
}
