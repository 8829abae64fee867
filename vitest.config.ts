import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vitest/config'

export default defineConfig({
  resolve: { alias: { '~': fileURLToPath(new URL('./app', import.meta.url)) } },
  test: { include: ['packages/core/test/**/*.test.ts', 'test/**/*.test.ts'], environment: 'node', testTimeout: 60_000 },
})
