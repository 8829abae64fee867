import { existsSync } from 'node:fs'
import { defineConfig } from '@playwright/test'
import { ORIGIN, PORT } from './e2e/walk'

const chromium =
  process.env.CHROMIUM ?? ['/usr/bin/chromium', '/usr/bin/chromium-browser'].find(path => existsSync(path))

export default defineConfig({
  testDir: 'e2e',
  outputDir: 'test-results/e2e',
  fullyParallel: true,
  workers: 2,
  timeout: 60_000,
  expect: { timeout: 15_000 },
  reporter: 'line',
  use: {
    baseURL: ORIGIN,
    // the copy for offline is fetched by a worker that would slow every test; its own test allows it
    serviceWorkers: 'block',
    viewport: { width: 1280, height: 800 },
    launchOptions: {
      ...(chromium ? { executablePath: chromium } : {}),
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
    command: 'node .output/server/index.mjs',
    port: PORT,
    env: { PORT: String(PORT), NITRO_PORT: String(PORT) },
    reuseExistingServer: false,
    timeout: 30_000,
  },
})
