import { SCHOOL_TABLE, type Schools } from '@hot-bead/core/base';
import type { ShopDay } from '@hot-bead/core/day';
import { OWN_WORD, type ShopWords } from '@hot-bead/core/line';
import type { Shelf } from '@hot-bead/core/plan';
import Joi from 'joi';
import { type SeenVersion, versionSchema } from '../history/command.ts';
import { shopDaySchema } from './shop-day.ts';
import { gasSchema } from '../trade/gas.ts';
import { type ShopRates, shopRatesSchema } from './rates.ts';
import type { StoredShape } from '../history/stored.ts';
import { SHELF_MOST, wireSchema } from '../trade/wire.ts';

/** How this shop goes about it, and what it has besides what stands on its machines. */
export interface ShopSettings {
  readonly schools: Partial<Schools>;
  /** How its day goes. */
  readonly day: ShopDay;
  /** What things cost. */
  readonly rates: ShopRates;
  /** Words of the line that it has told the meaning of. */
  readonly words: ShopWords;
}

/** The settings as they are kept. */
export interface KeptShop extends ShopSettings {
  readonly version: number;
  /** Wires and gases that Stores hold some of; null while they hold none: then nothing is held against a way for it. */
  readonly shelf: Shelf | null;
}

/** Changes of the settings, field by field; null takes a choice away. */
export interface ShopChange extends SeenVersion {
  readonly schools?: { readonly [K in keyof Schools]?: Schools[K] | null };
  /** Taken whole. */
  readonly day?: ShopDay;
  /** Taken whole. */
  readonly rates?: ShopRates;
  /** Word by word; null forgets one. */
  readonly words?: { readonly [word: string]: string | null };
}

const schoolOf = Object.fromEntries(
  SCHOOL_TABLE.map((school) => [school.id, Joi.valid(...school.options.map((option) => option.value))]),
);
const schoolsSchema = Joi.object<Partial<Schools>>(schoolOf);

const wires = Joi.array().items(wireSchema).max(SHELF_MOST);
const gases = Joi.array().items(gasSchema).max(SHELF_MOST).unique();
const shelfSchema = Joi.object<Shelf>({ wires: wires.required(), gases: gases.required() });

/** Most words that a shop tells the meaning of. */
export const SHOP_WORDS_MOST = 500;
const WORD = Joi.string().pattern(OWN_WORD);
const MEANS = Joi.string().min(1).max(60);
const wordsSchema = Joi.object<ShopWords>().pattern(WORD, MEANS).max(SHOP_WORDS_MOST);

const settings = {
  schools: schoolsSchema.required(),
  day: shopDaySchema.default({}),
  rates: shopRatesSchema.default({}),
  words: wordsSchema.default({}),
};
export const shopSettingsSchema = Joi.object<ShopSettings>(settings);
export const keptShopSchema = Joi.object<KeptShop>({
  ...settings,
  version: versionSchema.required(),
  shelf: shelfSchema.allow(null).required(),
});

export const shopChangeSchema = Joi.object<ShopChange>({
  version: versionSchema,
  schools: Joi.object(
    Object.fromEntries(Object.entries(schoolOf).map(([id, schema]) => [id, schema.allow(null)])),
  ),
  day: shopDaySchema,
  rates: shopRatesSchema,
  words: Joi.object().pattern(WORD, MEANS.allow(null)).max(SHOP_WORDS_MOST),
})
  .or('schools', 'day', 'rates', 'words')
  .messages({ 'object.missing': 'Nothing to change.' });

export const KEPT_SHOP: StoredShape<ShopSettings> = { version: 1, schema: shopSettingsSchema, upgrades: {} };
