import { defineConfig } from '@playwright/test';

/** Chromium from the system, with nothing that looks for a network. */
export default defineConfig({
  testDir: 'e2e',
  // Nothing is judged by the clock: the limits only end what hangs, also on a slow, busy machine.
  timeout: 400_000,
  expect: { timeout: 60_000 },
  workers: 2,
  fullyParallel: true,
  reporter: [['list'], ['./e2e/count-reporter.ts']],
  use: {
    viewport: { width: 1280, height: 800 },
    launchOptions: {
      executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium',
      chromiumSandbox: false,
      args: [
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
});
