import { gaugeTableFor, type Product } from '../material/work.ts';
import type { LengthUnit } from '../quantity/thickness.ts';
import { gaugeTableName, THICKNESS_RANGE_MM, thicknessOfWritten } from '../quantity/thickness.ts';
import { mmOfWritten, type WrittenLength } from '../quantity/length-text.ts';
import { MM_PER_INCH } from '../quantity/units.ts';
import { WIRE_DIAMETER_TABLE, type WireDiameterMm } from '../wire/wire-diameter.ts';
import type { Draft, Line } from './draft.ts';
import { isMetricLine } from './metric-line.ts';
import { meaningOf, type Token } from './meaning.ts';
import type { Role } from './roles/candidates.ts';
import { isJoined, thicknessesOf } from './roles/joint-terms.ts';
import { has, headOf, type Scene, wireOfLength } from './roles/scene.ts';
import type { QuickSlot } from './quick-work.ts';
import { ask, lineWith, noteVerdict } from './draft.ts';

interface Placed {
  readonly index: number;
  readonly token: Token;
  readonly length: WrittenLength;
}

function tidy(mm: number): string {
  return String(Number(mm.toFixed(3)));
}

/** A partner in a pair that states its unit lends it: `3 to 5 mm`. */
function unitFor(placed: Placed, all: readonly Placed[], line: Line): LengthUnit {
  const partner = all.find((other) => other !== placed && other.length.form !== 'bare');
  if (partner?.length.form === 'mm') return 'mm';
  return partner?.length.form === 'inch' ? 'in' : line.unit;
}

/** A bare figure beside a gauge is a gauge: `16 to 14 ga`. In a line that is metric it is millimetres. */
function settledForm(placed: Placed, all: readonly Placed[], line: Line): Placed {
  const { length } = placed;
  if (length.form !== 'bare' || !Number.isInteger(length.value) || length.value <= 6) return placed;
  if (all.some((other) => other !== placed && other.length.form === 'gauge'))
    return { ...placed, length: { ...length, form: 'gauge' } };
  // `5 to 10`: beside a figure that no gauge is it is none either
  const small = all.some((other) => other !== placed && other.length.form === 'bare' && other.length.value <= 6);
  if (small && line.unit === 'mm') return { ...placed, length: { ...length, form: 'mm' } };
  if (all.some((other) => other !== placed && other.length.form === 'mm') || isMetricLine(line))
    return { ...placed, length: { ...length, form: 'mm' } };
  return placed;
}

/** The product that a figure is said of: its own noun's, or the line's where it has only one. */
function productFor(draft: Draft, scene: Scene, { index, token }: Placed): Product | undefined {
  const own = meaningOf(token, 'product')?.product;
  if (own !== undefined) return own;
  const head = headOf(scene, index);
  const said = head && meaningOf(draft.tokens[head.index], 'product')?.product;
  if (said !== undefined) return said;
  const before = meaningOf(draft.tokens[index - 1], 'product')?.product ?? meaningOf(draft.tokens[index - 2], 'product')?.product;
  if (before !== undefined && token.pause !== true) return before;
  return draft.said.otherProduct === undefined ? draft.said.product : undefined;
}

function readOne(draft: Draft, line: Line, placed: Placed, slot: QuickSlot, all: readonly Placed[]): number | undefined {
  const metal = draft.said.metal ?? draft.assumed.metal ?? 'carbon-steel';
  const { length } = settledForm(placed, all, line);
  const reading = thicknessOfWritten(length, {
    unit: unitFor(placed, all, line),
    gaugeTable: gaugeTableFor(metal, productFor(draft, line.scene, placed)),
  });
  if (reading.status === 'ask') {
    ask(draft, placed.index, slot, reading.message, reading.choices.map(({ label, text }) => [label, text] as const));
    return undefined;
  }
  if (reading.status === 'refused') {
    draft.verdicts.set(placed.index, {
      status: 'not-understood',
      label: reading.message,
      slots: [],
      code: reading.code,
    });
    return undefined;
  }
  const table = reading.gauge ? `, ${gaugeTableName(reading.gauge.table)} gauge` : '';
  noteVerdict(draft, placed.index, [slot], `${tidy(reading.thicknessMm)} mm${table}`);
  return reading.thicknessMm;
}

/** Share by which a written wire size may differ from the name it is sold under before that is said. */
const NAME_OFF_SHARE = 0.03;

function readWire(draft: Draft, placed: Placed, wire: WireDiameterMm): void {
  draft.said.wireDiameterMm = wire;
  draft.verdicts.set(placed.index, { status: 'understood', label: `${wire} mm wire`, slots: ['wireDiameterMm'] });
  const mm = mmOfWritten(placed.length);
  if (mm === undefined || wire <= 1.2 || Math.abs(mm / wire - 1) <= NAME_OFF_SHARE) return;
  // the value stands while the question does: the inch size and the metric name are some way apart
  ask(draft, placed.index, 'wireDiameterMm', `${placed.token.text} is sold as ${wire} mm (${mm.toFixed(2)} mm): right?`, [
    [`${wire} mm wire`, `${wire} mm wire`],
    ['leave it out', ''],
  ]);
}

/** Two sizes of wire in one line: which is it? */
function readWires(draft: Draft, wires: readonly { placed: Placed; wire: WireDiameterMm }[]): void {
  const sizes = [...new Set(wires.map(({ wire }) => wire))];
  if (sizes.length < 2) {
    for (const { placed, wire } of wires) readWire(draft, placed, wire);
    return;
  }
  for (const { placed, wire } of wires) {
    const others = sizes.filter((size) => size !== wire);
    ask(draft, placed.index, 'wireDiameterMm', `${wire} mm wire or ${others.join(' or ')} mm?`, [
      [`not ${wire} mm`, ''],
      [`only ${wire} mm thick`, `${placed.token.text} thick`],
    ]);
  }
}

/** A size that no wire is sold in, beside a wire: said to be one, and never the plate. */
function unknownWire(draft: Draft, placed: Placed): void {
  const { text } = placed.token;
  const sold = WIRE_DIAMETER_TABLE.filter(({ coredOnly }) => coredOnly !== true).map((row) => row.nominalMm);
  ask(draft, placed.index, 'wireDiameterMm', `${text}: a wire size we do not know. Which is it?`, [
    ...sold.map((mm) => [`${mm} mm`, `${mm} mm wire`] as const),
    [`${text} thick`, `${text} thick`],
  ]);
}

/** Thickness of common walls, offered where a section's wall is not said, mm. */
const USUAL_WALLS_MM = [2, 3, 4, 5];

function readOutside(draft: Draft, line: Line, { index, length }: Placed): void {
  const mm = mmOfWritten(length) ?? (line.unit === 'in' || length.value < 5 ? length.value * MM_PER_INCH : length.value);
  draft.said.outsideMm ??= [Number(mm.toFixed(4))];
  draft.verdicts.set(index, { status: 'understood', label: `${tidy(mm)} mm outside`, slots: ['outsideMm'] });
}

/** Sections whose wall is not said: the outside of a tube, two sizes of one, a rolled beam, a nominal pipe. */
function openWalls(scene: Scene, roles: ReadonlyMap<number, Role>): number[] {
  return scene.tokens.flatMap((token, index) => {
    if (scene.noted.has(index)) return [];
    return has(token, 'wall-open') || roles.get(index) === 'outside' ? [index] : [];
  });
}

/** Whether the wall of an open section is said beside it: a thickness that no connector parts from it. */
function isClosedBy(scene: Scene, open: number, thick: number): boolean {
  const [from, to] = open < thick ? [open, thick] : [thick, open];
  if (isJoined(scene, from, to)) return false;
  // what stands between is part of the same thing, unless another product is named there
  return !scene.tokens.slice(from + 1, to).some((token) => has(token, 'product') && has(scene.tokens[open], 'wall-open') && to === thick && has(token, 'connector'));
}

function askWall(draft: Draft, index: number, slot: QuickSlot): void {
  const token = draft.tokens[index] as Token;
  const beam = meaningOf(token, 'wall-open')?.beam === true;
  const message = beam
    ? `${token.text}: which part is welded, and how thick is it, flange or web?`
    : `${token.text} is its outside: how thick is the wall?`;
  ask(
    draft,
    index,
    slot,
    message,
    USUAL_WALLS_MM.map((wall) => {
      const mm = beam ? wall + 4 : wall;
      return [`${mm} mm`, beam ? `${token.text} flange ${mm} mm thick` : `${mm} mm wall ${token.text}`] as const;
    }),
    'keep',
  );
}

function isBeyond({ length }: Placed, unit: LengthUnit): boolean {
  const mm = unit === 'in' ? length.value * MM_PER_INCH : length.value;
  return length.form === 'bare' && mm > THICKNESS_RANGE_MM[1];
}

function placedAt(draft: Draft, index: number): Placed {
  const token = draft.tokens[index] as Token;
  const meaning = meaningOf(token, 'length') as NonNullable<ReturnType<typeof meaningOf<'length'>>>;
  return { index, token, length: meaning.length };
}

/** The two thicknesses in the order they are kept in: as said where they are tied, else the thinner first. */
function setPair(draft: Draft, first: number | undefined, second: number | undefined, tied: boolean): void {
  const swap = !tied && first !== undefined && second !== undefined && first > second;
  const [one, two] = swap ? [second, first] : [first, second];
  if (one !== undefined) draft.said.thicknessMm = one;
  if (two !== undefined && two !== one) draft.said.otherThicknessMm = two;
}

function readSizes(draft: Draft, line: Line): void {
  const { scene, roles, asked } = line;
  const thick = thicknessesOf(scene, roles).filter(({ index }) => !asked.has(index));
  const open = openWalls(scene, roles).filter((at) => !thick.some(({ index }) => isClosedBy(scene, at, index)));
  const placed = thick.map(({ index }) => placedAt(draft, index));
  const tied =
    thick[0] !== undefined &&
    thick[1] !== undefined &&
    (isJoined(scene, thick[0].index, thick[1].index) ||
      thick[0].part !== undefined ||
      hasOwnParts(scene, thick[0].index, thick[1].index) ||
      thick[0].section !== undefined ||
      thick[1].section !== undefined);
  // `114 3 mm`: a bare figure that no part can be does not take the place of one that can
  const ordered = tied ? placed : placed.toSorted((a, b) => Number(isBeyond(a, line.unit)) - Number(isBeyond(b, line.unit)));
  const byPart = thick.some(({ part }) => part === 2) && thick.length > 1 && thick[0]?.part === 2 ? ordered.toReversed() : ordered;
  const [first, second, ...more] = byPart;
  for (const extra of more) {
    if (placed.slice(0, 2).some((p) => p.length.form === extra.length.form && p.length.value === extra.length.value)) {
      noteVerdict(draft, extra.index, ['thicknessMm'], `${extra.token.text}, as before`);
      continue;
    }
    const label = 'Two thicknesses at most.';
    draft.verdicts.set(extra.index, { status: 'not-understood', label, slots: [], code: 'too-many-thicknesses' });
  }
  const pushed =
    first !== undefined &&
    second === undefined &&
    (open.some((at) => at < first.index) ||
      [...asked.keys()].some((index) => index < first.index && isJoined(scene, index, first.index)));
  const slots: readonly [QuickSlot, QuickSlot] = pushed ? ['otherThicknessMm', 'thicknessMm'] : ['thicknessMm', 'otherThicknessMm'];
  const one = first && readOne(draft, line, first, slots[0], placed);
  const two = second && readOne(draft, line, second, slots[1], placed);
  if (pushed) {
    if (one !== undefined) draft.said.otherThicknessMm = one;
  } else setPair(draft, one, two, tied);
  askBeside(draft, line, thick.map(({ index }) => index), tied);
  for (const at of open) {
    const slot = first === undefined || at < first.index ? 'thicknessMm' : 'otherThicknessMm';
    if (second === undefined) askWall(draft, at, slot);
  }
}

/** `1 mm 3 mm tee`: two parts with nothing between them stand, and are asked about. */
function askBeside(draft: Draft, line: Line, thick: readonly number[], tied: boolean): void {
  const [a, b] = thick;
  if (tied || a === undefined || b !== a + 1 || line.tokens[b]?.pause === true) return;
  const [one, two] = [draft.tokens[a], draft.tokens[b]] as [Token, Token];
  if (meaningOf(one, 'length')?.length.form !== 'mm' || meaningOf(two, 'length')?.length.form !== 'mm') return;
  const message = `${one.text} and ${two.text}: two parts?`;
  const span = { start: one.start, end: two.end };
  draft.questions.push({
    slot: 'otherThicknessMm',
    message,
    ...span,
    choices: [
      { label: `${one.text} on ${two.text}`, line: lineWith(draft, span, `${one.text} to ${two.text}`) },
      { label: one.text, line: lineWith(draft, span, one.text) },
      { label: two.text, line: lineWith(draft, span, two.text) },
    ],
  });
}

/** Whether two figures stand before nouns of their own: `10 web to …`, `5 mm plate, 3 mm box`. */
function hasOwnParts(scene: Scene, a: number, b: number): boolean {
  const [one, two] = [headOf(scene, a), headOf(scene, b)];
  const isProduct = (head: typeof one): boolean => head?.kind === 'hollow' || head?.kind === 'flat-product';
  return one !== undefined && one.index < b && isProduct(one) && isProduct(two);
}

const ROLE_WORD: Readonly<Record<Role, readonly [label: string, suffix: string]>> = {
  wire: ['wire', ' wire'],
  thickness: ['thickness', ' thick'],
  'unknown-wire': ['wire', ' wire'],
  leg: ['leg', ' leg'],
  outside: ['outside', ' OD'],
  off: ['off', ' off'],
  belongs: ['no part in the numbers', ''],
  unclear: ['leave it out', ''],
};

/** A figure that could be two things, nearly as likely: asked, and neither is taken. */
function askRole(draft: Draft, index: number, roles: readonly Role[]): void {
  const { text } = draft.tokens[index] as Token;
  const bare = text.replace(/\s*(?:wire|leg|off|od|thk|thick|cfw|fw)\s*$/i, '');
  const order = Object.keys(ROLE_WORD) as Role[];
  const sorted = roles.toSorted((a, b) => order.indexOf(a) - order.indexOf(b));
  const words = [...new Map(sorted.map((role) => ROLE_WORD[role])).entries()];
  const slot: QuickSlot = roles.includes('thickness') ? (draft.said.thicknessMm === undefined ? 'thicknessMm' : 'otherThicknessMm') : roles.includes('wire') ? 'wireDiameterMm' : 'legMm';
  const wire = wireOfLength(meaningOf(draft.tokens[index], 'length')?.length ?? { form: 'bare', value: 0, fraction: false, inchDecimal: false });
  const named = (label: string, suffix: string): string =>
    label === 'wire' && wire !== undefined ? `${wire} mm wire` : suffix === '' ? label : `${bare}${suffix}`;
  ask(
    draft,
    index,
    slot,
    `${text}: ${words.map(([label]) => label).join(' or ')}?`,
    words.map(([label, suffix]) => [named(label, suffix), suffix === '' ? '' : `${bare}${suffix}`] as const),
  );
}

/** Roles that are read here; the others became words with their figures. */
const FIGURE_ROLES: ReadonlySet<Role> = new Set(['outside', 'unknown-wire', 'wire']);

/** Reads the figures of the line once it is settled what each is. */
export function readFigures(draft: Draft, line: Line): void {
  const { roles, asked, scene } = line;
  const wires: { placed: Placed; wire: WireDiameterMm }[] = [];
  for (const [index, role] of roles) {
    if (asked.has(index) || !FIGURE_ROLES.has(role)) continue;
    const placed = placedAt(draft, index);
    const wire = wireOfLength(placed.length);
    if (role === 'outside') readOutside(draft, line, placed);
    else if (role === 'unknown-wire') unknownWire(draft, placed);
    else if (role === 'wire' && wire !== undefined) wires.push({ placed, wire });
  }
  readWires(draft, wires);
  readSizes(draft, line);
  for (const [index, others] of asked) {
    const own = roles.get(index) ?? (has(scene.tokens[index], 'measure') && !has(scene.tokens[index], 'length') ? 'leg' : 'thickness');
    askRole(draft, index, [own, ...others]);
  }
  for (const { first, second, wire } of line.alternatives) askEither(draft, line, first, second, wire);
  draft.tokens.forEach((token, index) => has(token, 'spread') && askSpread(draft, index));
}

/** `3-5 mm`: one of the two, or one on the other? */
function askSpread(draft: Draft, index: number): void {
  const { text } = draft.tokens[index] as Token;
  const [a = '', b = ''] = text.split(/\s?[-–]\s?/);
  const unit = /[a-z"″]+$/i.exec(b)?.[0] ?? '';
  const one = /[a-z"″]$/i.test(a) ? a : `${a} ${unit}`.trim();
  ask(draft, index, 'thicknessMm', `${text}: which of them, or one on the other?`, [
    [one, one],
    [b, b],
    [`${one} on ${b}`, `${one} to ${b}`],
  ]);
}

/** Two figures with "or" between: which is it? */
function askEither(draft: Draft, line: Line, first: number, second: number, wire: boolean): void {
  const measured = meaningOf(line.scene.tokens[second], 'measure')?.slots[0]?.slot;
  const slot: QuickSlot = measured ?? (wire ? 'wireDiameterMm' : 'thicknessMm');
  if (measured !== undefined) delete draft.said[measured];
  const [a, b] = [draft.tokens[first], draft.tokens[second]] as [Token, Token];
  const span = { ...a, end: b.end, text: draft.text.slice(a.start, b.end) };
  const choices = [a, b].map(({ text }) => {
    const unit = /[a-z"]/i.test(text) ? '' : (/[a-z"]+$/i.exec(b.text)?.[0] ?? '');
    const said = `${text}${unit}`;
    return { label: said, line: lineWith(draft, span, wire ? `${said} wire` : said) };
  });
  const message = `${a.text} or ${b.text}?`;
  draft.questions.push({ slot, message, start: a.start, end: b.end, choices });
  for (const index of [first, second]) draft.verdicts.set(index, { status: 'questioned', label: message, slots: [slot] });
}
