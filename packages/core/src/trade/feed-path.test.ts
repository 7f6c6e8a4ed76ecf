import type { InWords } from '../base/words/all-in-words.ts';
import { ALUMINIUM_SPRAY } from './family/aluminium.ts';
import { GAS_SHIELDED_FLUX_CORE, METAL_CORED, SELF_SHIELDED } from './family/cored.ts';
import { STEEL_DIP, STEEL_SPRAY } from './family/steel.ts';
import { WIRE_CLASSES, wireClassRow as wireClassRowInWords } from './wire/wire-class.ts';
import { polarityOf as polarityOfInWords } from './polarity.ts';
import type { Family } from './family/family.ts';
import { BRONZE_BRAZE } from './family/steel.ts';
import type { WeldMetal } from './material/metal-pair.ts';
import type { Way } from './wire/way.ts';
import type { WireDiameterMm } from './wire/wire-diameter.ts';
import { type FeedPart, type FeedPath, feedPathOf as feedPathOfInWords } from './feed-path.ts';
import { toldInMetric } from '../../test/told-in-metric.ts';

const wireClassRow = toldInMetric(wireClassRowInWords);
const polarityOf = toldInMetric(polarityOfInWords);
const feedPathOf = toldInMetric(feedPathOfInWords);

function pathOf(
  way: Way,
  family: Family,
  diameterMm: WireDiameterMm,
  weldMetal: WeldMetal = way.startsWith('aluminium') ? 'aluminium' : 'steel',
  currentA = 150,
): FeedPath {
  return feedPathOf(way, family, { weldMetal, diameterMm, currentA });
}

// Source: station table of the rigging handbook, from memory.
describe('what goes in each station', () => {
  it.each([
    ['solid-gas', STEEL_DIP, 'v-smooth', 'steel', 'standard', 12],
    ['solid-gas', STEEL_SPRAY, 'v-smooth', 'steel', 'standard', 16],
    ['self-shielded', SELF_SHIELDED, 'knurled', 'steel', 'standard', 12],
    ['gas-shielded-flux-core', GAS_SHIELDED_FLUX_CORE, 'knurled', 'steel', 'standard', 16],
    ['metal-cored', METAL_CORED, 'v-smooth', 'steel', 'standard', 16],
    ['aluminium-gun', ALUMINIUM_SPRAY, 'u', 'plastic', 'standard', 18],
    ['aluminium-spool-gun', ALUMINIUM_SPRAY, 'u', 'none', 'spool-gun', 18],
  ] as const)('%s: rolls, liner, gun, nozzle', (way, family, form, liner, gun, bore) => {
    const path = pathOf(way, family, 1.2);
    expect(path.driveRolls).toMatchObject({ form, grooveMm: 1.2 });
    expect(path.liner.material).toBe(liner);
    expect(path.gun).toBe(gun);
    expect(path.nozzle.boreMm).toBe(bore);
    expect(path.tip.boreForMm).toBe(1.2);
  });

  it('only the plastic liner has a neck liner', () => {
    expect(pathOf('aluminium-gun', ALUMINIUM_SPRAY, 1.0).liner.neckLiner).toBe(true);
    expect(pathOf('aluminium-spool-gun', ALUMINIUM_SPRAY, 1.0).liner.neckLiner).toBe(false);
    expect(pathOf('solid-gas', STEEL_DIP, 1.0).liner.neckLiner).toBe(false);
  });

  it('the tip stands flush in short-circuit and recessed in spray', () => {
    expect(pathOf('solid-gas', STEEL_DIP, 0.8).tip.recessedMm).toBe(0);
    expect(pathOf('solid-gas', STEEL_SPRAY, 0.9).tip.recessedMm).toBeGreaterThanOrEqual(3);
    expect(pathOf('self-shielded', SELF_SHIELDED, 0.9).tip.recessedMm).toBe(0);
  });

  it('every part says what, why, how to check it and what goes wrong', () => {
    for (const [way, family] of [
      ['solid-gas', STEEL_DIP],
      ['self-shielded', SELF_SHIELDED],
      ['aluminium-gun', ALUMINIUM_SPRAY],
      ['aluminium-spool-gun', ALUMINIUM_SPRAY],
    ] as const) {
      const { gun: _gun, ...parts } = pathOf(way, family, 1.0);
      for (const part of Object.values(parts) as InWords<FeedPart>[]) {
        for (const text of [part.why, part.check, part.ifWrong]) expect(text).toMatch(/\.$/);
        expect(part.fit.length).toBeGreaterThan(5);
      }
    }
  });
});

describe('the nozzle', () => {
  // Source: common practice: spray at 350 to 400 A wants a 19 mm nozzle.
  it('is 19 mm for spray at 350 A, and 16 mm under 320 A', () => {
    expect(pathOf('solid-gas', STEEL_SPRAY, 1.2, 'steel', 350).nozzle.boreMm).toBe(19);
    expect(pathOf('solid-gas', STEEL_SPRAY, 1.2, 'steel', 300).nozzle.boreMm).toBe(16);
  });
});

describe('what is said of a wire is said of that wire', () => {
  it('never speaks of steel wire to bronze or of carbon steel to stainless', () => {
    const bronze = pathOf('bronze-braze', BRONZE_BRAZE, 1.0);
    expect(bronze.driveRolls.why).toContain('Bronze');
    expect(bronze.liner.why).not.toContain('steel wire');
    expect(pathOf('solid-gas', STEEL_DIP, 0.8, 'stainless').driveRolls.why).toContain('stainless wire');
  });
});

describe('polarity belongs to the class', () => {
  // Source: AWS A5.20 for flux core, recalled; handbook for the rest.
  it.each(WIRE_CLASSES.map((id) => [id] as const))('%s', (id) => {
    const negative = ['E71T-11', 'E71T-GS', 'E71T-8'].includes(id);
    const { polarity, gunLead, workLead } = polarityOf(id);
    expect(polarity).toBe(negative ? 'DCEN' : 'DCEP');
    expect([gunLead, workLead]).toEqual(negative ? ['−', '+'] : ['+', '−']);
    expect(wireClassRow(id).way === 'self-shielded').toBe(negative);
  });
});
