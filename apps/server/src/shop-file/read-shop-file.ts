import Joi from 'joi';
import { SHOP_FILE_FORMAT, SHOP_FILE_VERSION, type ShopFile, type ShopRow } from './shop-file.ts';

/** Why a file is not taken, in one line. */
export class ShopFileError extends Error {}

const name = Joi.string().pattern(/^[A-Za-z_][A-Za-z0-9_]*$/);
const head = Joi.object({
  format: Joi.valid(SHOP_FILE_FORMAT).required(),
  version: Joi.valid(SHOP_FILE_VERSION).required(),
  schema: Joi.string().max(80).required(),
  tables: Joi.object().pattern(name, Joi.array()).required(),
});

function isRow(row: unknown): row is ShopRow {
  if (typeof row !== 'object' || row === null || Array.isArray(row)) return false;
  return Object.values(row).every((cell: unknown) => {
    if (cell === null || typeof cell === 'string') return true;
    if (typeof cell === 'number') return Number.isFinite(cell);
    return (
      typeof cell === 'object' &&
      Object.keys(cell).length === 1 &&
      typeof (cell as { base64?: unknown }).base64 === 'string'
    );
  });
}

/**
 * A whole shop from text.
 *
 * @param known names of all migrations, in order: what is newer is not taken
 * @throws {ShopFileError} with what is wrong, and where
 */
export function parseShopFile(text: string, known: readonly string[]): ShopFile {
  let told: unknown;
  try {
    told = JSON.parse(text.replace(/^\ufeff/, ''));
  } catch (error) {
    throw new ShopFileError(`This is no JSON: ${(error as Error).message}`);
  }
  const { error } = head.validate(told, { convert: false });
  if (error) throw new ShopFileError(`This is no shop of Hot Bead: ${error.message}.`);
  const file = told as ShopFile;
  if (!known.includes(file.schema)) {
    throw new ShopFileError(
      `This shop was written by another Hot Bead (${file.schema}): take it with that version or a newer one.`,
    );
  }
  for (const [table, rows] of Object.entries(file.tables)) {
    const at = rows.findIndex((row) => !isRow(row));
    if (at >= 0) throw new ShopFileError(`Record ${at + 1} of ${table} is no record.`);
  }
  return file;
}
