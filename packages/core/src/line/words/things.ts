import type { Meaning } from '../meaning.ts';
import { rare, word, type WordRow } from './word-row.ts';

/** One thing that is welded on or is welded, by its singular; plurals follow. */
const NOUNS = `
anchor|arch|arm|axle|back|baffle|balcony|baler|balustrade|barrel|barrier|barrow|base|baseplate|basket|bath|batten|bay|
bearer|bearing|bed|bellhousing|bellmouth|bench|bin|blade|block|boat|body|bogie|boiler|bollard|bolster|bolt|bonnet|
boom|boss|bottle|bowl|box side|brace|bracket|bracing|brake|brake pedal|bridge|bucket|bulkhead|bull bar|bumper|bush|bushing|cabin|cage|
calliper|caliper|canopy|cantilever|cap|cap plate|carport|carriage|carrier|cart|casing|castor|caster|catcher|centre|center|chain|
chair|chassis|chimney|chute|clamp|cleat|clevis|clip|cockpit|collar|column|compressor|conveyor|counterweight|coupler|coupling|
cover|cradle|crane|crank|crate|cross member|crossmember|crush tube|cup|curb|cutter|cylinder|davit|deck|derrick|dish|dog|
door|doubler|downpipe|drawbar|driveshaft|duct|ear|elbow|end cap|end plate|engine|exhaust|eye|fan|farm|feeder|fence|
fender|ferrule|firebox|firepit|fitting|fixture|flange|flap|float|floor|floor pan|flue|footing|footplate|fork|foot|frame|framework|
gantry|gate|gearbox|girder|girt|grapple|grate|grating|grill|groove|guard|guardrail|gudgeon|gunwale|gusset|gutter|hammer|handle|
handrail|hanger|harrow|hatch|haunch|header|head|heel|hinge|hitch|hoist|holder|hoop|hood|hook|hopper|horn|hose|house|housing|
hub|hull|implement|insert|jack|jack stand|jaw|jib|jig|keel|kerb|key|kick plate|kiosk|knee|knife|knuckle|ladder|lamp|latch|leaf|ledger|
leg|lever|lid|lift|link|lintel|liner plate|lip|lock|loader|log splitter|lug|machine|manhole|manifold|mast|member|mezzanine|mirror|
module|mould|mold|moldboard|mount|mounting|mouth|mower|mudflap|mudguard|muffler|neck|nipple|nut|outrigger|oven|pad|pad|footpad|pad eye|padeye|paddle|
pallet|pan|panel|patch|pedal|pedestal|peg|perch|pergola|picket|pier|pig pen|pile|piling|pillar|pin|pintle|piston|pivot|platform|
plinth|plough|plow|plug|pod|pole|pontoon|porch|portal|post|pot|press|profile|prop|propeller|pulley|pump|purlin|quad|rack|radiator|raft|
rafter|rail|rail clip|railing|rake|ram|ramp|ratchet|receiver|reducer|reinforcement|reservoir|retainer|rib|ridge|rim|ring|riser|roll bar|roll cage|
roller|roof|rotor|rudder|runner|runway|saddle|sail|sash|scaffold|scoop|scraper|screen|screw|sculpture|seat|shackle|shaft|shank|
shear|shed|shelf|shell|shield|shim|shoe|shovel|shroud|shutter|side|sign|silencer|silo|sill|sink|skeleton|ski|skid|skirt|slat|sled|
sleeve|slide|slider|sling|smoker|socket|spacer|spar|spike|spindle|splitter|spoke|spool|spreader|spring|sprocket|spout|stack|
stair|stairs|staircase|stake|stanchion|stand|stay|stem|step|stiffener|stile|stirrup|stool|stop|stopper|stove|strainer|strap|stringer beam|
strongback|structure|strut|strut tower|stub|stud|subframe|support|suspension|swing|swingarm|tab|table|tail|tailgate|
tang|tap|telehandler|tie|tie rod|tine|toe board|tongue|tool|toolbox|tooth|teeth|top|torque tube|tower|tow bar|tow hook|towbar|track|transom|
trap|tray|tread|trellis|trestle|trim|trolley|trough|truss|trunnion|tub|turbine|turret|upright|vane|vent|vessel|vice|vise|wagon|
washer|water trough|wedge|wheel|winch|windlass|window|wing|wishbone|workbench|worktop|yoke|fish plate|knife plate|shear tab|base angle|
barbecue|bbq|crack|edge plate|corner post|gangway|hand wheel|hay ring|bale spike|bull nose|rod end|cross bar|crossbar|kick board|splice plate|
blanking plate|tread plate|wear strip|hardox strip|manway|tank saddle|nozzle neck|branch|stub end|spigot|dome|dished end|hand hole|lifting eye|lifting lug|pickup|ute|bowser|silage|feed bunk|bunk|corral|stall|kennel|cattle race|crush|yard gate|
swing set|goal post|basketball hoop|trampoline|planter|fire pit|letterbox|mailbox|wood burner|log burner|stove pipe|weathervane|bike|bicycle|motorbike|frame rail|control arm|shock tab|coil bucket|spring perch|spring hanger|motor mount|engine mount|rocker|rocker panel|floor support|inner fender|inner wing|wheel arch|wheel tub|trunk floor|boot floor|battery tray|seat mount|belt anchor|bed rail|bed side|tonneau|cowl|firewall|a pillar|b pillar|headstock|dropout|kickstand|
i h frame|sump|rocker cover|intake|turbo|flex pipe|wastegate|collector|headers|resonator|nerf bar|rock slider|skid plate|snorkel
`
  .replaceAll('\n', '')
  .split('|');

/** Things that are named by their own size: a figure before one is its diameter. */
const FASTENERS = [
  'bolt',
  'nut',
  'stud',
  'pin',
  'screw',
  'rivet',
  'washer',
  'shaft',
  'spindle',
  'dowel',
  'bush',
  'bearing',
  'threaded rod',
  'allthread',
];

function pluralOf(noun: string): string | undefined {
  if (/(?:teeth|stairs|headers|silage|chassis)$/.test(noun)) return undefined;
  if (/(?:s|x|z|ch|sh)$/.test(noun)) return `${noun}es`;
  if (/[^aeiou]y$/.test(noun)) return `${noun.slice(0, -1)}ies`;
  if (/(?:lf|leaf|knife)$/.test(noun)) return noun.replace(/(?:f|fe)$/, 'ves');
  return `${noun}s`;
}

/** What is welded, as it is called: it has no part in the numbers, and a figure before it may be its own. */
export const THINGS: readonly WordRow[] = [
  word(NOUNS.join('|'), { kind: 'thing' }),
  word(FASTENERS.flatMap((noun) => [noun, `${noun}s`]).join('|'), { kind: 'thing', sized: true }),
  word(NOUNS.flatMap((noun) => pluralOf(noun) ?? []).join('|'), { kind: 'thing', plural: true }),
  rare(
    0.3,
    'shapes that are said of what stands behind them',
    word('round|rect|oval|hex|half round|square edge|square to', { kind: 'noted', as: 'its shape' }),
  ),
  rare(
    0.5,
    'a square by itself is tube, where a size stands before it',
    word('square|sq', { kind: 'product', product: 'tube', profile: 'square-tube' }),
  ),
];

const COMPOUND_PHRASES = [
  'overhead crane|overhead crane rail|overhead crane runway|overhead crane end stop|overhead door|overhead door track|overhead gantry|overhead gantry rail|overhead conveyor|overhead rack|overhead hoist|overhead beam|overhead bracket|overhead cam|overhead console|overhead line|overhead locker',
  'vertical post|vertical tank|vertical mill|vertical member|vertical bar|vertical leg|vertical boiler|vertical stud|horizontal tank|horizontal tank saddle|horizontal rail|horizontal member|horizontal boiler|horizontal mill|horizontal brace|horizontal strut',
  'flat bed|flatbed|flat bed trailer|flat bed body|flat head|flat pack|flat roof|flat spring|flat tray|flat deck|flat rack|flat iron',
  'water butt|cigarette butt|butt hinge|butt end|butt plate|butt strap|rifle butt|log butt|lap pool|lap belt|lap desk|lap bar|lap steel|lap timer|tee bar|tee off|tee box|t bar|t post|t slot|t handle|t piece|t bolt',
  'corner bath|corner bracket|corner post|corner gusset|corner brace|corner plate|corner shop|corner casting|corner guard|corner unit|edge trim|edge protector|cutting edge|edge beam|edge strip|leading edge|trailing edge|bucket edge|kerb edge|edge of',
  'sheep dip|cattle dip|dip tube|dip stick|dipstick|dip tank|dip bath|dip pipe|dip pen|dip switch|skinny dip|spray tank|spray boom|spray bar|spray rig|spray unit|spray booth|spray bottle|spray cart|boom spray|spray can|field sprayer|sprayer|crop sprayer|pulse oximeter|pulse generator|pulse jet|pulse laser|pulse crop|pulse pump|globular cluster|short arc lamp',
  'wind turbine|wind turbine tower|wind tower|wind mill|windmill|wind vane|wind deflector|wind break|windbreak|wind screen|windscreen|windshield|wind chime|wind sock|wind brace|wind bracing|wind girt|wind post|wind tunnel|draught excluder|draft horse|draft tube',
  'argon bottle|argon cylinder|argon tank|argon trolley|argon regulator|argon hose|gas bottle|gas bottle rack|gas cylinder|gas tank|gas pipe|gas line|gas trolley|gas grill|gas stove|gas bbq|co2 bottle|co2 cylinder|co2 tank|co2 extinguisher|co2 trolley|oxygen bottle|oxygen cylinder|nitrogen bottle|nitrogen tank',
  'steel toe|steel drum|steel cap|steel wheel|skid steer|skid steer bucket|skid steer attachment|wire brush|wire rack|wire mesh|wire basket|wire rope|wire fence|wire wheel|barbed wire|fence wire|wire shelf|wire tray|solid fuel stove|solid rod|solid shaft|solid wheel|flux capacitor|flux box',
  'quarter panel|half shaft|half moon|half pipe|quarter pipe|three point hitch|3 point hitch|3 point linkage|three point linkage|3 point|three point|4 link|four link|5th wheel|fifth wheel|5th wheel plate|2 post lift|4 post lift|two post lift|four post lift|1 ton|half ton|six pack|2 stroke|4 stroke|4 wheeler|2 wheeler|4x4|4wd|3d printer|3 d printer|55 gal|2 way|3 way|4 way',
  'push bar|push bike|push rod|pushrod|pull bar|pull handle|pull tab|drag link|drag chain|drag bar|drag harrow|up and over|up and over door|down pipe|down tube|down spout|downspout|down light|upright freezer|roll over bar|roll up door|tail gate|tail lift|tail pipe|head board|head stock|head light|inside lining|outside broadcast|outside tap|outside diameter|inside diameter|outside dimension|inside bore',
  'rain gauge|rain water|rainwater|rain gutter|rain barrel|rain cover|rain cap|rain hood|rainwater hopper|wet room|wet deck|wet bar|wet sump|damp proof|car port|carport|car park|car wash|truck bed|truck tire|truck stop|van der|auto feed|car ramp|car hoist|car lift|tank trap|tank top|tank track|tank mount|drum brake|drum stick|drum kit|barrel vault|barrel hinge',
  'paint booth|paint rack|paint shelf|paint pot|paint shaker|paint can|primer pump|primer bulb|primer port|chrome trim|strong back|strong box|strongbox|strong point|hot plate|hot rod|hot water tank|hot tub|warm air duct|hot air duct|clean room|clean out|cleanout|black box|black smith|blacksmith|bright work|brightwork|ground plate|ground anchor|ground screw|ground rod|scale pan|weigh scale|weighing scale|scale model|site box|site hut|site gate|yard arm|yardarm|yard gate|yard broom|yard ramp|shop front|shop crane|shop press|shop stool|shop cart|marine ply|pressure washer|pressure plate|pressure pot|salt spreader|structural steel frame',
  'spring clamp|spring hook|bronze bush|brass plate boss|copper pot|copper roof|nickel plate shop|tool steel bit|plate rack|plate holder|plate rail|number plate|licence plate|license plate|sheet pile|sheet piling|bar stool|bar top|bar counter|bar table|bar code|tube bender|tube notcher|tube light|pipe rack|pipe vise|pipe bender|pipe stand|pipe clamp|pipe hanger|pipe support|pipe shoe|beam clamp|beam trolley|angle grinder|angle bracket|channel iron post|box trailer|box van|tool box|box blade|box culvert|box spring|letter box|fire box|box cutter|horse box|box scraper',
  'positive stop|positive displacement|negative stop|negative rake|robot base|robot pedestal|weld bench|weld table|welding table|welding bench|welding cart|weld cart|welding trolley|welder cart|gun safe|gun rack|gun cabinet|gun mount|torch holder|torch stand',
]
  .join('|')
  .split('|');

/** What is so around the work where such a word stands in the name. */
const AROUND: readonly (readonly [
  pattern: RegExp,
  circumstance: Extract<Meaning, { kind: 'circumstance' }>['circumstance'],
])[] = [
  [/\b(?:trailer|truck|car|van|skid steer|tractor|box van|horse box)\b|panel$/, 'vehicle'],
  [/\b(?:tank|drum|barrel)\b/, 'closed-vessel'],
];

/** Two words that are one thing, in which the first would mean something else by itself. */
export const COMPOUNDS: readonly WordRow[] = COMPOUND_PHRASES.map((phrase) =>
  word(
    phrase,
    { kind: 'thing', compound: true },
    ...AROUND.flatMap(([pattern, circumstance]): Meaning[] =>
      pattern.test(phrase) ? [{ kind: 'circumstance', circumstance }] : [],
    ),
  ),
);
