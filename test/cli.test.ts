import { spawnSync } from 'node:child_process'
import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'
import { DEMO_BOATS, sizeRest, withEdits, writeProject, type Project } from '@remigo/core'

const folder = mkdtempSync(join(tmpdir(), 'remigo-'))
const file = (name: string, text: string) => {
  const path = join(folder, name)
  writeFileSync(path, text)
  return path
}
const remigo = (...args: string[]) => spawnSync(process.execPath, [join(__dirname, '../bin/remigo.mjs'), ...args], { encoding: 'utf8' })
const yacht = DEMO_BOATS[0] as Project
const fine = (() => {
  const s = sizeRest(yacht)
  return s.outcome === 'sized' ? withEdits(yacht, s.edits) : yacht
})()

describe('remigo on the command line', () => {
  it('exits 1 when something clashes, and says what in words', () => {
    const run = remigo('evaluate', file('clash.json', writeProject(yacht)))
    expect(run.status).toBe(1)
    expect(run.stdout).toMatch(/Tirrick at 4\.6 kn[\s\S]*CLASHES: pack and controller \+0\.4 V/)
  })
  it('exits 0 when all is well; --speed takes units; --json is JSON', () => {
    const run = remigo('evaluate', file('fine.json', writeProject(fine)), '--speed', '9 km/h', '--json')
    expect(run.status).toBe(0)
    const answer = JSON.parse(run.stdout)
    expect(answer.speed).toBeCloseTo(2.5, 9)
    expect(answer.counts.stop).toBe(0)
    expect(answer.figures.packPower.value).toBeGreaterThan(500)
  })
  it.each<[string, string[], RegExp]>([
    ['a missing file', ['evaluate', join(folder, 'none.json')], /cannot be read/],
    ['a damaged file', ['evaluate', file('bad.json', '{"format":')], /damaged/],
    ['a speed that is none', ['evaluate', file('fine2.json', writeProject(fine)), '--speed', '4 kg'], /measures a weight/],
    ['an unknown option', ['evaluate', 'x', '--colour'], /colour/],
    ['no command', [], /say what to do/],
    ['a curve without a form', ['curve', file('fine3.json', writeProject(fine))], /--csv/],
  ])('exits 2 on %s, with the reason on stderr', (_, args, reason) => {
    const run = remigo(...args)
    expect(run.status).toBe(2)
    expect(run.stdout).toBe('')
    expect(run.stderr).toMatch(reason)
  })
  it('prints the curve as CSV', () => {
    const run = remigo('curve', file('fine4.json', writeProject(fine)), '--csv')
    expect(run.status).toBe(0)
    expect(run.stdout.trim().split('\n')).toHaveLength(61)
  })
})
