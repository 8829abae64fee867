import { readFileSync } from 'node:fs'
import { expect, it } from 'vitest'
import { today } from './today'

/** Numbers of other processors differ in their last digits. */
const SAME = 1e-6

it('says what it said: a number that moved is meant to, and npm run generate keeps it', () => {
  const kept = readFileSync(new URL('./today.txt', import.meta.url), 'utf8')
    .trim()
    .split('\n')
    .map(line => line.split('\t'))
  const then = new Map(kept.map(([of, ...numbers]) => [of!, numbers.map(Number)]))
  const moved: string[] = []
  for (const { of, numbers } of today()) {
    const was = then.get(of)
    then.delete(of)
    const same =
      was?.length === numbers.length &&
      numbers.every((n, i) => Object.is(n, was[i]) || Math.abs(n - was[i]!) <= SAME * (Math.abs(was[i]!) + 1e-6))
    if (!same) moved.push(`${of}: ${was?.join(' ') ?? 'new'} → ${numbers.join(' ')}`)
  }
  expect([...moved, ...[...then.keys()].map(of => `${of}: gone`)].slice(0, 20)).toEqual([])
}, 180_000)
