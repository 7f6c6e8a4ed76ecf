import { amount, type Words, words, type WordsValue } from '@hot-bead/core/base';
import type { EventAbout, ShopEvent } from '@hot-bead/contract/history';
import { rigVerb } from '@hot-bead/core/changeover';
import { type FieldChange, isBooking, recordKindRow } from '@hot-bead/core/history';
import { fieldWord, valueText } from './field-text.ts';

const STOCK_WORD: Readonly<Record<string, string>> = {
  weighed: 'weighed',
  gauged: 'its gauge was read',
  adjusted: 'put right',
  'used-up': 'used up',
  bought: 'bought',
  counted: 'counted',
  welded: 'welded with',
};

/** What was told of a thing in Stores: the number as it was told, and why. */
function stockWord({ kind, weightKg, bar, left, count, reason, wireKg, gasL }: EventAbout): Words {
  const parts: WordsValue | undefined = [
    weightKg === undefined ? undefined : amount.weight(Number(weightKg), 'as-given'),
    bar === undefined ? undefined : amount.pressure(Number(bar), 'as-given'),
    wireKg === undefined ? undefined : amount.weight(Number(wireKg), 3),
    gasL === undefined ? undefined : amount.gasVolume(Number(gasL), 0),
    (left ?? count) === undefined ? undefined : String(left ?? count),
  ].find((one) => one !== undefined);
  const word = STOCK_WORD[String(kind)] ?? 'told in Stores';
  return words`${word}${parts === undefined ? '' : words`: ${parts}`}${reason === undefined ? '' : `, because: ${reason}`}`;
}

/** Which step or look told of the rig, and what was noted. */
function rigWord({ step, note, why }: EventAbout): string {
  if (why === 'bead') return 'a test bead was welded on it';
  if (why === 'run') return 'a run was welded on it';
  const verb = rigVerb(String(step)) ?? 'told by hand';
  return note === undefined ? verb : `${verb} (${note})`;
}

/** What happened, in a word or two after the name of what it happened to. */
export function eventWord({
  kind,
  subject,
  about,
}: Pick<ShopEvent, 'kind' | 'subject'> & Partial<Pick<ShopEvent, 'about'>>): Words {
  switch (kind) {
    case 'created':
      return recordKindRow(subject.kind).begun;
    case 'put-away':
      return recordKindRow(subject.kind).away;
    case 'deleted':
      return 'could not be read, and was deleted';
    case 'changed':
      return 'changed';
    case 'restored':
      return 'brought back';
    case 'reading-added':
      return 'read: a reading of its dial was kept';
    case 'reading-taken-out':
      return 'a reading of its dial was taken out';
    case 'reading-put-back':
      return 'a reading of its dial counts again';
    case 'calibration-begun':
      return 'a new calibration was begun';
    case 'caution-read':
      return 'a stop caution was read';
    case 'rigged':
      return rigWord(about ?? {});
    case 'stock-told':
      return stockWord(about ?? {});
    case 'undone':
      return 'something was undone';
  }
}

export interface ChangedField {
  readonly field: string;
  readonly from: Words;
  readonly to: Words;
}

/** Fields that follow from others, or say again what the event's word says. */
const SILENT = /^(line|away|voltsReadAt|entryReadAt)$|^readingCounts\./;

/** The fields that an event changed, each with what stood and what stands. */
export function changedFields({
  before,
  after,
}: Pick<ShopEvent, 'before' | 'after'>): readonly ChangedField[] {
  if (before === null) return [];
  const was: FieldChange = before;
  return Object.keys(after)
    .filter((field) => !SILENT.test(field))
    .map((field) => ({
      field: fieldWord(field),
      from: valueText(field, was[field] ?? null),
      to: valueText(field, after[field] ?? null),
    }));
}

/** Whether an event can be taken back by itself. */
export function isUndoable({
  kind,
  undoneBy,
  about,
}: Pick<ShopEvent, 'kind' | 'undoneBy' | 'about'>): boolean {
  return undoneBy === null && kind !== 'caution-read' && !isBooking(about);
}
