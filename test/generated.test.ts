import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { expect, it } from 'vitest'
import { openApiDocument } from '../server/openApi'

const kept = (file: string) => JSON.parse(readFileSync(join(__dirname, '../docs', file), 'utf8'))

it('docs/openapi.json is the interface of today (npm run generate)', () => {
  expect(kept('openapi.json')).toEqual(JSON.parse(JSON.stringify(openApiDocument())))
})
