import { beadSymptoms } from './bead-symptoms.ts';
import { FAULT_PROCESSES } from './fault-process.ts';
import { findSymptoms } from './find-symptoms.ts';
import { stationSymptoms } from './station-symptoms.ts';
import { SYMPTOMS } from './symptoms.ts';

const firstOf = (
  typed: string,
  process: (typeof FAULT_PROCESSES)[number] = 'solid-gas',
): string | undefined => findSymptoms(typed, process)[0]?.id;

describe('symptoms by what people call them', () => {
  // common practice: what is said in workshops
  it.each([
    ['birdnest', 'bird-nest'],
    ["bird's nest", 'bird-nest'],
    ['birds nest', 'bird-nest'],
    ['pops', 'popping'],
    ['swiss cheese', 'porosity-heavy'],
    ['burnback', 'burn-back'],
    ['stuttering', 'machine-gun-start'],
    ['galv', 'white-fluff-smoke'],
    ['spaghetti', 'bird-nest'],
    ['arc eye', 'sick-or-sore'],
    ['caterpillar', 'ropy-bead'],
    ['duty', 'stops-after-while'],
    ['SPATTER', 'spatter-heavy'],
    ['sugaring', 'root-crusty'],
  ])('“%s” is %s', (typed, id) => {
    expect(firstOf(typed)).toBe(id);
  });

  it('“worm holes” is said of cored wire only', () => {
    expect(firstOf('worm holes', 'self-shielded')).toBe('worm-tracks');
    expect(findSymptoms('worm holes', 'solid-gas').map(({ id }) => id as string)).not.toContain(
      'worm-tracks',
    );
  });

  it('every symptom is found by each of its own words, in each process that it can be in', () => {
    for (const { id, processes, words } of SYMPTOMS) {
      for (const word of words) {
        const ids = findSymptoms(word, processes[0]).map((one) => one.id);
        expect([word, ids.includes(id)]).toEqual([word, true]);
      }
    }
  });

  it('a name said in full goes before one that only holds it', () => {
    const ids = findSymptoms('spatter', 'solid-gas').map(({ id }) => id);
    expect(ids[0]).toBe('spatter-heavy');
    expect(findSymptoms('wire', 'solid-gas').length).toBeGreaterThan(5);
    // four letters are enough to be found within a word, three are not
    expect(findSymptoms('tubb', 'solid-gas').map(({ id }) => id)).toContain('stubbing');
    expect(findSymptoms('tub', 'solid-gas').map(({ id }) => id)).not.toContain('stubbing');
  });

  // common practice: how it is said in a sentence
  it.each([
    ['it keeps blowing holes', 'porosity'],
    ['my eyes hurt', 'sick-or-sore'],
    ['the weld is cold', 'cold-lap'],
    ['wire is stuck to the tip', 'burn-back'],
  ])('a sentence is found by the words that tell: “%s”', (typed, id) => {
    const ids = findSymptoms(typed, 'solid-gas').map((one) => one.id as string);
    expect(ids.slice(0, 6).some((one) => one.startsWith(id))).toBe(true);
  });

  it('nothing typed is all of the process, and what means nothing finds nothing', () => {
    expect(findSymptoms('  ', 'self-shielded').length).toBe(
      SYMPTOMS.filter(({ processes }) => (processes as readonly string[]).includes('self-shielded')).length,
    );
    expect(findSymptoms('xylophone', 'solid-gas')).toEqual([]);
    expect(findSymptoms('.*+?(', 'solid-gas')).toEqual([]);
  });
});

describe('symptoms of a station', () => {
  it('are what its causes often show, in this process only', () => {
    const ids = (station: 'rolls' | 'gas', process: (typeof FAULT_PROCESSES)[number]): readonly string[] =>
      stationSymptoms(station, process).map(({ id }) => id);
    expect(ids('rolls', 'solid-gas')).toEqual(
      expect.arrayContaining(['bird-nest', 'wire-slips', 'shavings']),
    );
    expect(ids('rolls', 'solid-gas')).not.toContain('porosity-heavy');
    expect(ids('gas', 'solid-gas')).toContain('gas-hiss-absent');
    expect(ids('gas', 'self-shielded')).toEqual([]);
  });
});

describe('a bead as a fault', () => {
  const bead = { volts: 18, wireFeedSpeedMPerMin: 7 };

  it('says what was seen and heard, each once', () => {
    const symptoms = beadSymptoms({
      ...bead,
      said: 'blown',
      face: 'blown-through',
      sound: 'hiss',
      spatter: 'much',
      back: 'drops-through',
      ends: 'crater',
    });
    expect(symptoms.present.toSorted()).toEqual([
      'arc-hiss',
      'burn-through',
      'crater-crack',
      'spatter-heavy',
    ]);
    expect(
      beadSymptoms({ ...bead, face: 'ropy', sound: 'stubbing', back: 'no-mark' }).present.toSorted(),
    ).toEqual(['no-penetration', 'ropy-bead', 'stubbing']);
    expect(beadSymptoms({ ...bead, spatter: 'little' })).toEqual({ present: [], absent: ['spatter-heavy'] });
  });

  it('that was right says nothing', () => {
    expect(beadSymptoms({ ...bead, said: 'right', face: 'crowned', sound: 'sizzle' })).toEqual({
      present: [],
      absent: [],
    });
  });
});
