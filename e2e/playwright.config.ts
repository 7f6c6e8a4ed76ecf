import { defineConfig } from '@playwright/test';
import { CHROMIUM_LAUNCH } from '../scripts/chromium.mjs';

export default defineConfig({
  testDir: '.',
  testMatch: '*.spec.ts',
  globalSetup: './demo-shop.ts',
  outputDir: '../test-results',
  timeout: 90_000,
  expect: { timeout: 20_000 },
  workers: 2,
  forbidOnly: process.env['CI'] !== undefined,
  retries: 0,
  reporter: [
    ['list'],
    ['json', { outputFile: process.env['PLAYWRIGHT_JSON_OUTPUT_NAME'] ?? '../.cache/results/browser.json' }],
  ],
  use: {
    viewport: { width: 1280, height: 800 },
    reducedMotion: 'reduce',
    launchOptions: CHROMIUM_LAUNCH,
  },
});
