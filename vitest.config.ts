import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vitest/config'

const here = (path: string) => fileURLToPath(new URL(path, import.meta.url))

export default defineConfig({
  resolve: {
    alias: {
      '~': here('app'),
      // the package writes it into the build
      'virtual:pwa-register': here('test/pwaRegister.ts'),
    },
  },
  test: {
    environment: 'node',
    testTimeout: 60_000,
    // Vitest leaves one processor free, which on two means one file at a time
    maxWorkers: 2,
    // files share one copy of what they test, which is half the time: the core keeps no state, and what a test of the
    // app puts in place it takes away
    isolate: false,
    projects: [
      { extends: true, test: { name: 'core', include: ['packages/core/test/**/*.test.ts'] } },
      {
        extends: true,
        test: { name: 'app', include: ['test/*.test.ts'], environment: 'happy-dom', setupFiles: ['test/setup.ts'] },
      },
      // needs the build
      {
        extends: true,
        test: { name: 'server', include: ['test/server/*.test.ts'], globalSetup: ['test/server/builtServer.ts'] },
      },
    ],
  },
})
