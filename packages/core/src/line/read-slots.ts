import { isSameWords, joined, words, type Words } from '../base/words/words.ts';
import { gasOf } from '../trade/gas/gas.ts';
import { metalName } from '../trade/material/base-metal.ts';
import {
  type Circumstance,
  CIRCUMSTANCE_NAME,
  CIRCUMSTANCES,
  type Joint,
  JOINT_NAME,
  PLACE_NAME,
  POSITION_NAME,
  PRIORITIES,
  type Priority,
  PRIORITY_NAME,
  PROFILE_NAME,
  SURFACE_NAME,
} from '../trade/material/work.ts';
import { WAY_NAME } from '../trade/wire/way.ts';
import { type Meaning, meaningOf, type Token } from './meaning.ts';
import { type Draft, lineWith, type Verdict } from './draft.ts';
import { readMetalPair } from './read-metals.ts';
import type { WorkSlot, StatedWork } from '../plan/work/stated-work.ts';
import type { LineQuestion } from './line-reading.ts';

interface Claim {
  readonly index: number;
  readonly token: Token;
  readonly slot: WorkSlot;
  readonly value: NonNullable<StatedWork[WorkSlot]>;
  readonly label: Words;
  /** A weak claim gives way to a strong one for the same slot. */
  readonly weak: boolean;
  /** A claim gives way to this narrower value of its slot. */
  readonly narrowedBy?: Joint | undefined;
  /** An assumed claim is shown as such. */
  readonly assumed: boolean;
}

type Piece = Omit<Claim, 'index' | 'token'>;

function piece(slot: WorkSlot, value: Piece['value'], label: Words, weak = false, assumed = false): Piece {
  return { slot, value, label, weak, assumed };
}

function metalPieces(meaning: Extract<Meaning, { kind: 'metal' }>): Piece[] {
  const label = metalName(meaning.metal, meaning.alloy);
  const metal = piece('metal', meaning.metal, label, meaning.weak === true);
  return meaning.alloy === undefined ? [metal] : [metal, piece('alloy', meaning.alloy, label)];
}

function piecesOf(meaning: Meaning): Piece[] {
  switch (meaning.kind) {
    case 'metal':
      return metalPieces(meaning);
    case 'joint':
      return [
        {
          ...piece(
            'joint',
            meaning.joint,
            JOINT_NAME[meaning.joint],
            meaning.weak === true,
            meaning.weak === true,
          ),
          narrowedBy: meaning.narrowedBy,
        },
      ];
    case 'position':
      return [piece('position', meaning.position, POSITION_NAME[meaning.position])];
    case 'surface':
      return [piece('surface', meaning.surface, SURFACE_NAME[meaning.surface])];
    case 'place':
      return [piece('place', meaning.place, PLACE_NAME[meaning.place])];
    case 'wind':
      return [piece('windy', true, 'in wind')];
    case 'way': {
      const way = piece('way', meaning.way, WAY_NAME[meaning.way]);
      return meaning.wireClass === undefined
        ? [way]
        : [way, piece('wireClass', meaning.wireClass, meaning.wireClass, true, true)];
    }
    case 'mode':
      return [piece('mode', meaning.mode, meaning.mode)];
    case 'wire-class':
      return [piece('wireClass', meaning.wireClass, meaning.wireClass)];
    case 'polarity':
      return [piece('polarity', meaning.polarity, meaning.polarity)];
    case 'no-filler':
      return [piece('withoutFiller', true, 'without filler')];
    case 'gas':
      return [piece('gas', meaning.gas, gasOf(meaning.gas).name, false, meaning.asks !== undefined)];
    case 'backing':
      return [piece('backing', true, 'backing bar')];
    case 'third-member':
      return [piece('thirdMember', true, 'third member behind')];
    case 'sides':
      return [piece('sides', meaning.sides, meaning.sides === 2 ? 'both sides' : 'one side')];
    case 'measure':
      return meaning.slots.map(({ slot, value }) => piece(slot, value, meaning.label));
    case 'noted':
      return meaning.assume ? [piece(meaning.assume.slot, meaning.assume.value, meaning.as, true, true)] : [];
    case 'machine':
      return [piece('machineName', meaning.name, meaning.name)];
    default:
      return [];
  }
}

function ask(
  draft: Draft,
  index: number,
  slot: WorkSlot,
  message: Words,
  answers: readonly (readonly [label: Words, replacement: string])[],
): void {
  const token = draft.tokens[index] as Token;
  const question: LineQuestion = {
    slot,
    message,
    start: token.start,
    end: token.end,
    choices: answers.map(([label, replacement]) => ({ label, line: lineWith(draft, token, replacement) })),
  };
  draft.questions.push(question);
  draft.verdicts.set(index, { status: 'questioned', label: message, slots: [slot] });
}

/** Values that two words of the line contradict each other about: nothing is set, both are questioned. */
function settle(draft: Draft, claims: readonly Claim[]): void {
  const slots = new Set(claims.map((claim) => claim.slot));
  for (const slot of slots) {
    const slotClaims = claims.filter((claim) => claim.slot === slot);
    const all = slotClaims.filter(
      ({ narrowedBy }) => !slotClaims.some((other) => other.value === narrowedBy),
    );
    const strong = all.filter((claim) => !claim.weak);
    const candidates = strong.length > 0 ? strong : all;
    const values = [...new Map(candidates.map((claim) => [String(claim.value), claim.value])).values()];
    const first = candidates[0] as Claim;
    // the outside that is said first is the first part's
    if (values.length > 1 && slot !== 'outsideMm') {
      for (const claim of candidates) {
        const others = candidates.filter((c) => String(c.value) !== String(claim.value)).map((c) => c.label);
        ask(draft, claim.index, slot, words`${claim.label} or ${joined(others, ' or ')}?`, [
          [words`Not ${claim.label}`, ''],
        ]);
      }
      continue;
    }
    const target: Record<string, unknown> = first.assumed ? draft.assumed : draft.stated;
    target[slot] = first.value;
  }
}

function verdictOf(token: Token, pieces: readonly Piece[]): Verdict {
  const shown = pieces.filter((p) => p.slot !== 'metal' || !pieces.some((q) => q.slot === 'alloy'));
  const labels = shown.map((p) => (p.assumed ? words`${p.label} assumed` : p.label));
  const distinct = labels.filter((label, i) => labels.findIndex((one) => isSameWords(one, label)) === i);
  return {
    status: 'understood',
    label: distinct.length === 0 ? token.text : joined(distinct, ', '),
    slots: pieces.map((p) => p.slot),
  };
}

function readVertical(draft: Draft, claims: readonly Claim[]): void {
  const { tokens } = draft;
  const vertical = tokens.findIndex((token) => meaningOf(token, 'vertical'));
  const direction = tokens.findIndex((token) => meaningOf(token, 'direction'));
  if (direction >= 0) {
    const up = meaningOf(tokens[direction], 'direction')?.up === true;
    const position = up ? 'vertical-up' : 'vertical-down';
    const verdict: Verdict = { status: 'understood', label: POSITION_NAME[position], slots: ['position'] };
    draft.stated.position = position;
    draft.verdicts.set(direction, verdict);
    if (vertical >= 0) {
      const joint = draft.verdicts.get(vertical);
      draft.verdicts.set(vertical, joint ? { ...joint, slots: [...joint.slots, 'position'] } : verdict);
    }
    return;
  }
  if (vertical < 0 || claims.some((claim) => claim.slot === 'position')) return;
  const text = (tokens[vertical] as Token).text;
  draft.assumed.position = 'vertical-up';
  ask(draft, vertical, 'position', 'Vertical: up or down?', [
    ['up', `${text} up`],
    ['down', `${text} down`],
  ]);
}

function readProducts(draft: Draft): void {
  const meanings = draft.tokens.flatMap((token, index) => {
    const meaning = meaningOf(token, 'product');
    return meaning ? [{ index, product: meaning.product, profile: meaning.profile }] : [];
  });
  const first = meanings[0];
  const shaped = meanings.find(({ product, profile }) => product === first?.product && profile !== undefined);
  if (shaped?.profile !== undefined) draft.stated.profile = shaped.profile;
  const second = meanings.find(({ product }) => product !== first?.product);
  if (first) draft.stated.product = first.product;
  if (second) draft.stated.otherProduct = second.product;
  for (const { index, product, profile } of meanings) {
    const label = profile === undefined ? product : PROFILE_NAME[profile];
    const slots = ['product', ...(profile === undefined ? [] : (['profile'] as const))] as const;
    const before = draft.verdicts.get(index);
    if (!before) draft.verdicts.set(index, { status: 'understood', label, slots });
    else
      draft.verdicts.set(index, {
        ...before,
        label: words`${before.label} ${label}`,
        slots: [...before.slots, ...slots],
      });
  }
}

/** Lists: what matters and what is so around the work; any number of each, in the order of their own lists. */
function readLists(draft: Draft): void {
  const priorities = new Set<Priority>();
  const circumstances = new Set<Circumstance>();
  draft.tokens.forEach((token, index) => {
    const priority = meaningOf(token, 'priority')?.priority;
    const circumstance = meaningOf(token, 'circumstance')?.circumstance;
    if (priority !== undefined) {
      priorities.add(priority);
      draft.verdicts.set(index, {
        status: 'understood',
        label: PRIORITY_NAME[priority],
        slots: ['priorities'],
      });
    }
    if (circumstance !== undefined) {
      circumstances.add(circumstance);
      const label = CIRCUMSTANCE_NAME[circumstance];
      draft.verdicts.set(index, { status: 'understood', label, slots: ['circumstances'] });
    }
  });
  if (priorities.size > 0) draft.stated.priorities = PRIORITIES.filter((p) => priorities.has(p));
  if (circumstances.size > 0) draft.stated.circumstances = CIRCUMSTANCES.filter((c) => circumstances.has(c));
}

/** Words that are known and have no part in the numbers, and those that ask by themselves. */
function readNoted(draft: Draft): void {
  draft.tokens.forEach((token, index) => {
    const measure = meaningOf(token, 'measure');
    if (measure && measure.slots.length === 0 && !meaningOf(token, 'length')) {
      draft.verdicts.set(index, { status: 'noted', label: measure.label, slots: [] });
    }
    if (meaningOf(token, 'schedule')) {
      draft.verdicts.set(index, { status: 'noted', label: 'pipe schedule: give the wall', slots: [] });
    }
    const noted = meaningOf(token, 'noted');
    const near = meaningOf(token, 'near-word');
    const asks = noted?.asks ?? near?.asks ?? meaningOf(token, 'gas')?.asks;
    const quoted = noted?.asks ? words`“${token.text}”: ${noted.asks.message}` : asks?.message;
    if (asks) ask(draft, index, asks.slot, quoted ?? '', asks.answers);
    else if (noted && !draft.verdicts.has(index)) {
      draft.verdicts.set(index, { status: 'noted', label: noted.as, slots: [] });
    }
  });
}

function readQuestions(draft: Draft): void {
  draft.tokens.forEach((token, index) => {
    const machine = meaningOf(token, 'near-machine');
    if (machine) ask(draft, index, 'machineName', words`${machine.name}?`, [[machine.name, machine.name]]);
    const outside = draft.tokens[index + 1];
    if (
      meaningOf(token, 'corner') &&
      draft.stated.joint === undefined &&
      /^(?:outside|inside)$/i.test(outside?.text ?? '')
    ) {
      // `corner, outside`: said of the corner, not of the place
      const joint = /^o/i.test(outside?.text ?? '') ? 'outside-corner' : 'tee';
      draft.stated.joint = joint;
      delete draft.stated.place;
      for (const at of [index, index + 1])
        draft.verdicts.set(at, { status: 'understood', label: JOINT_NAME[joint], slots: ['joint'] });
      return;
    }
    if (meaningOf(token, 'corner') && draft.stated.joint === undefined) {
      ask(draft, index, 'joint', 'Corner: outside or inside?', [
        ['outside corner', 'outside corner'],
        ['inside corner', 'inside corner'],
      ]);
    }
  });
  const aluminium = draft.tokens.findIndex((token) => meaningOf(token, 'metal')?.metal === 'aluminium');
  if (aluminium >= 0 && draft.stated.metal === 'aluminium' && draft.stated.alloy === undefined) {
    const token = draft.tokens[aluminium] as Token;
    draft.questions.push({
      slot: 'alloy',
      message: 'Which aluminium alloy?',
      start: token.start,
      end: token.end,
      choices: ['5052', '5083', '6061', '6063', '6082'].map((alloy) => ({
        label: alloy,
        line: lineWith(draft, token, `${token.text} ${alloy}`),
      })),
    });
  }
}

/** Reads everything but the figures: metal, joint, position, place, wire class, way, gas, machine. */
export function readSlots(draft: Draft): void {
  const claims = draft.tokens.flatMap((token, index): Claim[] =>
    token.meanings.flatMap(piecesOf).map((p) => ({ ...p, index, token })),
  );
  for (const [index, token] of draft.tokens.entries()) {
    const pieces = token.meanings.flatMap(piecesOf);
    if (pieces.length > 0) draft.verdicts.set(index, verdictOf(token, pieces));
  }
  const paired = readMetalPair(draft);
  settle(
    draft,
    claims.filter((claim) => !paired.has(claim.index)),
  );
  readVertical(draft, claims);
  readProducts(draft);
  readLists(draft);
  readNoted(draft);
  readQuestions(draft);
}
