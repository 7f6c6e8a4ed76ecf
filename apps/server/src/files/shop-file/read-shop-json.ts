import { JSONParser, TokenType } from '@streamparser/json';
import { SHOP_FILE_FORMAT, SHOP_FILE_VERSION, type ShopRow } from './shop-file.ts';
import { ShopFileError } from './shop-file-error.ts';

/** Who takes what a shop's text tells, as it is read. */
export interface ShopReader {
  /** The last migration of the database that it came from: told before the first record. */
  begin(schema: string): Promise<void>;
  row(table: string, row: ShopRow, place: number): Promise<void>;
}

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

interface Read {
  readonly path: readonly string[];
  readonly value: unknown;
}

/** Follows the tables of a file, of which only the records are handed on: a table is a list, and all of them stand in one place. */
class TablesSeen {
  areThere = false;
  /** What is no table; undefined: nothing so far. */
  wrong: string | undefined;
  private depth = 0;
  private text = '';
  private key: string | undefined;
  private isWithin = false;

  see(token: TokenType, value: unknown): void {
    if (this.key !== undefined && token !== TokenType.COLON) this.begin(this.key, token);
    if (token === TokenType.COLON) this.key = this.text;
    else this.key = undefined;
    if (token === TokenType.STRING) this.text = this.depth <= 2 ? String(value) : '';
    if (token === TokenType.LEFT_BRACE || token === TokenType.LEFT_BRACKET) this.depth += 1;
    if (token === TokenType.RIGHT_BRACE || token === TokenType.RIGHT_BRACKET) this.depth -= 1;
    if (this.depth <= 1) this.isWithin = false;
  }

  private begin(key: string, token: TokenType): void {
    if (this.depth === 1 && key === 'tables') {
      this.isWithin = token === TokenType.LEFT_BRACE;
      this.areThere = this.isWithin;
      if (!this.isWithin) this.wrong = 'its tables are none';
    } else if (this.depth === 2 && this.isWithin && token !== TokenType.LEFT_BRACKET) {
      this.wrong = `${key.slice(0, 60)} is no list of records`;
    }
  }
}

/** What a parser came upon since it was last asked. */
function parser(): {
  readonly feed: (bytes: Uint8Array) => readonly Read[];
  readonly isWhole: () => boolean;
  readonly hasTables: () => boolean;
} {
  let read: Read[] = [];
  const json = new JSONParser({
    paths: ['$.format', '$.version', '$.schema', '$.tables.*.*'],
    keepStack: false,
    stringBufferSize: 64 * 1024,
  });
  const tables = new TablesSeen();
  json.onToken = ({ token, value }) => tables.see(token, value);
  let failure: Error | undefined;
  json.onValue = ({ value, key, stack }) => {
    const path = [...stack.slice(1).map((one) => String(one.key)), String(key)];
    read.push({ path, value });
  };
  json.onError = (error) => {
    failure = error;
  };
  return {
    feed: (bytes) => {
      json.write(bytes);
      if (failure) throw new ShopFileError(`This is no JSON: ${failure.message}`);
      if (tables.wrong !== undefined) refuse(tables.wrong);
      const shopFile = read;
      read = [];
      return shopFile;
    },
    isWhole: () => json.isEnded,
    hasTables: () => tables.areThere,
  };
}

function refuse(what: string): never {
  throw new ShopFileError(`This is no shop of Hot Bead: ${what}.`);
}

/**
 * Reads a whole shop from its text, record by record.
 *
 * @throws {ShopFileError} with what is wrong, and where
 */
export async function readShopJson(
  chunks: AsyncIterable<Uint8Array> | Iterable<Uint8Array>,
  reader: ShopReader,
): Promise<void> {
  const { feed, isWhole, hasTables } = parser();
  const places = new Map<string, number>();
  const head: Record<string, unknown> = {};
  const take = async ({ path, value }: Read): Promise<void> => {
    const [name = '', table] = path;
    if (table === undefined) {
      if (name === 'format' && value !== SHOP_FILE_FORMAT) refuse('its format is another');
      if (name === 'version' && value !== SHOP_FILE_VERSION) refuse('its version is another');
      if (name === 'schema' && typeof value !== 'string') refuse('its schema is no name');
      head[name] = value;
      if (name === 'schema') await reader.begin(value as string);
      return;
    }
    if (head['schema'] === undefined) refuse('its schema must stand before its tables');
    const place = (places.get(table) ?? 0) + 1;
    places.set(table, place);
    if (!isRow(value)) throw new ShopFileError(`Record ${place} of ${table} is no record.`);
    await reader.row(table, value, place);
  };
  let isEmpty = true;
  for await (const chunk of chunks) {
    isEmpty &&= chunk.length === 0;
    for (const read of feed(chunk)) await take(read);
  }
  if (isEmpty) throw new ShopFileError('This is no JSON: it is empty');
  if (!isWhole()) throw new ShopFileError('This is no JSON: it breaks off');
  for (const name of ['format', 'version', 'schema'])
    if (head[name] === undefined) refuse(`it has no ${name}`);
  if (!hasTables()) refuse('it has no tables');
}
