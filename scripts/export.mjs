import { ensureBuilt, ensureInstalled } from './workspace.mjs';

ensureInstalled();
ensureBuilt({ web: false });
const { exportCommand } = await import('../apps/server/dist/command/shop-command.js');
const { output, exitCode } = await exportCommand(process.argv.slice(2), process.env);
process.stdout.write(`${output}\n`);
process.exitCode = exitCode;
