import type { Words } from '../../base/words/words.ts';
import { GAS_WORDS } from '../../trade/gas/gas.ts';
import { usualClass } from '../../trade/wire/wire-class.ts';
import type { Way } from '../../trade/wire/way.ts';
import type { Meaning } from '../meaning.ts';
import { rare, word, type WordRow } from './word-row.ts';

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
  message: Words,
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

const priority = (phrases: string, name: Extract<Meaning, { kind: 'priority' }>['priority']): WordRow =>
  word(phrases, { kind: 'priority', priority: name });
const circumstance = (
  phrases: string,
  name: Extract<Meaning, { kind: 'circumstance' }>['circumstance'],
): WordRow => word(phrases, { kind: 'circumstance', circumstance: name });

const PRIORITY_ENTRIES: readonly WordRow[] = [
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

const CIRCUMSTANCE_ENTRIES: readonly WordRow[] = [
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

/** What a job is made of, and how it is welded. British and American both. */
export const WORK_WORDS: readonly WordRow[] = [
  word('steel', steel),
  word(
    'mild steel|carbon steel|ms|m s|m/s|mild|black steel|crs|hrs|cold rolled steel|hot rolled steel|cold rolled|cr4|crca|structural steel|cs',
    carbonSteel,
  ),
  word('stainless steel|stainless|inox|ss|s s|s/s|s steel|sst|st stl', stainless),
  word('aluminium|aluminum|ali|alu|ally|alum|al|en aw|aw', aluminium),
  word('cast aluminium|cast aluminum|cast ali', { kind: 'metal', metal: 'cast-aluminium' }),
  word(
    'galvanised steel|galvanized steel|galvanised|galvanized|galv|galvo|gal|hot dip galv|hot dip galvanised|hot dip galvanized|hot dipped galv|hot dipped galvanised|hot dipped galvanized|hot dipped|electro galvanised|electro galvanized|electro galv|electro zinc|electrozinc|zinc coated|zinc plated|zinc plate|zinc primed|zinc primer|zinced|zinc|sherardised|zintec|zinc tec|galvanealed|galvannealed|galvalume|aluzinc|zinc coat',
    { kind: 'metal', metal: 'coated-steel' },
  ),
  word('cast iron', other('cast iron')),
  word('titanium|ti', other('titanium')),
  word('copper', other('copper')),
  word('brass', other('brass')),
  word('bronze', other('bronze')),
  word('magnesium', other('magnesium')),
  word('nickel', other('nickel')),
  word('sheet|sheets|sheet metal', { kind: 'product', product: 'sheet' }),
  word('plate|plates|pl|plt|pls|pl.', { kind: 'product', product: 'plate' }),
  word(
    'tube|tubes|tubing|hollow section|rhs|hss|tubular|rectangular tube|rectangular tubing|rect tube|rectangular hollow section',
    product('tube'),
  ),
  word('pipe|pipes|nb pipe', product('tube', 'pipe')),
  word(
    'box|box section|box tube|square tube|square tubes|square tubing|square hollow section|shs|sq tube|sq tubing|square box',
    product('tube', 'square-tube'),
  ),
  word('round tube|round tubing|chs|round hollow section', product('tube', 'round-tube')),
  word('bar|strip', product('bar')),
  word('fl|flat bar|flat bars|flat stock|flatbar|flatbars|fb|flats', product('bar', 'flat-bar')),
  word(
    'square bar|sq bar|square stock|square rod|solid square|hex bar|round bar|solid bar|round stock|rod|rods|round rod|steel rod|rebar tie',
    product('bar', 'round-bar'),
  ),
  word('angle|angles|angle iron|angle bar|equal angle|unequal angle|ea|ua|rsa', product('section', 'angle')),
  word(
    'channel|channels|c channel|u channel|pfc|rsc|lipped channel|purlin channel',
    product('section', 'channel'),
  ),
  word(
    'beam|beams|i beam|h beam|joist|joists|rsj|ub|uc|universal beam|universal column|girder beam|wide flange',
    product('section', 'beam'),
  ),
  word('section', product('section')),
  word('closed butt|square butt|closed square butt', { kind: 'joint', joint: 'butt' }),
  // `pipe butt, open root` is one joint
  word('butt|butts|butted|butt joint|butt weld|butt welded|bw|butt welds', {
    kind: 'joint',
    joint: 'butt',
    narrowedBy: 'open-butt',
  }),
  word('open butt|open root|open root butt|open root butt joint|open square butt', {
    kind: 'joint',
    joint: 'open-butt',
  }),
  word('lap|laps|lap joint|overlap|lapped|lap weld|lap welded|overlapping', { kind: 'joint', joint: 'lap' }),
  word('tee|t joint|tee joint|t weld|inside corner|tees|t fillet|tee fillet|t connection|corner inside', tee),
  word('fillet|fillets|fillet weld|fillet welds|fillet welded|fillet joint|fw|cfw|fwar|c f w', weakTee),
  rare(0.9, 'a letter by itself; with a figure it is a thickness', word('t', tee)),
  word(
    'outside corner|outer corner|outside corner joint|external corner|corner outside|corner joint outside',
    { kind: 'joint', joint: 'outside-corner' },
  ),
  word('corner|corner joint', { kind: 'corner' }),
  word('edge|edge joint|edge weld', { kind: 'joint', joint: 'edge' }),
  word('flat|flat position|downhand|down hand', at('flat')),
  word('horizontal|horiz|hz', at('horizontal')),
  word('overhead|oh|o/h|over head|upside down', at('overhead')),
  word('vertical|vert', vertical),
  word('vertical up|vert up|vu|v up|uphill|upward|upwards|vertically up', at('vertical-up')),
  word('vertical down|vert down|vd|v down|downhill|downward|downwards|vertically down', at('vertical-down')),
  word('up', up),
  word('down', down),
  word('1f', weakTee, at('flat')),
  word('2f|pb', weakTee, at('horizontal')),
  word('3f', weakTee, vertical),
  word('4f|pd', weakTee, at('overhead')),
  word('1g|pa', weakButt, at('flat')),
  word('2g|pc', weakButt, at('horizontal')),
  word('3g', weakButt, vertical),
  word('4g|pe', weakButt, at('overhead')),
  word('pf', at('vertical-up')),
  word('pg', at('vertical-down')),
  word('mill scale|scale|scaly|hot rolled|black', { kind: 'surface', surface: 'mill-scale' }),
  word('clean|ground|bright|ground bright|linished', { kind: 'surface', surface: 'clean' }),
  word('warm|warm part|hot part|preheated', { kind: 'surface', surface: 'warm' }),
  word('outside|outdoors|outdoor|out of doors|yard|on site|site', { kind: 'place', place: 'outdoors' }),
  word('inside|indoors|indoor|in the shop|shop|workshop', { kind: 'place', place: 'indoors' }),
  word('wind|windy|breezy|draught|draughty|drafty|draft', { kind: 'wind' }),
  word('solid|solid wire|mig|mag|gmaw|hard wire|hardwire|solid core|bare wire', way('solid-gas', true)),
  word('gmaw s', way('solid-gas', true), { kind: 'mode', mode: 'short-circuit' }),
  word('gmaw p', way('solid-gas', true), { kind: 'mode', mode: 'pulse' }),
  word(
    'gasless|self shielded|self shield|self shielded flux core|self shielded flux cored|fcaw s|no gas flux core',
    usual('self-shielded'),
  ),
  word(
    'flux core|flux cored|fluxcore|fluxcored|fcaw|flux|cored wire|cored|flux core wire|fluxcore wire|flux cored wire',
    { ...usual('self-shielded'), gasSettlesIt: true },
  ),
  word(
    'gas shielded flux core|gas shielded flux cored|gas shielded|fcaw g|gas flux core|flux core with gas|flux cored with gas|fluxcore with gas|dual shield',
    way('gas-shielded-flux-core', true),
  ),
  word('metal core|metal cored|metalcore|metalcored|metal core wire|metal cored wire', usual('metal-cored')),
  word('spool gun|spoolgun|spoolie', way('aluminium-spool-gun', false)),
  word('silicon bronze|braze|brazing|mig braze|mig brazing', usual('bronze-braze')),
  word('short circuit|dip|dip transfer|short arc|shorting|short circuiting|shortcircuit', {
    kind: 'mode',
    mode: 'short-circuit',
  }),
  word('spray|spray transfer|spray arc', { kind: 'mode', mode: 'spray' }),
  word('pulse|pulsed|pulsed spray|pulse spray', { kind: 'mode', mode: 'pulse' }),
  word('globular', { kind: 'mode', mode: 'globular' }),
  word('tube wall|pipe wall|wall of tube', { kind: 'thick-word' }, product('tube')),
  word('wire|wires|filler|filler wire|wire size|wire dia|wire diameter', { kind: 'wire-word' }),
  word('thick|thk|thk.|thickness|wall|wall thickness|walled|wt|thicknesses', { kind: 'thick-word' }),
  ...GAS_WORDS.map(([phrases, gas]) => word(phrases, { kind: 'gas', gas })),
  word('i3', group('ar-he-25', 'I3 is argon–helium: how much helium?', 'Ar + 25 % He', 'Ar + 50 % He')),
  word('m12', group('ar-co2-2', 'M12 holds up to 5 % CO₂: which?', 'Ar + 2 % CO₂', 'Ar + 5 % CO₂')),
  word(
    'm20',
    group('ar-co2-10', 'M20 holds 5 to 15 % CO₂: which?', 'Ar + 8 % CO₂', 'Ar + 10 % CO₂', 'Ar + 15 % CO₂'),
  ),
  word('dcep|electrode positive|gun positive|positive|reverse polarity', {
    kind: 'polarity',
    polarity: 'DCEP',
  }),
  word('dcen|electrode negative|gun negative|negative|straight polarity', {
    kind: 'polarity',
    polarity: 'DCEN',
  }),
  word('no filler|without filler|no filler wire|autogenous|no wire', { kind: 'no-filler' }),
  ...PRIORITY_ENTRIES,
  ...CIRCUMSTANCE_ENTRIES,
  word(
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
  ),
  word('to|on|onto|x|×|&|and|/|+|plus|over|thru|into|onto the|against', { kind: 'connector' }),
  word(
    'copper backing|copper backing bar|backing strip copper|backing bar copper|backing copper|copper strip|copper backing strip|copper heat sink|copper block|copper bar behind|copper backed|ali backing bar|ali backing|aluminium backing|aluminium backing bar|backing bar|backing strip|backing|backed|steel backing|ceramic backing|ceramic backing tile',
    { kind: 'backing' },
  ),
  word('third member|third plate|third part|plate behind', { kind: 'third-member' }),
  word(
    'both sides|two sides|double sided|either side|each side|2 sides|welded both sides|sides both|both side|b/s|2 sided|two sided',
    { kind: 'sides', sides: 2 },
  ),
  word('one side|single sided|one side only|from one side', { kind: 'sides', sides: 1 }),
  word(
    'a|an|the|in|with|of|at|for|using|joint|weld|welded|weldment|position|some|job|please|gas|metal|material|per|my|is|are|it',
    { kind: 'filler-word' },
  ),
];
