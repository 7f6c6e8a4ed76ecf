import { PARAMETERS } from './arc-parameters.ts';
import type { ArcConstants } from './arc-constants.ts';
import { type ArcRun, type ArcState, capHeightMm, eventDraw } from './arc-state.ts';
import { PULSE, pulseCurrentA } from './pulse-source.ts';

/** At hand, not asked for through the module at every step. */
const P = PARAMETERS;
const { cbrt, exp, log, max, min, sqrt, PI } = Math;

/** Clock of the noise, s: the same however fine the step. Source: our model. */
const NOISE_EVERY_S = 1e-4;
const DROP_KEEPS = exp(-NOISE_EVERY_S / P.dropNoiseS);
const ROOT_KEEPS = exp(-NOISE_EVERY_S / P.rootNoiseS);
const GRAVITY = 9.81;
/** Extension under which the wire has burnt back to the tip, mm. */
const BURNT_BACK_MM = 0.3;
const POOL_RAD_PER_S = 2 * PI * P.poolHz;
/** Least distance of solid tip and pool that a bridge is reckoned with, mm. */
const LEAST_BRIDGE_MM = 0.2;
/** Least length of solid wire that a rest on it is reckoned with, mm. */
const LEAST_SOLID_MM = 0.1;
const LEAST_FREE_MM3 = 0.1;
/**
 * Pinch on a hanging drop: μ₀I²/4π times this and the logarithm of how much wider the drop is than the wire: the force
 * on a conductor that widens from one radius to another. Source: the handbook on the arc model, from memory.
 */
const PINCH_CONSTANT = 0.5;
/**
 * Wire radii of hanging length from which a drop leaves an ever less certain rest, and by how many more at most. Source
 * of these and the shares below: the handbook on the arc model, chosen there so that its facts hold.
 */
const BIG_DROP_FROM_RADII = 2;
const BIG_DROP_MOST_RADII = 1.5;
/** Most of a drop that a breaking bridge leaves on the wire, as a share. */
const LEFT_MOST_SHARE = 0.7;
/** A break leaves half of the drop's noise; a drop that lets go leaves half of what a bridge leaves. */
const NOISE_AFTER_BREAK = 0.5;
const LEFT_WHEN_LET_GO = 0.5;

function drawNoise(run: ArcRun, s: ArcState, k: ArcConstants): void {
  const uniform = (): number => sqrt(3) * (2 * run.draws.noise() - 1);
  s.dropNoise = DROP_KEEPS * s.dropNoise + sqrt(1 - DROP_KEEPS * DROP_KEEPS) * uniform();
  s.rootNoise = ROOT_KEEPS * s.rootNoise + sqrt(1 - ROOT_KEEPS * ROOT_KEEPS) * uniform();
  s.forceRatio = forceRatio(s, k);
  s.isPulledOff = s.forceRatio > 1 && s.liquidMm3 > LEAST_FREE_MM3;
}

/** Weight and pinch on the hanging drop, over what holds it. */
function forceRatio(s: ArcState, k: ArcConstants): number {
  const dropRadiusMm = cbrt((3 * s.liquidMm3) / (4 * PI));
  const weight = P.densityKgPerM3 * GRAVITY * s.liquidMm3 * 1e-9;
  const pinch =
    k.magneticShare *
    1e-7 *
    s.currentA *
    s.currentA *
    (PINCH_CONSTANT + log(max(1, dropRadiusMm / k.radiusMm)));
  return (weight + pinch) / k.holdsN;
}

function touch(run: ArcRun, s: ArcState, k: ArcConstants): void {
  s.shorted = true;
  s.neck = 0;
  s.shortedSinceS = s.timeS;
  s.bridgeS = P.bridgeTimeShare * k.wetsS * sqrt(max(s.liquidMm3, P.leastBridgeMm3));
  s.stubUnderMm = P.stubUnderMm * exp(P.stubScatter * eventDraw(run));
  const repelled = 1 / (1 + exp(-(s.currentA / k.pinchA - P.repelledAt) / P.repelledSpread));
  s.isRepelled = run.noise.share > 0 && run.draws.event() < repelled;
}

function breakBridge(run: ArcRun, s: ArcState, k: ArcConstants, solidMm: number): void {
  const whole = s.liquidMm3;
  const big = min(max(s.dropMm / k.radiusMm - BIG_DROP_FROM_RADII, 0), BIG_DROP_MOST_RADII);
  const scatter = (1 + P.leftScatter * eventDraw(run)) * exp(P.leftScatterBig * big * eventDraw(run));
  const most = P.leftMost * k.sectionMm2 * max(solidMm, LEAST_SOLID_MM);
  const left = min(P.leftShare * whole * scatter, LEFT_MOST_SHARE * whole, most);
  s.liquidMm3 = max(left, 0);
  s.dropMm = capHeightMm(s.liquidMm3, k.radiusMm);
  run.totals.transferredMm3 += whole - s.liquidMm3;
  const gapMm = max(solidMm - s.dropMm, 0);
  const arcV =
    k.fallV + k.columnVPerMm * gapMm + (P.arcOhm + (k.wireOhmMm * s.extensionMm) / k.sectionMm2) * s.currentA;
  run.events.push({
    kind: 'short',
    atS: s.timeS,
    forS: s.timeS - s.shortedSinceS,
    currentA: s.currentA,
    clickW: arcV * s.currentA,
    dropMm3: whole - s.liquidMm3,
  });
  s.dropNoise *= NOISE_AFTER_BREAK;
  s.poolMmPerS -= P.breakKickMmPerSA2 * s.currentA * s.currentA * (1 + P.breakKickScatter * eventDraw(run));
  s.shorted = false;
  s.coming = 0;
}

function letGo(run: ArcRun, s: ArcState, k: ArcConstants): void {
  const whole = s.liquidMm3;
  s.liquidMm3 = LEFT_WHEN_LET_GO * P.leftShare * whole;
  s.dropMm = capHeightMm(s.liquidMm3, k.radiusMm);
  s.coming = 0;
  s.isPulledOff = false;
  run.totals.transferredMm3 += whole - s.liquidMm3;
  run.events.push({ kind: 'free-drop', atS: s.timeS, dropMm3: whole - s.liquidMm3 });
}

/** A drop pulled on by more than holds it comes off after a while. */
function pullOff(run: ArcRun, s: ArcState, k: ArcConstants, dtS: number): void {
  if (s.coming > 0) {
    s.forceRatio = forceRatio(s, k);
    s.isPulledOff = s.forceRatio > 1 && s.liquidMm3 > LEAST_FREE_MM3;
  }
  if (!s.isPulledOff) {
    s.coming = 0;
    return;
  }
  s.coming += (dtS * sqrt(s.forceRatio - 1)) / (P.detachTimeShare * k.wetsS * sqrt(s.liquidMm3));
  if (s.coming > 1) letGo(run, s, k);
}

/** Neck of a bridge, or of a stub that has none; a repelled touch opens as it came. */
function neckDown(
  run: ArcRun,
  s: ArcState,
  k: ArcConstants,
  bridged: number,
  solidMm: number,
  dtS: number,
): void {
  if (s.isRepelled) {
    if (s.timeS - s.shortedSinceS < P.repelledForS) return;
    s.shorted = false;
    s.isRepelled = false;
    s.dropNoise -= 1;
    run.events.push({ kind: 'repelled', atS: s.timeS });
    return;
  }
  if (bridged <= 0) {
    s.neck = max(0, s.neck - (s.neck / P.neckHealsS) * dtS);
    return;
  }
  const pinch = s.currentA / k.pinchA;
  s.neck += dtS * (bridged / s.bridgeS) * (1 + P.pinchShare * pinch * pinch);
  if (s.neck >= P.neckAtBreak) breakBridge(run, s, k, solidMm);
}

/** The pool: a damped oscillator that the arc presses down. */
function movePool(s: ArcState, dtS: number): void {
  const w = POOL_RAD_PER_S;
  const damping = s.shorted ? P.poolDampingShorted : P.poolDamping;
  const pressed = s.shorted ? 0 : P.arcForceMmPerA2 * s.currentA * s.currentA;
  s.poolMmPerS += dtS * (-2 * damping * w * s.poolMmPerS - w * w * (s.poolMm + pressed));
  s.poolMm += dtS * s.poolMmPerS;
}

function driveCurrent(run: ArcRun, s: ArcState, volts: number, dtS: number): void {
  const { source } = run.setting;
  const before = s.currentA;
  if (source.kind === 'pulse') {
    s.currentA += (dtS / PULSE.riseS) * (pulseCurrentA(run, dtS) - s.currentA);
    run.totals.sourceJ += volts * before * dtS;
    return;
  }
  const emf = source.volts + (source.means === 'load' ? source.slopeVPerA * s.meanA : 0);
  s.meanA += ((s.currentA - s.meanA) / P.regulatorTimeS) * dtS;
  s.currentA = max(
    0,
    s.currentA + (dtS * (emf - source.slopeVPerA * s.currentA - volts)) / source.inductanceH,
  );
  run.totals.sourceJ += emf * before * dtS;
  run.totals.slopeJ += source.slopeVPerA * before * before * dtS;
}

/** What is summed up of a step. */
function sumUp(run: ArcRun, s: ArcState, volts: number, amps: number, dtS: number): void {
  const t = run.totals;
  t.voltSeconds += volts * dtS;
  t.coulombs += amps * dtS;
  t.loadJ += volts * amps * dtS;
  t.voltSquareSeconds += volts * volts * dtS;
  t.ampSquareSeconds += amps * amps * dtS;
  t.gapMmSeconds += max(s.gapMm, 0) * dtS;
  if (s.shorted) t.shortedS += dtS;
}

/**
 * One step of time: the arc as it stands a moment later.
 *
 * @param dtS at most 25e-6 s
 * @source our model; the physics recalled, parameters as their table says
 */
export function stepArc(run: ArcRun, dtS: number): void {
  const { state: s, constants: k, setting, totals } = run;
  s.noiseClockS += dtS;
  if (s.noiseClockS >= NOISE_EVERY_S) {
    s.noiseClockS -= NOISE_EVERY_S;
    drawNoise(run, s, k);
  }
  const wireOhm = (k.wireOhmMm * s.extensionMm) / k.sectionMm2;
  const amps = s.currentA;
  const byJoule = k.beta * s.extensionMm * amps * amps;
  const h = s.dropMm;
  const a = k.radiusMm;
  const capMm3 = (PI * h * (3 * a * a + h * h)) / 6;
  s.dropMm = h - ((capMm3 - s.liquidMm3) * 2) / (PI * (a * a + h * h));
  const solidMm = setting.tipToWorkMm - s.extensionMm - s.poolMm;
  const wasShorted = s.shorted;
  let volts: number;
  let melt: number;
  if (wasShorted) {
    const open = 1 - s.neck;
    volts = amps * (wireOhm + (P.liquidOhmMm * max(solidMm, LEAST_BRIDGE_MM)) / (k.sectionMm2 * open * open));
    const bridged = min(1, (solidMm - s.stubUnderMm) / (P.bridgeOverMm - P.stubUnderMm));
    melt = (bridged > 0 ? P.bridgeMeltShare : P.stubMeltShare) * k.alpha * amps + byJoule;
    s.gapMm = 0;
    sumUp(run, s, volts, amps, dtS);
    neckDown(run, s, k, bridged, solidMm, dtS);
  } else {
    s.gapMm = solidMm - s.dropMm * (1 + k.dropScatter * (s.dropMm / a) * s.dropNoise);
    const open = max(s.gapMm, 0);
    volts =
      k.fallV +
      k.rootScatterVPerMm * s.rootNoise * (0.1 + open) +
      k.columnVPerMm * open +
      (P.arcOhm + wireOhm) * amps;
    melt = k.alpha * amps + byJoule;
    sumUp(run, s, volts, amps, dtS);
    pullOff(run, s, k, dtS);
    if (s.gapMm <= 0) touch(run, s, k);
  }
  s.voltsV = volts;
  driveCurrent(run, s, volts, dtS);
  const fed = setting.wireFeedSpeedMPerMin / 0.06;
  if (s.extensionMm < BURNT_BACK_MM) {
    melt = min(melt, fed);
    s.burnedBack = true;
  }
  s.extensionMm += (fed - melt) * dtS;
  s.liquidMm3 += melt * k.sectionMm2 * dtS;
  totals.fedMm += fed * dtS;
  totals.meltedMm += melt * dtS;
  movePool(s, dtS);
  s.timeS += dtS;
}
