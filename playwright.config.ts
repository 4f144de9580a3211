import { defineConfig } from '@playwright/test';

const args = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
];

/** Run by `npm test`, which starts the app and names its address. */
export default defineConfig({
  testDir: 'tests/e2e',
  outputDir: 'test-results',
  timeout: 90000,
  expect: { timeout: 10000 },
  workers: 2,
  fullyParallel: false,
  reporter: [['list'], ['json', { outputFile: 'test-results/e2e.json' }]],
  use: {
    baseURL: process.env.LORBET_URL ?? 'http://127.0.0.1:3777',
    launchOptions: { executablePath: '/usr/bin/chromium', args },
    viewport: { width: 1280, height: 800 },
    screenshot: 'only-on-failure',
    // What only moves takes a fifth of the time; the journeys (journey.spec.ts) see it move.
    contextOptions: { reducedMotion: 'reduce' },
    // To keep the whole app on the device takes a machine some seconds; tests that go offline ask for it.
    serviceWorkers: 'block',
  },
});
