import { ensureBuilt, ensureInstalled } from './workspace.mjs';

ensureInstalled();
ensureBuilt({ web: false });
const { faultCommand } = await import('../apps/server/dist/command/fault-command.js');
const { output, exitCode } = faultCommand(process.argv.slice(2));
process.stdout.write(`${output}\n`);
process.exitCode = exitCode;
