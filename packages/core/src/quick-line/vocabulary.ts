import { BASE_METAL_TABLE } from '../material/base-metal.ts';
import { GAS_WORDS } from '../gas/gas.ts';
import { usualClass, WIRE_CLASS_ROWS } from '../wire/wire-class.ts';
import type { Way } from '../wire/way.ts';
import type { Meaning } from './meaning.ts';
import { NOTED_ENTRIES } from './noted-words.ts';

type Entry = readonly [phrases: string, ...meanings: Meaning[]];

const steel: Meaning = { kind: 'metal', metal: 'carbon-steel', weak: true };
const carbonSteel: Meaning = { kind: 'metal', metal: 'carbon-steel' };
const stainless: Meaning = { kind: 'metal', metal: 'stainless' };
const aluminium: Meaning = { kind: 'metal', metal: 'aluminium' };
const product = (
  name: Extract<Meaning, { kind: 'product' }>['product'],
  profile?: Extract<Meaning, { kind: 'product' }>['profile'],
): Meaning => ({ kind: 'product', product: name, ...(profile === undefined ? {} : { profile }) });
const group = (
  gas: Extract<Meaning, { kind: 'gas' }>['gas'],
  message: string,
  ...answers: string[]
): Meaning => ({
  kind: 'gas',
  gas,
  asks: { slot: 'gas', message, answers: answers.map((name) => [name, name] as const) },
});
const tee: Meaning = { kind: 'joint', joint: 'tee' };
const weakTee: Meaning = { kind: 'joint', joint: 'tee', weak: true };
const weakButt: Meaning = { kind: 'joint', joint: 'butt', weak: true };
const at = (position: Extract<Meaning, { kind: 'position' }>['position']): Meaning => ({
  kind: 'position',
  position,
});
const vertical: Meaning = { kind: 'vertical' };
const up: Meaning = { kind: 'direction', up: true };
const down: Meaning = { kind: 'direction', up: false };
const other = (alloy: string): Meaning => ({ kind: 'metal', metal: 'other', alloy });
const way = (name: Extract<Meaning, { kind: 'way' }>['way'], namesWire: boolean): Meaning => ({
  kind: 'way',
  way: name,
  namesWire,
});
/** A way that is named by its wire, whose usual class goes with it. */
const usual = (name: Way): Extract<Meaning, { kind: 'way' }> => ({
  kind: 'way',
  way: name,
  namesWire: true,
  wireClass: usualClass(name).id,
});

const priority = (phrases: string, name: Extract<Meaning, { kind: 'priority' }>['priority']): Entry => [
  phrases,
  { kind: 'priority', priority: name },
];
const circumstance = (
  phrases: string,
  name: Extract<Meaning, { kind: 'circumstance' }>['circumstance'],
): Entry => [phrases, { kind: 'circumstance', circumstance: name }];

const PRIORITY_ENTRIES: readonly Entry[] = [
  priority('no cracks|crack resistance|crack resistant|crack free', 'crack-resistance'),
  priority('strength|strong', 'strength'),
  priority('ductility|ductile', 'ductility'),
  priority('corrosion|corrosion resistance|seawater|salt water|marine', 'corrosion'),
  priority(
    'colour after anodising|anodise|anodised|anodize|anodized|anodising|anodizing|colour match|color match',
    'colour',
  ),
  priority('warm service|hot service|service above 65 °c', 'warm-service'),
  priority('easy feeding|feeds easily|feedability', 'feedability'),
];

const CIRCUMSTANCE_ENTRIES: readonly Entry[] = [
  circumstance('extraction|extracted|extractor|extraction running|fume extraction', 'extraction'),
  circumstance('closed space|confined space|closed or low space|low space', 'closed-space'),
  circumstance('tank|drum|fuel tank|barrel|closed vessel|closed tube', 'closed-vessel'),
  circumstance('damp|wet|rain|raining|wet floor|metal floor', 'damp'),
  circumstance('painted|old paint|lead paint|paint', 'painted'),
  circumstance('powder coated|powder coat|powdercoated|powdercoat|powder coating', 'powder-coated'),
  circumstance('primed|primer|shop primer|weld through primer|weldable primer|red oxide', 'primed'),
  circumstance('chromed|chrome plated|chrome|hard chrome|chrome plate', 'chromed'),
  circumstance('cadmium|cadmium plated|cad plated', 'plated'),
  circumstance('vehicle|car|truck|van|lorry|trailer|tractor|auto|auto body|on a vehicle', 'vehicle'),
  circumstance('load bearing|structural|code work|carries load|pressure', 'load-bearing'),
  circumstance('flammables|flammable|fire risk|near wood', 'flammables'),
  circumstance('pacemaker|implant', 'implant'),
  circumstance('solvent|brake cleaner|solvent cleaned', 'solvent'),
];

/** Words and phrases by meaning; a hyphen in the line is read as a blank. British and American both. */
const ENTRIES: readonly Entry[] = [
  ['steel', steel],
  ['mild steel|carbon steel|ms|mild|black steel', carbonSteel],
  ['stainless steel|stainless|inox|ss', stainless],
  ['aluminium|aluminum|ali|alu|ally|alum|al|en aw|aw', aluminium],
  ['cast aluminium|cast aluminum|cast ali', { kind: 'metal', metal: 'cast-aluminium' }],
  [
    'galvanised steel|galvanized steel|galvanised|galvanized|galv|galvo|gal|hot dip galv|hot dip galvanised|hot dip galvanized|hot dipped galv|hot dipped galvanised|hot dipped galvanized|hot dipped|electro galvanised|electro galvanized|electro galv|electro zinc|electrozinc|zinc coated|zinc plated|zinc plate|zinc primed|zinc primer|zinced|zinc|sherardised',
    { kind: 'metal', metal: 'coated-steel' },
  ],
  ['cast iron', other('cast iron')],
  ['titanium|ti', other('titanium')],
  ['copper', other('copper')],
  ['brass', other('brass')],
  ['bronze', other('bronze')],
  ['magnesium', other('magnesium')],
  ['nickel', other('nickel')],
  ['sheet|sheets|sheet metal', { kind: 'product', product: 'sheet' }],
  ['plate|plates', { kind: 'product', product: 'plate' }],
  ['tube|tubes|tubing|hollow section|rhs|rectangular tube|rectangular tubing', product('tube')],
  ['pipe|pipes|nb pipe', product('tube', 'pipe')],
  ['box|box section|square tube|square tubing|square hollow section|shs', product('tube', 'square-tube')],
  ['round tube|round tubing|chs|round hollow section', product('tube', 'round-tube')],
  ['bar|strip', product('bar')],
  ['flat bar|flat stock|flatbar', product('bar', 'flat-bar')],
  ['round bar|solid bar', product('bar', 'round-bar')],
  ['angle|angle iron|angle bar', product('section', 'angle')],
  ['channel|c channel|u channel', product('section', 'channel')],
  ['beam|i beam|h beam|joist', product('section', 'beam')],
  ['section', product('section')],
  ['closed butt|square butt|closed square butt', { kind: 'joint', joint: 'butt' }],
  // `pipe butt, open root` is one joint
  ['butt|butt joint|butt weld', { kind: 'joint', joint: 'butt', narrowedBy: 'open-butt' }],
  [
    'open butt|open root|open root butt|open root butt joint|open square butt',
    { kind: 'joint', joint: 'open-butt' },
  ],
  ['lap|lap joint|overlap|lapped|lap weld', { kind: 'joint', joint: 'lap' }],
  ['tee|t joint|tee joint|t weld|inside corner|tees', tee],
  ['fillet|fillet weld', weakTee],
  [
    'outside corner|outer corner|outside corner joint|external corner',
    { kind: 'joint', joint: 'outside-corner' },
  ],
  ['corner|corner joint', { kind: 'corner' }],
  ['edge|edge joint|edge weld', { kind: 'joint', joint: 'edge' }],
  ['flat|flat position|downhand|down hand', at('flat')],
  ['horizontal|horiz|hz', at('horizontal')],
  ['overhead|oh|over head', at('overhead')],
  ['vertical|vert', vertical],
  ['vertical up|vert up|vu|v up|uphill|upward|upwards|vertically up', at('vertical-up')],
  ['vertical down|vert down|vd|v down|downhill|downward|downwards|vertically down', at('vertical-down')],
  ['up', up],
  ['down', down],
  ['1f', weakTee, at('flat')],
  ['2f|pb', weakTee, at('horizontal')],
  ['3f', weakTee, vertical],
  ['4f|pd', weakTee, at('overhead')],
  ['1g|pa', weakButt, at('flat')],
  ['2g|pc', weakButt, at('horizontal')],
  ['3g', weakButt, vertical],
  ['4g|pe', weakButt, at('overhead')],
  ['pf', at('vertical-up')],
  ['pg', at('vertical-down')],
  ['mill scale|scale|scaly|hot rolled|black', { kind: 'surface', surface: 'mill-scale' }],
  ['clean|ground|bright|ground bright|linished', { kind: 'surface', surface: 'clean' }],
  ['warm|warm part|hot part|preheated', { kind: 'surface', surface: 'warm' }],
  ['outside|outdoors|outdoor|out of doors|yard|on site|site', { kind: 'place', place: 'outdoors' }],
  ['inside|indoors|indoor|in the shop|shop|workshop', { kind: 'place', place: 'indoors' }],
  ['wind|windy|breezy|draught|draughty|drafty|draft', { kind: 'wind' }],
  ['solid|solid wire|mig|mag|gmaw|hard wire', way('solid-gas', true)],
  ['gmaw s', way('solid-gas', true), { kind: 'mode', mode: 'short-circuit' }],
  ['gmaw p', way('solid-gas', true), { kind: 'mode', mode: 'pulse' }],
  [
    'gasless|self shielded|self shield|self shielded flux core|self shielded flux cored|fcaw s|no gas flux core',
    usual('self-shielded'),
  ],
  [
    'flux core|flux cored|fluxcore|fluxcored|fcaw|flux|cored wire|cored',
    { ...usual('self-shielded'), gasSettlesIt: true },
  ],
  [
    'gas shielded flux core|gas shielded flux cored|gas shielded|fcaw g|gas flux core|flux core with gas|flux cored with gas|fluxcore with gas|dual shield',
    way('gas-shielded-flux-core', true),
  ],
  ['metal core|metal cored|metalcore|metalcored', usual('metal-cored')],
  ['spool gun|spoolgun|spoolie', way('aluminium-spool-gun', false)],
  ['silicon bronze|braze|brazing|mig braze|mig brazing', usual('bronze-braze')],
  [
    'short circuit|dip|dip transfer|short arc|shorting|short circuiting|shortcircuit',
    { kind: 'mode', mode: 'short-circuit' },
  ],
  ['spray|spray transfer|spray arc', { kind: 'mode', mode: 'spray' }],
  ['pulse|pulsed|pulsed spray|pulse spray', { kind: 'mode', mode: 'pulse' }],
  ['globular', { kind: 'mode', mode: 'globular' }],
  ['wire|wires|filler', { kind: 'wire-word' }],
  ['thick|thk|thickness|wall|wall thickness|walled', { kind: 'thick-word' }],
  ...GAS_WORDS.map(([phrases, gas]): Entry => [phrases, { kind: 'gas', gas }]),
  ['i3', group('ar-he-25', 'I3 is argon–helium: how much helium?', 'Ar + 25 % He', 'Ar + 50 % He')],
  ['m12', group('ar-co2-2', 'M12 holds up to 5 % CO₂: which?', 'Ar + 2 % CO₂', 'Ar + 5 % CO₂')],
  [
    'm20',
    group('ar-co2-10', 'M20 holds 5 to 15 % CO₂: which?', 'Ar + 8 % CO₂', 'Ar + 10 % CO₂', 'Ar + 15 % CO₂'),
  ],
  ['dcep|electrode positive|gun positive|positive|reverse polarity', { kind: 'polarity', polarity: 'DCEP' }],
  ['dcen|electrode negative|gun negative|negative|straight polarity', { kind: 'polarity', polarity: 'DCEN' }],
  ['no filler|without filler|no filler wire|autogenous|no wire', { kind: 'no-filler' }],
  ...PRIORITY_ENTRIES,
  ...CIRCUMSTANCE_ENTRIES,
  ...NOTED_ENTRIES,
  [
    'rusty|rust|rusted',
    { kind: 'circumstance', circumstance: 'rusty' },
    {
      kind: 'noted',
      as: 'rusty',
      asks: {
        slot: 'circumstances',
        message: 'ground to bright metal before you weld?',
        answers: [['ground bright', 'ground bright']],
      },
    },
  ],
  ['to|on|onto|x|×|&|and|/|+', { kind: 'connector' }],
  [
    'copper backing|copper backing bar|backing strip copper|backing bar copper|backing copper|copper strip|copper backing strip|copper heat sink|copper block|copper bar behind|copper backed|ali backing bar|ali backing|aluminium backing|aluminium backing bar|backing bar|backing strip|backing|backed|steel backing|ceramic backing|ceramic backing tile',
    { kind: 'backing' },
  ],
  ['third member|third plate|third part|plate behind', { kind: 'third-member' }],
  [
    'both sides|two sides|double sided|either side|each side|2 sides|welded both sides',
    { kind: 'sides', sides: 2 },
  ],
  ['one side|single sided|one side only|from one side', { kind: 'sides', sides: 1 }],
  [
    'a|an|the|in|with|of|at|for|using|joint|weld|welded|weldment|position|some|job|please|gas|metal|material|per|my|is|are|it',
    { kind: 'filler-word' },
  ],
];

const CLASS_ENTRIES: readonly Entry[] = WIRE_CLASS_ROWS.flatMap((row): Entry[] => {
  const meaning: Meaning = { kind: 'wire-class', wireClass: row.id };
  const full: Entry = [row.id.toLowerCase().replaceAll('-', ' '), meaning];
  const typed = row.typedAs === undefined ? [] : [[row.typedAs, meaning] as const];
  const open =
    row.typedOpenAs === undefined ? [] : [[row.typedOpenAs, { ...meaning, gasSettlesIt: true }] as const];
  return [full, ...typed, ...open];
});

/** Quality of a structural steel behind its grade, as EN 10025 writes it; it has no part in the plan. */
const STEEL_QUALITIES = ['jr', 'j0', 'j2', 'j2+n', 'k2', 'k2+n', 'n', 'nl', 'm', 'ml', 'mc'];

function gradeNames(alloy: string): string {
  const grade = alloy.toLowerCase();
  if (!/^s\d{3}$/.test(grade)) return grade;
  return [grade, ...STEEL_QUALITIES.flatMap((quality) => [`${grade}${quality}`, `${grade} ${quality}`])].join(
    '|',
  );
}

const ALLOY_ENTRIES: readonly Entry[] = BASE_METAL_TABLE.filter((row) => row.id !== 'other').flatMap((row) =>
  row.alloys.map((alloy): Entry => [gradeNames(alloy), { kind: 'metal', metal: row.id, alloy }]),
);

/** Every phrase of the line's language, lower case with single blanks, and what it means. */
export const VOCABULARY: ReadonlyMap<string, readonly Meaning[]> = new Map(
  [...ENTRIES, ...CLASS_ENTRIES, ...ALLOY_ENTRIES].flatMap(([phrases, ...meanings]) =>
    phrases.split('|').map((phrase) => [phrase, meanings] as const),
  ),
);

/** Most words in one phrase. */
export const LONGEST_PHRASE = Math.max(...[...VOCABULARY.keys()].map((phrase) => phrase.split(' ').length));

/** Single words, that a mistyped one is held against. */
export const SINGLE_WORDS: ReadonlyMap<string, readonly Meaning[]> = new Map(
  [...VOCABULARY].filter(([word]) => /^[a-z]{4,}$/.test(word)),
);
