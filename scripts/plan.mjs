import { ensureBuilt, ensureInstalled } from './workspace.mjs';

ensureInstalled();
ensureBuilt({ web: false });
const { planCommand } = await import('../apps/server/dist/command/plan-command.js');
const { demoMachines } = await import('../apps/server/dist/demo/demo-shop.js');
const { output, exitCode } = planCommand(process.argv.slice(2), demoMachines());
process.stdout.write(`${output}\n`);
process.exitCode = exitCode;
