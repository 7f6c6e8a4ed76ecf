import { type Gas, gasOf } from '../gas/gas.ts';
import { metalName } from '../material/base-metal.ts';
import type { Work } from '../material/work.ts';
import { type Way, WAY_NAME, type WireClass, isSolidSteelWire, wireClassRow } from '../wire/wire-class.ts';
import { MODEL_VERSION, type RefusalCode, type RefusedSetup, type Resources } from './setup.ts';

/** Aluminium alloys that 4043 makes brittle. Source: handbook filler table, from memory. */
const NO_4043 = ['5083', '5086', '5754', '5454'];

/** A refusal with its code, its reasons and what to do instead. */
export function refused(
  work: Work,
  code: RefusalCode,
  reasons: readonly string[],
  instead: readonly string[] = [],
): RefusedSetup {
  return { status: 'refused', modelVersion: MODEL_VERSION, work, code, reasons, instead };
}

function isSteel(work: Work): boolean {
  return work.metal === 'carbon-steel' || work.metal === 'coated-steel';
}

function metalRefusal(work: Work): RefusedSetup | undefined {
  const name = metalName(work.metal, work.alloy);
  if (work.metal === 'unweldable-aluminium') {
    return refused(
      work,
      'metal-not-weldable',
      [`${name} cracks when it is fusion welded: no wire makes it sound.`],
      ['Bolt or rivet it, or choose a weldable alloy.'],
    );
  }
  if (work.metal === 'other') {
    return refused(
      work,
      'metal-not-weldable',
      [`${name} is not welded with the wires Hot Bead knows.`],
      ['Check the metal: a magnet, a file and a drawing tell more than its colour.'],
    );
  }
  return undefined;
}

function fillerRefusal(work: Work, wireClass: WireClass | undefined): RefusedSetup | undefined {
  if (wireClass === undefined) return undefined;
  const metal = metalName(work.metal, work.alloy);
  const brittle = work.alloy !== undefined && NO_4043.includes(work.alloy);
  if (brittle && (wireClass === 'ER4043' || wireClass === 'ER4943')) {
    return refused(
      work,
      'filler-wrong-for-metal',
      [`${wireClass} on ${work.alloy} makes a brittle Mg–Si weld.`],
      ['Take ER5183 or ER5356.'],
    );
  }
  const stainlessToSteel = wireClass === 'ER309LSi' && work.metal === 'carbon-steel';
  if (!stainlessToSteel && !wireClassRow(wireClass).metals.includes(work.metal)) {
    return refused(
      work,
      'filler-wrong-for-metal',
      [`${wireClass} is not a filler for ${metal}.`],
      [isSteel(work) ? 'Take ER70S-6.' : `Take a filler for ${metal}.`],
    );
  }
  return undefined;
}

/** Whether a gas can be used at all for short-circuit on carbon steel. */
export function gasRefusal(work: Work, gas: Gas): RefusedSetup | undefined {
  const instead = ['Get Ar + 18–25 % CO₂ (M21), or CO₂.'];
  if (gas.id === 'argon') {
    return refused(
      work,
      'gas-wrong-for-metal',
      ['Argon alone is wrong for steel: the bead stands ropy and convex and does not wet in.'],
      instead,
    );
  }
  if (gas.id.startsWith('ar-he') || gas.id === 'tri-mix') {
    return refused(work, 'gas-wrong-for-metal', [`${gas.name} is not a gas for carbon steel.`], instead);
  }
  if (gas.co2Percent[1] < 5) {
    return refused(
      work,
      'gas-too-little-co2',
      [`${gas.name} is for spray: it holds a poor short-circuit arc.`],
      instead,
    );
  }
  return undefined;
}

/** The way the work is to be welded: asked, implied by wire or gas, standing on the machine, else solid wire. */
export function wayOf(work: Work, resources: Resources): Way {
  if (resources.way !== undefined) return resources.way;
  if (resources.wireClass !== undefined) return wireClassRow(resources.wireClass).way;
  if (resources.gas === 'none') return 'self-shielded';
  if (resources.gas !== undefined) return 'solid-gas';
  const loaded = resources.machine && wireClassRow(resources.machine.loadedWireClass);
  return loaded?.metals.includes(work.metal) === true ? loaded.way : 'solid-gas';
}

function notPlannedYet(work: Work, what: string): RefusedSetup {
  return refused(
    work,
    'not-planned-yet',
    [`Understood, not planned yet: ${what}.`],
    ['Hot Bead plans short-circuit with solid wire on carbon steel so far. The job can be saved as it is.'],
  );
}

/**
 * Refusals that are known before any number is computed: metals, fillers, gases and families that cannot be
 * planned; undefined when the work belongs to short-circuit with solid wire on carbon steel.
 */
export function refusalOfFamily(work: Work, resources: Resources): RefusedSetup | undefined {
  const hopeless = metalRefusal(work) ?? fillerRefusal(work, resources.wireClass);
  if (hopeless) return hopeless;
  if (!isSteel(work)) return notPlannedYet(work, metalName(work.metal, work.alloy));
  const way = wayOf(work, resources);
  if (way !== 'solid-gas') return notPlannedYet(work, WAY_NAME[way]);
  if (resources.wireClass !== undefined && !isSolidSteelWire(resources.wireClass)) {
    return notPlannedYet(work, `${resources.wireClass} on ${metalName(work.metal, work.alloy)}`);
  }
  if (resources.gas === 'none') {
    return refused(
      work,
      'gas-wrong-for-metal',
      ['Solid wire needs a shielding gas.'],
      ['Get Ar + 18–25 % CO₂, or take self-shielded flux core.'],
    );
  }
  const gas = resources.gas === undefined ? undefined : gasRefusal(work, gasOf(resources.gas));
  if (gas) return gas;
  if (resources.mode !== undefined && resources.mode !== 'short-circuit') {
    return notPlannedYet(work, `${resources.mode} transfer`);
  }
  return undefined;
}
