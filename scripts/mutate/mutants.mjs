import ts from 'typescript';

/** Operators and what a hasty hand would have written instead. */
const OPERATORS = new Map([
  [ts.SyntaxKind.PlusToken, '-'],
  [ts.SyntaxKind.MinusToken, '+'],
  [ts.SyntaxKind.AsteriskToken, '/'],
  [ts.SyntaxKind.SlashToken, '*'],
  [ts.SyntaxKind.LessThanToken, '>='],
  [ts.SyntaxKind.LessThanEqualsToken, '<'],
  [ts.SyntaxKind.GreaterThanToken, '<='],
  [ts.SyntaxKind.GreaterThanEqualsToken, '>'],
  [ts.SyntaxKind.EqualsEqualsEqualsToken, '!=='],
  [ts.SyntaxKind.ExclamationEqualsEqualsToken, '==='],
  [ts.SyntaxKind.AmpersandAmpersandToken, '||'],
  [ts.SyntaxKind.BarBarToken, '&&'],
]);
const METHODS = new Map([
  ['min', 'max'],
  ['max', 'min'],
  ['floor', 'ceil'],
  ['ceil', 'floor'],
  ['some', 'every'],
  ['every', 'some'],
]);
/** Calls that only write: their digits are wording. */
const WORDING = new Set(['toFixed', 'toPrecision', 'figure', 'padStart', 'padEnd']);

/** A quarter more, but for the two numbers that are more often switches than sizes. */
function otherNumber(text) {
  const value = Number(text.replaceAll('_', ''));
  if (value === 0) return '1';
  return value === 1 ? '2' : String(value * 1.25);
}

function isWording(node) {
  if (!ts.isCallExpression(node.parent) || !node.parent.arguments.includes(node)) return false;
  const called = node.parent.expression;
  return WORDING.has(ts.isPropertyAccessExpression(called) ? called.name.text : called.getText());
}

/** A string put together is wording, not arithmetic. */
function isText(node) {
  return ts.isStringLiteralLike(node) || ts.isTemplateExpression(node);
}

function changesAt(node) {
  const of = (part, text, kind) => ({ start: part.getStart(), end: part.getEnd(), text, kind });
  if (ts.isNumericLiteral(node) && !ts.isLiteralTypeNode(node.parent) && !isWording(node)) {
    return [of(node, otherNumber(node.text), 'number')];
  }
  if (ts.isBinaryExpression(node) && !isText(node.left) && !isText(node.right)) {
    const other = OPERATORS.get(node.operatorToken.kind);
    return other ? [of(node.operatorToken, other, 'operator')] : [];
  }
  if (ts.isPrefixUnaryExpression(node) && node.operator === ts.SyntaxKind.ExclamationToken) {
    return [of(node, `(${node.operand.getText()})`, 'condition')];
  }
  if (ts.isConditionalExpression(node)) {
    return [of(node.condition, 'true', 'condition'), of(node.condition, 'false', 'condition')];
  }
  if (ts.isIfStatement(node)) {
    return [of(node.expression, 'true', 'condition'), of(node.expression, 'false', 'condition')];
  }
  if (ts.isPropertyAccessExpression(node) && ts.isCallExpression(node.parent)) {
    const other = METHODS.get(node.name.text);
    return other && node.parent.expression === node ? [of(node.name, other, 'method')] : [];
  }
  return [];
}

/**
 * Every small wrong that could stand in a source: another number, a turned comparison, a condition that always or never
 * holds. Words are left alone.
 *
 * @param {string} file name of the source
 * @param {string} source its text
 */
export function mutantsOf(file, source) {
  const tree = ts.createSourceFile(file, source, ts.ScriptTarget.Latest, true);
  const mutants = [];
  const visit = (node) => {
    if (ts.isTypeNode(node) || ts.isInterfaceDeclaration(node) || ts.isImportDeclaration(node)) return;
    for (const change of changesAt(node)) {
      const line = tree.getLineAndCharacterOfPosition(change.start).line + 1;
      mutants.push({ file, line, was: source.slice(change.start, change.end), ...change });
    }
    ts.forEachChild(node, visit);
  };
  visit(tree);
  return mutants;
}

/** A source with one wrong in it. */
export function mutated(source, { start, end, text }) {
  return source.slice(0, start) + text + source.slice(end);
}

/** A list in an order drawn from a seed: the same seed and list give the same order. */
export function shuffled(list, seed) {
  let state = seed >>> 0;
  const random = () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 2 ** 32;
  };
  const keyed = list.map((one) => ({ one, key: random() }));
  return keyed.toSorted((a, b) => a.key - b.key).map(({ one }) => one);
}

/** A reproducible choice: the same seed and list give the same sample, in the list's order. */
export function sampleOf(list, most, seed) {
  const placed = list.map((one, place) => ({ one, place }));
  const chosen = shuffled(placed, seed).slice(0, most);
  return chosen.toSorted((a, b) => a.place - b.place).map(({ one }) => one);
}
