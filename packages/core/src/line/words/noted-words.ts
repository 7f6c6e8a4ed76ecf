import type { Answer, Asking } from '../meaning.ts';

import { word, type WordRow } from './word-row.ts';

function noted(phrases: string, as: string): WordRow {
  return word(phrases, { kind: 'noted', as });
}

function asked(phrases: string, slot: Asking['slot'], message: string, answers: readonly Answer[]): WordRow {
  return word(phrases, { kind: 'noted', as: message, asks: { slot, message, answers } });
}

const WORK: readonly WordRow[] = [
  noted(
    't 2|t 3|t 4|t 5|t 6|t 7|t 10|t 13|t-3|e71t 2|e70t 4|e70t 7|e71t 5',
    'a cored wire’s class that is not in our table',
  ),
  noted(
    'cjp|pjp|cpbw|fpbw|complete penetration|partial penetration|full strength',
    'how deep: see the weld’s size and sides',
  ),
  noted('back gouge|backgouge|gouge|gouged|arc gouge', 'the other side, cleaned out before it is welded'),
  noted(
    'skip weld|stitch welded|hit and miss|staggered|stagger|chain|skip',
    'stitches: give length and pitch',
  ),
  noted('k joint|y joint|l joint|n joint', 'how members meet: each weld by itself'),
  noted('preheat|pre heat|no preheat|post heat|interpass', 'heat before and between: the plan says when'),

  noted('tack|tacks|tack weld|tack welds|tacked|tacking', 'tacks: the plan gives their length and spacing'),
  noted('seam|seams|bead|beads|run|runs|pass|passes|root run|cap run|hot pass', 'the weld itself'),
  noted(
    'deep|deep penetration|penetration|full penetration|full pen|pen|fpw',
    'how deep: see the weld’s size and sides',
  ),
  noted(
    'hard|tough|thin|heavy|light|small|large|big|long|short|wide|narrow|new|old',
    'a word without a figure',
  ),
  noted('overlay|cladding|build up|buildup|hardfacing|hard facing', 'building up: not planned'),
  noted('cert|certified|coded|coupon|test piece|test plate|practice|scrap|test', 'what it is for'),
  noted('plug weld|plug|slot weld|spot weld|rosette', 'plug and spot welds are not planned'),
  noted('stitch|stitches|stitched|stitch weld|intermittent', 'stitches: give length and pitch'),
  noted(
    'v|vee|v groove|single vee|double vee|single v|double v|bevel|bevelled|beveled|bevels|chamfer|chamfered|j prep|k prep|prepped|prep',
    'the edges: the plan names its own bevel',
  ),
  noted(
    'backhand|forehand|push|pushing|pull|pulling|drag|dragging|weave|weaving|stringer|stringers',
    'the hand: the plan gives it',
  ),
  noted('push pull|push pull gun', 'push-pull gun: planned as the standard gun'),
  noted('standard gun|torch|gun|mig gun', 'the gun'),
  noted(
    'diy|hobby|repair|repairs|fabrication|fab|car body|bodywork|body panel|project|job shop',
    'what it is for',
  ),
  noted('root|toe|face|haz|cap', 'a place in the weld'),
  noted('both ends|ends|end|edges|around|all around|all round|continuous', 'where it goes'),
  noted('drawing|size|sized', 'see the figures'),
  noted('dom|erw|cold drawn|seamless|class b|class c|class a', 'how the tube was made'),
  noted('notch|notched|coped|fish mouth|saddle', 'how the end is cut: see the joint'),
  noted(
    'tread|diamond|chequer|checker|chequered',
    'a pattern on the plate: weld the plain side, or grind it off',
  ),
  noted('food|dairy|drinking water', 'what it is for'),
  noted(
    'mitre|miter|mitred|mitered|splice|spliced|web|rolled|mitre joint',
    'how the parts meet: see the joint',
  ),
  noted('purge|purged|purging|back purge', 'the back of stainless: the plan says when'),
  noted('plates of|sheets of|pieces of', 'so many parts'),
];

const OTHER_PROCESS: readonly WordRow[] = [
  noted('tig|gtaw|tungsten', 'another process: planned as wire feed'),
  noted('stick|mma|smaw|rod welder', 'another process: planned as wire feed'),
  noted(
    'oxy|oxyacetylene|oxy acetylene|gas weld|laser|plasma|sub arc|saw',
    'another process: planned as wire feed',
  ),
  noted(
    '6010|6011|6013|7014|7016|7018|7024|e6010|e6011|e6013|e7014|e7018',
    'a stick electrode: another process',
  ),
  noted(
    'galvanise after|galvanize after|to be galvanised|paint after|powder coat after',
    'done after welding',
  ),
];

const PIPE_POSITION = (name: string, what: string): WordRow =>
  asked(name, 'position', `${what}. Plan it a position at a time.`, [
    ['vertical up', 'vertical up'],
    ['overhead', 'overhead'],
    ['flat', 'flat'],
  ]);

const STEEL_ANSWER: readonly Answer[] = [['as mild steel', 'mild steel']];
const HARD_STEEL = (phrases: string, name: string): WordRow =>
  asked(
    phrases,
    'metal',
    `${name} may harden and crack beside the weld without preheat. Plan it as mild steel?`,
    STEEL_ANSWER,
  );

const METALS: readonly WordRow[] = [
  HARD_STEEL('spring steel', 'spring steel'),
  HARD_STEEL('chromoly|chrome moly|cr mo|4130|4140|en8|en9|en24', 'alloyed steel'),
  HARD_STEEL('tool steel|hardened steel|hardened|high carbon|high carbon steel', 'hardenable steel'),
  HARD_STEEL('rebar|reinforcing bar|reinforcing steel', 'it'),
  HARD_STEEL('high tensile|high strength|wear plate|wear resistant|armour plate', 'high-strength steel'),
  HARD_STEEL('railway rail|rail steel', 'rail steel'),
  asked('weathering steel|weathering', 'metal', 'plan it as mild steel?', STEEL_ANSWER),
  asked('plated', 'circumstances', 'with what?', [
    ['zinc', 'zinc plated'],
    ['chrome', 'chrome plated'],
    ['cadmium', 'cadmium plated'],
  ]),
];

/** Stainless and aluminium grades that are known to exist and are not in our tables. */
const OTHER_STAINLESS = [
  '301',
  '303',
  '310',
  '310s',
  '347',
  '409',
  '410',
  '416',
  '420',
  '436',
  '439',
  '441',
  '2205',
  '2507',
  '904l',
  'duplex',
  'super duplex',
];
const OTHER_ALUMINIUM = [
  '1060',
  '1200',
  '2014',
  '2011',
  '3103',
  '3105',
  '5005',
  '5049',
  '5251',
  '5454a',
  '6005',
  '6005a',
  '6060',
  '6351',
  '7003',
  '7005',
  '7020',
  '7022',
];

const GRADES: readonly WordRow[] = [
  asked('casting|cast|cast part', 'metal', 'which metal is the casting?', [
    ['cast iron', 'cast iron'],
    ['cast aluminium', 'cast aluminium'],
    ['cast steel, as mild steel', 'mild steel'],
  ]),
  ...OTHER_STAINLESS.map((grade) =>
    word(grade, {
      kind: 'noted',
      as: `${grade} stainless: not in our tables`,
      assume: { slot: 'metal', value: 'stainless' },
      asks: {
        slot: 'alloy',
        message: 'a stainless that is not in our tables. Plan it as which?',
        answers: [
          ['304', '304'],
          ['316', '316'],
          ['430', '430'],
        ],
      },
    }),
  ),
  ...OTHER_ALUMINIUM.map((grade) =>
    word(grade, {
      kind: 'noted',
      as: `${grade} aluminium: not in our tables`,
      assume: { slot: 'metal', value: 'aluminium' },
      asks: {
        slot: 'alloy',
        message: 'an aluminium that is not in our tables. Plan it as which?',
        answers: ['5052', '5083', '6061', '6063', '6082'].map((alloy) => [alloy, alloy] as const),
      },
    }),
  ),
];

const PIPES: readonly WordRow[] = [
  PIPE_POSITION('5g', 'a pipe held level'),
  PIPE_POSITION('6g', 'a pipe held at 45°'),
  PIPE_POSITION('6gr', 'a pipe at 45° with a ring'),
  PIPE_POSITION('5f', 'a pipe fillet held level'),
  PIPE_POSITION('6f', 'a pipe fillet at 45°'),
  PIPE_POSITION('h l045', 'a pipe at 45°'),
];

const GAS: readonly WordRow[] = [
  asked('helium|pure helium', 'gas', 'alone it is not in our tables. Which gas?', [
    ['Ar + 25 % He', 'Ar + 25 % He'],
    ['Ar + 50 % He', 'Ar + 50 % He'],
    ['helium tri-mix', 'tri-mix'],
  ]),
  asked('nitrogen|oxygen|hydrogen', 'gas', 'no shielding gas of ours. Which is it?', [
    ['argon', 'argon'],
    ['Ar + 18–25 % CO₂', 'shop mix'],
  ]),
];

/** Words of the trade that are known and have no part in the numbers, or have to be asked about. */
export const NOTED_WORDS: readonly WordRow[] = [
  ...WORK,
  ...OTHER_PROCESS,
  ...METALS,
  ...GRADES,
  ...PIPES,
  ...GAS,
];
