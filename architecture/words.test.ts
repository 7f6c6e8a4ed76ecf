import { join } from 'node:path';
import ts from 'typescript';
import { ROOT } from './imports.ts';

/** Units of the core, behind a figure or a value. */
const UNIT = /(?:\d|\uE000) ?(?:mm²|mm\/min|mm|cm|m\/min|L\/min|kJ\/mm|°C|kg|km\/h)(?![\w²³/])/;
/** Where a unit of the core stands rightly: what is typed and read, what is kept, and the words themselves. */
const READS_UNITS =
  /\/src\/(?:base\/(?:words|quantity)\/|line\/|truth\/|records\/inspection\/limit-lines\.ts)/;
/** What is kept as a text, and compared as one; the units of an equation’s constants. */
const KEPT_TEXT = /\/(?:machine\/machine-readings|changeover\/rig-need|arc-lab\/model\/arc-parameters)\.ts$/;

function programOf(folder: string): ts.Program {
  const config = join(ROOT, folder, 'tsconfig.json');
  const host = { ...ts.sys, onUnRecoverableConfigFileDiagnostic: () => undefined };
  const parsed = ts.getParsedCommandLineOfConfigFile(config, { noEmit: true }, host);
  if (!parsed) throw new Error(`no ${config}`);
  const program = ts.createProgram(parsed.fileNames, parsed.options);
  // the checker tells every node its parent
  program.getTypeChecker();
  return program;
}

function isPhrase(type: ts.Type): boolean {
  return type.isUnion() ? type.types.some(isPhrase) : type.symbol?.name === 'Phrase';
}

/** A text with a blank for each of its values; undefined: it is no text, or one that the code reads. */
function textOf(node: ts.Node): string | undefined {
  const { parent } = node;
  if (ts.isTemplateExpression(node) && !ts.isTaggedTemplateExpression(parent)) {
    return node.head.text + node.templateSpans.map(({ literal }) => `\uE000${literal.text}`).join('');
  }
  if (!ts.isStringLiteral(node) && !ts.isNoSubstitutionTemplateLiteral(node)) return undefined;
  if (ts.isImportDeclaration(parent) || ts.isLiteralTypeNode(parent)) return undefined;
  return node.text;
}

/** Whether a text says where something comes from, or is thrown at a developer. */
function isForNobody(node: ts.Node): boolean {
  if (ts.isSourceFile(node)) return true;
  const { parent } = node;
  if (ts.isNewExpression(parent)) return true;
  return ts.isCallExpression(parent) && parent.expression.getText() === 'standard';
}

interface Place {
  readonly sourceFile: ts.SourceFile;
  readonly node: ts.Node;
}

function nodesOf(program: ts.Program, folder: string): readonly Place[] {
  const files = program
    .getSourceFiles()
    .filter(
      ({ fileName, isDeclarationFile }) =>
        !isDeclarationFile && fileName.includes(`/${folder}/src/`) && !fileName.includes('.test.'),
    );
  return files.flatMap((sourceFile) => {
    const places: Place[] = [];
    const visit = (node: ts.Node): void => {
      places.push({ sourceFile, node });
      ts.forEachChild(node, visit);
    };
    visit(sourceFile);
    return places;
  });
}

function placeText({ sourceFile, node }: Place): string {
  const { line } = sourceFile.getLineAndCharacterOfPosition(node.getStart());
  return `${sourceFile.fileName.replace(`${ROOT}/`, '')}:${line + 1} ${node.getText().slice(0, 80)}`;
}

/** Whether a phrase would be written as an object: in a template that is not one of words, or joined as a list of texts. */
function swallows(node: ts.Node, checker: ts.TypeChecker): boolean {
  if (ts.isTemplateExpression(node) && !ts.isTaggedTemplateExpression(node.parent)) {
    return node.templateSpans.some(({ expression }) => isPhrase(checker.getTypeAtLocation(expression)));
  }
  if (!ts.isCallExpression(node) || !ts.isPropertyAccessExpression(node.expression)) return false;
  if (node.expression.name.text !== 'join') return false;
  const list = checker.getTypeAtLocation(node.expression.expression);
  const item = checker.getIndexTypeOfType(list, ts.IndexKind.Number);
  return item !== undefined && isPhrase(item);
}

describe.each(['packages/core', 'apps/server', 'apps/web'])('the texts of %s', (folder) => {
  const program = programOf(folder);
  const nodes = nodesOf(program, folder);

  it('swallow no phrase', () => {
    const checker = program.getTypeChecker();
    expect(nodes.filter(({ node }) => swallows(node, checker)).map(placeText)).toEqual([]);
    expect(nodes.length).toBeGreaterThan(10_000);
  });
});

/** Whether a phrase is handed to something that takes anything, as a schema's message does. */
function handsOn(node: ts.Node, checker: ts.TypeChecker): boolean {
  if (!ts.isPropertyAssignment(node) || !isPhrase(checker.getTypeAtLocation(node.initializer))) return false;
  const taken = checker.getContextualType(node.initializer);
  return taken === undefined || (taken.flags & ts.TypeFlags.Any) !== 0;
}

it('the contract hands no phrase to a schema that would write it as an object', () => {
  const program = programOf('packages/contract');
  const checker = program.getTypeChecker();
  const places = nodesOf(program, 'packages/contract');
  expect(places.filter(({ node }) => handsOn(node, checker)).map(placeText)).toEqual([]);
});

it('a text of the core has no unit in it: quantities stand beside it', () => {
  const places = nodesOf(programOf('packages/core'), 'packages/core').filter(
    ({ sourceFile: { fileName }, node }) =>
      !READS_UNITS.test(fileName) && !KEPT_TEXT.test(fileName) && !isForNobody(node),
  );
  expect(places.filter(({ node }) => UNIT.test(textOf(node) ?? '')).map(placeText)).toEqual([]);
  expect(UNIT.test('a leg of 4.0 mm')).toBe(true);
});
