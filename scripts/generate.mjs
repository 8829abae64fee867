// npm run generate: the files that come from the code. A test fails when they are stale: docs/ holds schemas, today.txt
// what Remigo says of some boats (look at its difference before you commit it).
import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { build } from 'esbuild'
import { createJiti } from 'jiti'
import { ROOT, say } from './prepare.mjs'

const jiti = createJiti(import.meta.url)
const { projectJsonSchema } = await jiti.import('../packages/core/src/index.ts')
const { openApiDocument } = await jiti.import('../server/openApi.ts')
const json = data => `${JSON.stringify(data, null, 2)}\n`
for (const [file, text] of [
  ['docs/remigo-boat.schema.json', json(projectJsonSchema())],
  ['docs/openapi.json', json(openApiDocument())],
  ['packages/core/test/today/today.txt', await todayText()],
]) {
  writeFileSync(join(ROOT, file), text)
  say(`wrote ${file}`)
}

async function todayText() {
  const outfile = join(mkdtempSync(join(tmpdir(), 'remigo-today-')), 'today.mjs')
  await build({
    entryPoints: [join(ROOT, 'packages/core/test/today/keepToday.ts')],
    bundle: true,
    format: 'esm',
    platform: 'node',
    outfile,
    logLevel: 'error',
  })
  return (await import(outfile)).todayText()
}
