import { defineConfig } from '@playwright/test';

const port = Number(process.env.E2E_PORT ?? 3170);

export default defineConfig({
  testDir: 'e2e',
  // ./test goes without what is marked so: what it shows of the program, tests below the browser show too.
  grepInvert: process.env.HERRERO_DEEP ? [] : /@deep/,
  // However slow the machine: what is waited for comes at once where it is not, and a test that fails says so later.
  timeout: 720_000,
  expect: { timeout: 80_000 },
  // A file of journeys each: they share the server and its database, and name their jobs apart.
  workers: 2,
  reporter: [['list']],
  outputDir: 'test-results',
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    viewport: { width: 1280, height: 800 },
    actionTimeout: 240_000,
    browserName: 'chromium',
    // A trace takes a picture of every page at every step: on two cores that is most of the time. Ask for it: E2E_TRACE=1.
    trace: process.env.E2E_TRACE ? 'retain-on-failure' : 'off',
    screenshot: 'only-on-failure',
    launchOptions: {
      executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium-headless-shell',
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
  webServer: {
    // A connection that is kept is not closed under a request that goes out on it.
    command: `node ../node_modules/next/dist/bin/next start -H 127.0.0.1 -p ${port} --keepAliveTimeout 180000`,
    cwd: 'web',
    env: { HERRERO_DEMO: 'load' },
    url: `http://127.0.0.1:${port}/api/v1/jobs`,
    reuseExistingServer: false,
    gracefulShutdown: { signal: 'SIGTERM', timeout: 5000 },
    timeout: 240_000,
  },
});
