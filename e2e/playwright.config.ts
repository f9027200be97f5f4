import { defineConfig } from '@playwright/test';

/** Debian's Chromium; no tool downloads a browser. The order of work is one story, so one worker tells it. */
export default defineConfig({
  testDir: '.',
  outputDir: '../test-results',
  workers: 1,
  fullyParallel: false,
  retries: 0,
  // Generous: a shared machine may be three times slower for a while, and nothing here waits for time to pass.
  timeout: 480_000,
  expect: { timeout: 30_000 },
  reporter: 'dot',
  globalSetup: './start-server.ts',
  globalTeardown: './stop-server.ts',
  use: {
    baseURL: `http://127.0.0.1:${process.env['PORT']}`,
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    timezoneId: 'Europe/London',
    launchOptions: {
      executablePath: process.env['CHROMIUM_BIN'] ?? '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
});
