import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { dirname, join, relative, resolve } from 'node:path';
import ts from 'typescript';

/** The repository's root folder. */
export const ROOT = resolve(__dirname, '..');

/** One use of a module by a file. */
export interface Import {
  /** The module as written. */
  readonly module: string;
  /** What is taken of it by name; empty where it is taken as a whole. */
  readonly names: readonly string[];
}

/** Calls that name a module in a string, and which of their arguments it is. */
const NAMING_CALLS: Readonly<Record<string, number>> = {
  require: 0,
  'jest.mock': 0,
  'jest.doMock': 0,
  'jest.dontMock': 0,
  'jest.unmock': 0,
  'jest.requireActual': 0,
  heavyTask: 1,
};

function textOf(node: ts.Node | undefined): string | undefined {
  return node && ts.isStringLiteralLike(node) ? node.text : undefined;
}

function moduleOf(node: ts.Node): string | undefined {
  if (ts.isImportDeclaration(node) || ts.isExportDeclaration(node)) return textOf(node.moduleSpecifier);
  if (ts.isImportTypeNode(node) && ts.isLiteralTypeNode(node.argument)) return textOf(node.argument.literal);
  if (ts.isNewExpression(node) && node.expression.getText() === 'URL') {
    const [path, base] = node.arguments ?? [];
    return base?.getText() === 'import.meta.url' ? textOf(path) : undefined;
  }
  if (!ts.isCallExpression(node)) return undefined;
  if (node.expression.kind === ts.SyntaxKind.ImportKeyword) return textOf(node.arguments[0]);
  const argument = NAMING_CALLS[node.expression.getText()];
  return argument === undefined ? undefined : textOf(node.arguments[argument]);
}

/** What is taken of an awaited import: `(await import(m)).name`, or `const { name } = await import(m)`. */
function namesOfAwaited(node: ts.Node): readonly string[] {
  if (!ts.isAwaitExpression(node.parent)) return [];
  const taken = ts.isParenthesizedExpression(node.parent.parent) ? node.parent.parent : node.parent;
  const user = taken.parent;
  if (ts.isPropertyAccessExpression(user)) return [user.name.text];
  if (ts.isVariableDeclaration(user) && ts.isObjectBindingPattern(user.name))
    return user.name.elements.map(({ name, propertyName }) => (propertyName ?? name).getText());
  return [];
}

function namesOf(node: ts.Node): readonly string[] {
  if (ts.isImportTypeNode(node)) return node.qualifier ? [node.qualifier.getText()] : [];
  if (ts.isCallExpression(node)) return namesOfAwaited(node);
  const bindings = ts.isImportDeclaration(node)
    ? node.importClause?.namedBindings
    : ts.isExportDeclaration(node)
      ? node.exportClause
      : undefined;
  return bindings && (ts.isNamedImports(bindings) || ts.isNamedExports(bindings))
    ? bindings.elements.map(({ name, propertyName }) => (propertyName ?? name).text)
    : [];
}

/** Every use of a module in a source, of whatever form. */
export function importsIn(source: string, name = 'source.tsx'): readonly Import[] {
  const tree = ts.createSourceFile(name, source, ts.ScriptTarget.Latest, true);
  const imports: Import[] = [];
  const visit = (node: ts.Node): void => {
    const module = moduleOf(node);
    if (module !== undefined) imports.push({ module, names: namesOf(node) });
    ts.forEachChild(node, visit);
  };
  visit(tree);
  return imports;
}

/** Sources under a folder, tests among them, as paths from the root. */
export function sourcesIn(folder: string): readonly string[] {
  return readdirSync(join(ROOT, folder), { withFileTypes: true, recursive: true })
    .filter((entry) => entry.isFile() && /\.([cm]?ts|tsx|mjs)$/.test(entry.name))
    .map((entry) => relative(ROOT, join(entry.parentPath, entry.name)))
    .filter((path) => !/(^|\/)(node_modules|dist|dist-types)\//.test(path))
    .toSorted();
}

const known = new Map<string, readonly Import[]>();

/** What a file uses. */
export function importsOf(file: string): readonly Import[] {
  const imports = known.get(file) ?? importsIn(readFileSync(join(ROOT, file), 'utf8'), file);
  known.set(file, imports);
  return imports;
}

/** The file of this repository that a relative module is, as a path from the root; undefined for a package. */
export function fileOf(from: string, module: string): string | undefined {
  if (!module.startsWith('.')) return undefined;
  const [path = ''] = module.split('?');
  const whole = join(dirname(from), path);
  return [whole, `${whole}.ts`, `${whole}.tsx`, whole.replace(/\.js$/, '.ts')].find(
    (one) => existsSync(join(ROOT, one)) && /\.\w+$/.test(one),
  );
}
