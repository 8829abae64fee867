/// <reference types="vite/client" />
import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'

const SRC = join(__dirname, '../src')
const files = readdirSync(SRC, { recursive: true, encoding: 'utf8' }).filter(f => f.endsWith('.ts'))
/** An example that goes on over the next line of its comment stands in one. */
const joinedExamples = (source: string) =>
  source.replace(/@example (?:.+\n \* (?: {2}).+)+/g, text => text.replace(/\n \* +/g, ' '))

const examples = files.flatMap(file =>
  [...joinedExamples(readFileSync(join(SRC, file), 'utf8')).matchAll(/@example (.+?) \/\/ (.+)$/gm)].map(m => ({
    file,
    code: m[1]!,
    wanted: m[2]!,
  })),
)
const core: Record<string, unknown> = Object.assign(
  {},
  ...Object.values(import.meta.glob('../src/**/*.ts', { eager: true })),
)
const names = Object.keys(core)

/** Runs an example with everything that the core exports in scope. */
function runExample(code: string): unknown {
  return new Function(...names, `"use strict"; return (${code})`)(...names.map(n => core[n]))
}

describe('the examples in the doc comments run', () => {
  it('there are examples', () => expect(examples.length).toBeGreaterThan(30))
  it.each(examples.map(e => [`${e.file}: ${e.code}`, e] as const))('%s', (_, { code, wanted }) => {
    const value = runExample(code)
    const expected = runExample(wanted)
    if (typeof expected === 'number' && typeof value === 'number') {
      // as exact as the figure that the example prints
      const decimals = /e/.test(wanted) ? 12 : (wanted.split('.')[1] ?? '').replace(/\D/g, '').length
      expect(Math.abs(value - expected)).toBeLessThanOrEqual(0.51 * 10 ** -decimals)
    } else if (typeof expected === 'object' && expected !== null) {
      for (const [key, v] of Object.entries(expected)) {
        const got = (value as Record<string, unknown>)[key]
        if (typeof v === 'number') expect(got).toBeCloseTo(v, 6)
        else expect(got).toEqual(v)
      }
    } else expect(value).toEqual(expected)
  })
})
