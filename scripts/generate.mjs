// npm run generate: the files in docs/ that come from the schemas. A test fails when they are stale.
import { writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { createJiti } from 'jiti'
import { ROOT, say } from './prepare.mjs'

const jiti = createJiti(import.meta.url)
const { projectJsonSchema } = await jiti.import('../packages/core/src/index.ts')
const { openApiDocument } = await jiti.import('../server/openApi.ts')
for (const [file, data] of [
  ['docs/remigo-boat.schema.json', projectJsonSchema()],
  ['docs/openapi.json', openApiDocument()],
]) {
  writeFileSync(join(ROOT, file), `${JSON.stringify(data, null, 2)}\n`)
  say(`wrote ${file}`)
}
