import { amount } from '../base/words/amount.ts';
import { words } from '../base/words/words.ts';
import { is } from './rig-condition.ts';
import type { RigAttribute } from '../machine/rig-state/rig-attribute.ts';
import type { LookId } from './rig-step-id.ts';
import type { RigLookRow } from './rig-step-row.ts';

function look(
  id: LookId,
  verb: string,
  answers: readonly RigAttribute[],
  rest: Omit<RigLookRow, 'id' | 'station' | 'verb' | 'answers'>,
): RigLookRow {
  return { id, station: 'look', verb, answers, ...rest };
}

/** Looks in the order in which they cost least. Source: handbook, from memory; minutes are common practice, not timed. */
export const RIG_LOOKS: readonly RigLookRow[] = [
  look('look-hands', 'Ask who used it last', ['hot', 'stockNoted', 'spoolStored'], {
    gate: 'none',
    minutes: 0.3,
    how: words`Ask or hold a hand ${amount.distance(30)} off the nozzle. No answer: take the gun as hot.`,
  }),
  look('look-panel', 'Read the front panel', ['power', 'gunSwitch', 'program', 'setPoint', 'secondary'], {
    gate: 'none',
    minutes: 0.5,
    how: 'Lamp on or off first. Then program number and each menu line; a photo saves writing.',
  }),
  look(
    'look-bench',
    'Look over clamp and leads outside',
    ['workClamp', 'workClampPlace', 'gunLead', 'idleGun', 'gun', 'gunPlugged', 'sgConnected', 'sgPlug'],
    {
      gate: 'none',
      minutes: 0.3,
      how: 'Follow each lead by hand from the machine to its end. Two guns: which control plug is in.',
    },
  ),
  look(
    'look-gas',
    'Read bottle regulator and hose',
    [
      'cylinderValve',
      'gasLine',
      'linePurged',
      'gas',
      'cylinder',
      'cylinderPlaced',
      'cylinderCracked',
      'regulatorScale',
      'regulatorFitted',
      'regulatorKnob',
      'hose',
      'flow',
      'testLeak',
      'testFlow',
    ],
    {
      gate: 'none',
      minutes: 0.8,
      how: 'Read the label not the colour. Try the wheel clockwise a hair: if it moves it was open. Needle up with a closed valve means the line is charged. A flow without a reading today counts as open.',
    },
  ),
  look(
    'look-door',
    'Open the spool door and read',
    [
      'spoolClass',
      'spoolAlloy',
      'spoolDia',
      'spoolSize',
      'spoolFitted',
      'spoolAdapter',
      'feedDirection',
      'rollPressure',
      'pressureArm',
      'wireThreaded',
      'wireEnd',
      'brake',
      'testPressure',
      'testDrag',
      'testBrake',
    ],
    {
      gate: 'none',
      minutes: 0.8,
      how: 'Trigger untouched. Rim label then a micrometer on the wire if the label is gone. Push the spool: does it stop. No label and no micrometer: treat the wire as unknown and take it off.',
    },
  ),
  look(
    'look-rolls',
    'Look at groove and guides',
    ['rollsForm', 'rollsGroove', 'rollsWorn', 'rollsFitted', 'rollsCap', 'inletGuide', 'outletTube'],
    {
      holds: [is('power', 'off')],
      gate: 'power-off',
      minutes: 1,
      how: 'Arm up. A bit of the wanted wire in the groove that lines up tells more than the stamp. Teeth felt with a nail mean knurled.',
    },
  ),
  look('look-leads', 'Follow both leads to their sign', ['polarity'], {
    holds: [is('power', 'off')],
    gate: 'power-off',
    minutes: 0.7,
    how: 'Finger on the gun’s lead from gun to terminal and read the sign there; the same for the clamp. Never plan a swap on a guess: a swap on a guess makes a right machine wrong.',
  }),
  look(
    'look-gun-front',
    'Nozzle off and read the tip',
    [
      'tipBore',
      'tipAluminium',
      'tipFitted',
      'tipHolder',
      'tipHolderFitted',
      'nozzleBore',
      'nozzleType',
      'nozzleFitted',
      'wireTrim',
    ],
    {
      holds: [is('power', 'off'), is('hot', 'no')],
      gate: 'hot-parts',
      minutes: 0.7,
      how: 'Stamp on the tip; worn away: try the wire in it. Look for shut gas holes at the same time.',
    },
  ),
  look(
    'look-liner',
    'Look at the liner’s plug end',
    ['linerMaterial', 'linerBore', 'linerLength', 'linerFitted', 'linerCollet', 'linerTrim', 'neckLiner'],
    {
      holds: [is('power', 'off')],
      gate: 'power-off',
      minutes: 1.5,
      how: 'Colour at the roll end tells plastic from steel; bore and neck piece only from the book or with the gun off and wire out (4 min then). When wire comes out anyway do it then.',
    },
  ),
  look(
    'look-spool-gun',
    'Open the spool gun’s cover',
    [
      'sgSpoolClass',
      'sgSpoolAlloy',
      'sgSpoolDia',
      'sgBrake',
      'sgRollsGroove',
      'sgTipBore',
      'sgWireThreaded',
      'sgRollPressure',
    ],
    {
      holds: [is('power', 'off')],
      gate: 'power-off',
      minutes: 0.8,
      how: 'Small rim label and roll mark; flick the spool for the brake; tip stamp.',
    },
  ),
  look('look-bead', 'Ask for today’s bead or make one', ['testBead'], {
    gate: 'none',
    minutes: 0.3,
    how: 'No bead noted since the last change counts as open.',
  }),
];
