import { existsSync } from 'node:fs';

/** Debian's Chromium without windows: starts and paints in four fifths of the time of the whole one. */
export const HEADLESS_SHELL = '/usr/bin/chromium-headless-shell';
const WHOLE_CHROMIUM = '/usr/bin/chromium';

/** The browser that looks at the app: the one that is named, else Debian's without windows, else its whole one. */
export function chromiumPath() {
  return process.env.HOT_BEAD_CHROMIUM ?? (existsSync(HEADLESS_SHELL) ? HEADLESS_SHELL : WHOLE_CHROMIUM);
}

/** How it is started, headless and quiet. */
export const CHROMIUM_LAUNCH = {
  executablePath: chromiumPath(),
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
};
