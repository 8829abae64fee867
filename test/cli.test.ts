import { spawnSync } from 'node:child_process'
import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'
import { run } from '../cli/run'
import { DEMO, sizeRest, withEdits, writeProject, type Project } from '@remigo/core'

const folder = mkdtempSync(join(tmpdir(), 'remigo-'))
const file = (name: string, text: string) => {
  const path = join(folder, name)
  writeFileSync(path, text)
  return path
}
/** The command as a shell runs it; what it answers is tried without a shell. */
const shell = (...args: string[]) =>
  spawnSync(process.execPath, [join(__dirname, '../bin/remigo.mjs'), ...args], { encoding: 'utf8' })
const yacht = DEMO.tirrick as Project
const fine = (() => {
  const s = sizeRest(yacht)
  return s.outcome === 'sized' ? withEdits(yacht, s.edits) : yacht
})()

describe('remigo on the command line', () => {
  it('exits 1 when something clashes, and says what in words', () => {
    const { status, stdout } = shell('evaluate', file('clash.json', writeProject(yacht)))
    expect(status).toBe(1)
    expect(stdout).toMatch(/Tirrick at 4\.6 kn[\s\S]*CLASHES: pack and controller \+0\.4 V/)
  })
  it('writes why it cannot go on to stderr, and exits 2', () => {
    const { status, stdout, stderr } = shell('evaluate', join(folder, 'none.json'))
    expect([status, stdout]).toEqual([2, ''])
    expect(stderr).toMatch(/none\.json cannot be read/)
  })
  it('exits 0 when all is well; --speed takes units; --json is JSON', async () => {
    const { code, stdout } = await run([
      'evaluate',
      file('fine.json', writeProject(fine)),
      '--speed',
      '9 km/h',
      '--json',
    ])
    expect(code).toBe(0)
    const answer = JSON.parse(stdout)
    expect(answer.speed).toBeCloseTo(2.5, 9)
    expect(answer.counts.stop).toBe(0)
    expect(answer.figures.packPower.value).toBeGreaterThan(500)
  })
  it.each<[string, string[], RegExp]>([
    ['a missing file', ['evaluate', join(folder, 'none.json')], /cannot be read/],
    ['a damaged file', ['evaluate', file('bad.json', '{"format":')], /damaged/],
    [
      'a speed that is none',
      ['evaluate', file('fine2.json', writeProject(fine)), '--speed', '4 kg'],
      /measures a weight/,
    ],
    ['an unknown option', ['evaluate', 'x', '--colour'], /colour/],
    ['no command', [], /say what to do/],
    ['a curve without a form', ['curve', file('fine3.json', writeProject(fine))], /--csv/],
  ])('exits 2 on %s, with the reason on stderr', async (_, args, reason) => {
    const { code, stdout, stderr } = await run(args)
    expect(code).toBe(2)
    expect(stdout).toBe('')
    expect(stderr).toMatch(reason)
  })
  it('prints the curve as CSV', async () => {
    const { code, stdout } = await run(['curve', file('fine4.json', writeProject(fine)), '--csv'])
    expect(code).toBe(0)
    expect(stdout.trim().split('\n')).toHaveLength(61)
  })
})
