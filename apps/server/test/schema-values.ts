/** A schema as OpenAPI writes it, as far as values are made from it. */
export interface JsonSchema {
  readonly type?: string;
  readonly enum?: readonly unknown[];
  readonly properties?: Readonly<Record<string, JsonSchema>>;
  readonly required?: readonly string[];
  readonly items?: JsonSchema;
  readonly minimum?: number;
  readonly maximum?: number;
  readonly minLength?: number;
  readonly maxLength?: number;
  readonly oneOf?: readonly JsonSchema[];
  readonly anyOf?: readonly JsonSchema[];
  readonly allOf?: readonly JsonSchema[];
}

/** A number from 0 up to 1. */
export type Random = () => number;

export function pickOf<T>(random: Random, list: readonly T[]): T {
  return list[Math.floor(random() * list.length)] as T;
}

/** What no form sends, and a hostile or broken program does. */
export const ODD_VALUES: readonly unknown[] = [
  null,
  '',
  ' ',
  0,
  -1,
  1e308,
  1e-320,
  -0,
  2 ** 53,
  true,
  [],
  {},
  [[[[[[]]]]]],
  { __proto__: null, constructor: 1 },
  { length: 5 },
  'NaN',
  'Infinity',
  '\u0000\u202e\ud800',
  'é'.normalize('NFD'),
  "'; DROP TABLE job; --",
  '=1+1',
  '|\\|',
  '../../etc/passwd',
  '%',
  'x'.repeat(5000),
  '3 mm steel tee',
  '14 ga',
  'hasOwnProperty',
  '00000000-0000-4000-8000-000000000000',
];

const WORDS = [
  '3 mm steel tee flat',
  '1/8 lap .030 75/25',
  '14 steel',
  'Old Tom',
  'argon',
  'co2',
  'ar-co2-18',
  'note',
];

function numberOf({ minimum = -5, maximum = 60 }: JsonSchema, random: Random): number {
  const at = pickOf(random, [0, 1, random(), random(), -0.01, 1.01]);
  const value = minimum + at * (maximum - minimum);
  return random() < 0.3 ? Math.round(value) : value;
}

function objectOf(schema: JsonSchema, random: Random, depth: number): Record<string, unknown> {
  const made: Record<string, unknown> = {};
  for (const [name, one] of Object.entries(schema.properties ?? {})) {
    const isAsked = schema.required?.includes(name) === true;
    if (isAsked ? random() < 0.97 : random() < 0.35) made[name] = valueOf(one, random, depth + 1);
  }
  if (random() < 0.03) made[pickOf(random, ['extra', '__proto__', 'toString', ''])] = 1;
  return made;
}

/** A value that mostly fits a schema, and now and then is odd. */
export function valueOf(schema: JsonSchema, random: Random, depth = 0): unknown {
  if (depth > 0 && random() < 0.04) return pickOf(random, ODD_VALUES);
  const parts = schema.oneOf ?? schema.anyOf ?? schema.allOf;
  if (parts && parts.length > 0) return valueOf(pickOf(random, parts), random, depth);
  if (schema.enum && schema.enum.length > 0) return pickOf(random, schema.enum);
  switch (schema.type) {
    case 'object':
      return objectOf(schema, random, depth);
    case 'array': {
      const items = schema.items ?? {};
      return Array.from({ length: Math.floor(random() * 4) }, () => valueOf(items, random, depth + 1));
    }
    case 'number':
    case 'integer':
      return numberOf(schema, random);
    case 'boolean':
      return random() < 0.5;
    case 'string':
      return pickOf(random, WORDS);
    default:
      return pickOf(random, [...WORDS, 3, 'knob', 'letters', 0.8]);
  }
}
