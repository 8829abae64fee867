import { readFileSync } from 'node:fs'
import { expect, it } from 'vitest'
import { projectJsonSchema } from '../../src/project'

it('docs/remigo-boat.schema.json is the schema of today (npm run generate)', () => {
  const kept = readFileSync(new URL('../../../../docs/remigo-boat.schema.json', import.meta.url), 'utf8')
  expect(JSON.parse(kept)).toEqual(JSON.parse(JSON.stringify(projectJsonSchema())))
})
