import { existsSync } from 'node:fs'
import { defineConfig } from '@playwright/test'

const port = process.env.TEST_PORT ?? '4310'
const isRoot = process.getuid?.() === 0
const chromium = ['/usr/bin/chromium', '/usr/bin/chromium-browser'].find(path => existsSync(path))

export default defineConfig({
  testDir: 'e2e',
  // Walls against hanging, wide enough for a busy machine; no test measures time.
  timeout: 180_000,
  expect: { timeout: 20_000 },
  fullyParallel: false,
  workers: 1,
  forbidOnly: true,
  reporter: [['list'], ['json', { outputFile: 'test-results/browser.json' }]],
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    viewport: { width: 1280, height: 800 },
    serviceWorkers: 'block',
    // A step that finds nothing to act on says so, instead of eating the whole test's time.
    actionTimeout: 30_000,
    trace: 'retain-on-failure',
    launchOptions: {
      ...(chromium ? { executablePath: chromium } : {}),
      args: [
        ...(isRoot ? ['--no-sandbox'] : []), '--disable-background-networking',
        '--disable-component-update', '--disable-sync',
        '--no-first-run', '--disable-quic',
      ],
    },
  },
  webServer: {
    command: 'node scripts/serveForTests.mjs',
    url: `http://127.0.0.1:${port}/api/ready`,
    // The server invents the demo before it is ready.
    timeout: 300_000,
    reuseExistingServer: false,
    gracefulShutdown: { signal: 'SIGTERM', timeout: 20_000 },
    env: { TEST_PORT: port },
  },
})
