import type { Attributes } from '../machine/rig-state/rig-fact.ts';

/** What a condition is held against. */
export interface Facts {
  /** As the machine stands. */
  readonly state: Attributes;
  /** What the job needs; what it leaves out does not matter. */
  readonly need: Attributes;
  /** What the machine is. */
  readonly machine: Attributes;
  /** The shop's habits. */
  readonly pref: Attributes;
}

/** The steps that are listed so far, as a condition may ask of them. */
export interface Listed {
  /** Whether a step is listed. */
  readonly plan: (id: string) => boolean;
  /** Whether some listed step has a gate. */
  readonly gate: (gate: string) => boolean;
  /** Whether some listed step sets a test to open. */
  readonly reopened: (test: string) => boolean;
}

export type Condition = (facts: Facts, listed: Listed) => boolean;

const TOKEN = /\s*(&&|\|\||\(|\)|!=|=|[A-Za-z0-9.-]+)/y;
const CALLS = ['plan', 'gate', 'reopened'] as const;
type Call = (typeof CALLS)[number];

function tokensOf(text: string): readonly string[] {
  const tokens: string[] = [];
  TOKEN.lastIndex = 0;
  while (TOKEN.lastIndex < text.trimEnd().length) {
    const at = TOKEN.lastIndex;
    const found = TOKEN.exec(text);
    if (!found) throw new Error(`a condition cannot be read from “${text.slice(at)}”`);
    tokens.push(found[1] as string);
  }
  return tokens;
}

/** Reads a name in what it is told of: the state, or the need, the machine and the habits by their prefix. */
function valueOf({ state, need, machine, pref }: Facts, name: string): string | undefined {
  const [branch, field] = name.split('.');
  if (field === undefined) return state[name];
  return { need, machine, pref }[branch as 'need' | 'machine' | 'pref'][field];
}

/** A comparison; what the need leaves out never differs from it and is never equal to anything. */
function comparison(name: string, isEqual: boolean, wanted: string): Condition {
  if (wanted === 'need') {
    return ({ state, need }) => {
      const value = need[name];
      return value !== undefined && (state[name] === value) === isEqual;
    };
  }
  return (facts) => {
    const value = valueOf(facts, name);
    if (value === undefined && name.startsWith('need.')) return false;
    return (value === wanted) === isEqual;
  };
}

class Reader {
  private at = 0;

  constructor(
    private readonly text: string,
    private readonly tokens: readonly string[],
  ) {}

  whole(): Condition {
    const condition = this.either();
    if (this.at < this.tokens.length) throw new Error(`“${this.text}” goes on after its end`);
    return condition;
  }

  private next(expected?: string): string {
    const token = this.tokens[this.at];
    if (token === undefined || (expected !== undefined && token !== expected)) {
      throw new Error(`“${this.text}” lacks ${expected ?? 'its end'}`);
    }
    this.at += 1;
    return token;
  }

  private either(): Condition {
    const parts = [this.all()];
    while (this.tokens[this.at] === '||') {
      this.next();
      parts.push(this.all());
    }
    return (facts, listed) => parts.some((part) => part(facts, listed));
  }

  private all(): Condition {
    const parts = [this.single()];
    while (this.tokens[this.at] === '&&') {
      this.next();
      parts.push(this.single());
    }
    return (facts, listed) => parts.every((part) => part(facts, listed));
  }

  private single(): Condition {
    const token = this.next();
    if (token === '(') {
      const inner = this.either();
      this.next(')');
      return inner;
    }
    if (this.tokens[this.at] === '(') {
      this.next();
      const argument = this.next();
      this.next(')');
      if (!CALLS.includes(token as Call)) throw new Error(`“${this.text}” asks for ${token}`);
      return (_facts, listed) => listed[token as Call](argument);
    }
    const sign = this.next();
    if (sign !== '=' && sign !== '!=') throw new Error(`“${this.text}” compares by ${sign}`);
    return comparison(token, sign === '=', this.next());
  }
}

/**
 * Reads a condition of the table of steps: comparisons of attributes, `plan(step)`, `gate(gate)` and `reopened(test)`,
 * joined by && and ||, in brackets.
 *
 * @throws {Error} for a text that is no condition
 */
export function conditionOf(text: string): Condition {
  return new Reader(text, tokensOf(text)).whole();
}
