import { defineConfig } from '@playwright/test';

export default defineConfig({
  testDir: '.',
  outputDir: '../test-results',
  timeout: 60_000,
  workers: 1,
  fullyParallel: false,
  reporter: [['json', { outputFile: process.env.KULFI_E2E_REPORT ?? 'test-results/e2e.json' }], ['line']],
  use: {
    baseURL: process.env.KULFI_E2E_URL ?? 'http://127.0.0.1:3101',
    viewport: { width: 1280, height: 800 },
    launchOptions: { executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium', args: ['--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync'] },
  },
});
