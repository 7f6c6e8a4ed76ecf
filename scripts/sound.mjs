import { ensureBuilt, ensureInstalled } from './workspace.mjs';

ensureInstalled();
ensureBuilt({ web: false });
const { soundCommand } = await import('../apps/server/dist/command/sound-command.js');
const { output, exitCode } = soundCommand(process.argv.slice(2));
process.stdout.write(`${output}\n`);
process.exitCode = exitCode;
