import { COMMON_GASES, gasOf } from '../gas/gas.ts';
import { JOINTS, POSITIONS, SURFACES } from '../material/work.ts';
import { WIRE_CLASS_ROWS } from '../wire/wire-class.ts';
import { isSizeForPosition } from './ceilings.ts';
import { FAMILIES, familyOf, isWayOfMetal } from './families.ts';
import type { Family } from './family.ts';

const round = (value: number): number => Number(value.toPrecision(5));
const text = (value: unknown): string =>
  JSON.stringify(value, (key, one: unknown) =>
    key === 'source' ? undefined : typeof one === 'number' ? round(one) : one,
  );

/** Every figure of a family, those that follow from a gas, a joint or a size worked out for each. */
function figures(family: Family): readonly string[] {
  const classes = WIRE_CLASS_ROWS.filter(
    ({ way, usability }) =>
      family.ways.includes(way) && (family.usability === undefined || usability === family.usability),
  );
  return [
    `rows ${text(family.rowsMm)} mm, closed butt ${family.closedButtMostMm} mm, deposit ${text(family.depositShare)}`,
    `demand ${text(family.demand)}`,
    `confidence ${[0.8, 1.5, 3, 6, 12].map((t) => round(family.confidence(t))).join(' ')}`,
    ...family.sizes.map((size) => `size ${text(size)}, ${text(family.distance(size.nominalMm))}`),
    ...family.sizes.flatMap(({ nominalMm }) =>
      classes.map(({ id }) => `melting ${nominalMm} mm ${id} ${text(family.melting(id, nominalMm))}`),
    ),
    `volts ${text(family.volts)}`,
    ...COMMON_GASES.map((id) => `${id} ${text(family.gasVolts(gasOf(id)))} V`),
    ...JOINTS.map(
      (joint) =>
        `${joint} ${text(family.joint[joint])}, ${POSITIONS.map((position) => text(family.workVolts({ joint, position }))).join(' ')} V`,
    ),
    ...POSITIONS.map((position) => `${position} ${text(family.position[position])}`),
    ...SURFACES.map((surface) => `${surface} ${text(family.surface[surface])}`),
    `ceilings ${text(family.ceilings)}`,
    `flow ${text(family.flow(100))} ${text(family.flow(350))}`,
  ];
}

// Source: the starting rows and figures of the handbook, from memory, as each family states. That they are right is said by
// the tests of the rows; here each stands a second time, so that none moves unseen.
describe('the figures of a family', () => {
  it.each(
    Object.values(FAMILIES)
      .flat()
      .map((family) => [family.id, family] as const),
  )('%s', (_id, family) => {
    expect(figures(family).join('\n')).toMatchSnapshot();
  });
});

describe('the family of a way', () => {
  it('is found by metal, way, transfer and class', () => {
    const own = { way: 'self-shielded', mode: 'own' } as const;
    expect(familyOf('steel', own, 'E71T-8')?.id).toBe('self-shielded-t8');
    expect(familyOf('steel', own, 'E71T-11')?.id).toBe('self-shielded');
    expect(familyOf('steel', own, undefined)?.id).toBe('self-shielded');
    expect(familyOf('stainless', own, 'E71T-11')).toBeUndefined();
    expect(familyOf('aluminium', { way: 'aluminium-gun', mode: 'spray' }, 'ER5356')?.id).toBe(
      'aluminium-spray',
    );
    expect(isWayOfMetal({ way: 'solid-gas', mode: 'spray' }, 'stainless')).toBe(true);
    expect(isWayOfMetal({ way: 'metal-cored', mode: 'spray' }, 'stainless')).toBe(false);
    expect(isWayOfMetal({ way: 'metal-cored', mode: 'pulse' }, 'steel')).toBe(false);
  });

  // Source: common practice, from memory: wire of a family's flat-only size and above is not held up.
  it('keeps thick wire flat and horizontal', () => {
    for (const { ceilings, sizes } of Object.values(FAMILIES).flat()) {
      for (const { nominalMm } of sizes) {
        const isUpright = isSizeForPosition(ceilings, nominalMm, 'overhead');
        expect(isUpright).toBe(ceilings?.flatOnlyFromMm === undefined || nominalMm < ceilings.flatOnlyFromMm);
        expect(isSizeForPosition(ceilings, nominalMm, 'horizontal')).toBe(true);
      }
    }
  });
});
