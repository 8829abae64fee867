import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vitest/config'

export default defineConfig({
  resolve: { alias: { '~': fileURLToPath(new URL('./app', import.meta.url)) } },
  test: {
    environment: 'node',
    testTimeout: 60_000,
    projects: [
      // the core keeps no state, so that its files share one copy of it: half the time
      { extends: true, test: { name: 'core', include: ['packages/core/test/**/*.test.ts'], isolate: false } },
      { extends: true, test: { name: 'app', include: ['test/**/*.test.ts'] } },
    ],
  },
})
