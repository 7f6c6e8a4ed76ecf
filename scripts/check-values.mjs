import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { builtCore } from './built-core.mjs';
import { ensureBuilt, ensureInstalled, ROOT, runTool } from './workspace.mjs';

/** Writes docs/check-values.md: each outside figure beside what the planner gives, and the residuals by family. */
ensureInstalled();
ensureBuilt({ web: false });
const core = await builtCore();

const UNIT = { wireFeedSpeed: 'm/min', volts: 'V', current: 'A' };
const NAME = { wireFeedSpeed: 'wire speed', volts: 'volts', current: 'current' };
const figure = (value) => value.toFixed(1);
const span = ([low, high]) => (low === high ? figure(low) : `${figure(low)}–${figure(high)}`);

function row(check) {
  const unit = check.quantity === 'volts' ? 'V' : '%';
  return `| ${check.case} | ${NAME[check.quantity]} | ${span(check.outside)} ${UNIT[check.quantity]} | ${figure(check.planner)} | ${check.difference.toFixed(1)} ${unit} | ±${check.allowed} ${unit} | ${check.confidence} | ${core.sourceText(check.source)} |`;
}

const HEAD =
  '| case | quantity | outside | planner | difference | allowed | confidence | source |\n| --- | --- | --- | --- | --- | --- | --- | --- |';
const table = (checks) => [HEAD, ...checks.map(row)].join('\n');
const rows = core.startingRowChecks();
const families = [...new Set(rows.map(({ case: name }) => name.split(' ').slice(0, 2).join(' ')))];
const residualRows = families.map((family) => {
  const of = (quantity) =>
    core.residuals(rows.filter((c) => c.case.startsWith(`${family} `) && c.quantity === quantity));
  const speed = of('wireFeedSpeed');
  const volts = of('volts');
  return `| ${family} | ${figure(speed.largest)} | ${figure(speed.rms)} | ${volts.largest.toFixed(2)} | ${volts.rms.toFixed(2)} |`;
});

const text = `# Check values

Written by \`npm run check-values\`: do not edit. Each outside figure stands beside what the planner gives, with the
difference and how far it may go. All outside figures are recalled from memory; none is a measurement of ours.

## Residuals by family

| family | wire speed, largest % | rms % | volts, largest V | rms V |
| --- | --- | --- | --- | --- |
${residualRows.join('\n')}

## Settings dialled in or written down by others

${table(core.dialledInChecks())}

## Larger and other cored wires

Current and volts at the row’s own wire speed.

${table(core.coredRowChecks())}

## Starting rows

${table(rows)}
`;
writeFileSync(join(ROOT, 'docs', 'check-values.md'), text);
runTool('prettier', ['--write', '--log-level', 'warn', 'docs/check-values.md']);
