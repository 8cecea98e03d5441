import { defineConfig } from '@playwright/test';

/** The real interface in Debian's Chromium, on the built product with the demo household. */
export default defineConfig({
  testDir: './e2e',
  timeout: 90_000,
  expect: { timeout: 20_000 },
  // Each on a server and a household of its own.
  workers: 2,
  forbidOnly: true,
  reporter: [['line'], ['json', { outputFile: 'test-results/playwright.json' }]],
  outputDir: 'test-results/playwright',
  use: {
    actionTimeout: 20_000,
    // Two servers, two browsers and their searches for layouts may share two cores.
    navigationTimeout: 60_000,
    viewport: { width: 1280, height: 800 },
    launchOptions: {
      executablePath: '/usr/bin/chromium',
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
