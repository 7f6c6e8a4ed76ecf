import type { Units } from '@hot-bead/core/base';
import type { KeptMachine } from '@hot-bead/contract/machine';
import type { DialIn } from '@hot-bead/core/dial-in';
import type { PlannedSetup } from '@hot-bead/core/plan';
import type { BeadSetting, DialWay } from '@hot-bead/core/window';
import { type SetFigure, setFigures, setText } from '../terms/index.ts';
import { figureOf, shownAs, withUnit } from '../../units/index.ts';

/** What a dial-in is told of, in which units. */
export interface TellIn {
  readonly plan: PlannedSetup;
  readonly machine: KeptMachine | undefined;
  readonly units: Units;
}

/** The figure that a way of searching moves, of a setting: a tap, volts, a wire speed, or both. */
export function movedText(setting: BeadSetting, state: DialIn, bead: TellIn): string {
  const { wire, volts } = setFigures(bead.plan, bead.machine, bead.units, setting);
  const whole = (figure: SetFigure): string =>
    figure.physical === undefined ? setText(figure) : `${setText(figure)} (${figure.physical})`;
  if (state.way === 'volts-first') return whole(wire);
  if (state.way === 'columns') return `${whole(wire)} and ${whole(volts)}`;
  return whole(volts);
}

/** "The middle of the window is probably between 18.0 and 18.8 V." */
export function probableText(state: DialIn, bead: TellIn): string {
  const [low, high] = state.probable;
  const [a, b] = [movedText(low, state, bead), movedText(high, state, bead)];
  if (a === b) return `The middle of the window is probably near ${a}.`;
  if (state.way === 'volts-first') {
    // less wire is hotter
    const { unit } = shownAs('wireFeedSpeed', bead.units);
    const of = (one: BeadSetting): string => figureOf('wireFeedSpeed', one.wireFeedSpeedMPerMin, bead.units);
    return `The middle of the window is probably between ${of(high)} and ${of(low)} ${unit}.`;
  }
  // what is set otherwise than in volts stands as it is set
  const { control } = setFigures(bead.plan, bead.machine, bead.units, low).volts;
  if (state.way === 'columns' || state.isTaps || control !== undefined) {
    return `The middle of the window is probably between ${a} and ${b}.`;
  }
  const of = (one: BeadSetting): string => figureOf('volts', one.volts, bead.units);
  return `The middle of the window is probably between ${of(low)} and ${of(high)} V.`;
}

const BEGINS: Readonly<Record<DialWay, readonly [cold: string, hot: string]>> = {
  'wire-first': [
    'under the middle: too low shows itself first.',
    'over the middle: too low stubs, and burns back into the tip.',
  ],
  trim: ['under the middle.', 'over the middle.'],
  'volts-first': [
    'colder than the middle.',
    'hotter than the middle: a little short of wire, then more of it.',
  ],
  columns: ['under the middle: the column for this work.', 'over the middle: the column for this work.'],
};

function firstText({ way, beginsOffV, isTaps }: DialIn): string {
  if (isTaps) return 'Begin at the tap under the middle and come up.';
  const off = Math.abs(beginsOffV);
  if (off < 0.15) return 'Begin in the middle, and look on both sides.';
  return `Begin ${off.toFixed(1)} V ${BEGINS[way][beginsOffV < 0 ? 0 : 1]}`;
}

/** What moves between one bead and the next: one thing at a time, or said where it is two. */
export const MOVES: Readonly<Record<DialWay, string>> = {
  'wire-first': 'Only the volts move.',
  'volts-first': 'Only the wire speed moves.',
  trim: 'Only the trim moves.',
  columns: 'Wire speed and volts move together, a column at a time.',
};

/** In pulse there is no volts knob: its trim sets the length of the arc. */
export const PULSE_MOVES =
  'In pulse the trim moves, by the look of the arc: the volts here are a rough mean.';

/** Why the next bead lies where it does, or why it ends. */
export function whyText(state: DialIn, bead: TellIn): string {
  const { next } = state;
  if (next.kind === 'weld') {
    const here = movedText(next.setting, state, bead);
    switch (next.why) {
      case 'first':
        return firstText(state);
      case 'colder':
        return `Colder than the beads so far: one at ${here} would tell most.`;
      case 'hotter':
        return `Hotter than the beads so far: one at ${here} would tell most.`;
      case 'between':
        return `Between the beads so far: one at ${here} would tell most.`;
      case 'again':
        return `One more at ${here} would tell most.`;
      case 'more-heat':
        return 'The volts are right and the heat is too little: more wire, and the volts follow. Both move.';
      case 'less-heat':
        return 'The volts are right and the heat is too much: less wire, and the volts follow. Both move.';
    }
  }
  switch (next.because) {
    case 'settled':
      return next.isProven
        ? 'Likely in the window, and a bead near it read right.'
        : 'The nearest that this machine can be set to.';
    case 'no-gain':
      return 'Another bead would tell no more.';
    case 'blown':
      return 'It blew through, and two beads were laid since: spare the sheet, and take this.';
    case 'blown-all':
      return 'All that can be set here lies over what blew through. Turn the wire speed down in the plan, or take a thinner wire or another way.';
    case 'most-beads':
      return 'Not settled after eight beads. Take this for now; check the stick-out and the work clamp, let the coupon cool, and lay one more.';
  }
}

/** Which neighbours of the good beads were seen: the check that a welder makes by eye. */
export function bracketText({ bracket }: DialIn, reader: Pick<TellIn, 'units'>): string {
  const at = (one: BeadSetting): string =>
    `${withUnit('volts', one.volts, reader.units)}, ${withUnit('wireFeedSpeed', one.wireFeedSpeedMPerMin, reader.units)}`;
  const { colder, hotter } = bracket;
  if (colder && hotter)
    return `A colder neighbour (${at(colder)}) and a hotter one (${at(hotter)}) were seen.`;
  if (colder) return `A colder neighbour was seen (${at(colder)}), no hotter one yet.`;
  if (hotter) return `A hotter neighbour was seen (${at(hotter)}), no colder one yet.`;
  return '';
}
