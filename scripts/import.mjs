import { ensureBuilt, ensureInstalled } from './workspace.mjs';

ensureInstalled();
ensureBuilt({ web: false });
const { importCommand } = await import('../apps/server/dist/command/shop-command.js');
const { output, exitCode } = await importCommand(process.argv.slice(2), process.env);
process.stdout.write(`${output}\n`);
process.exitCode = exitCode;
