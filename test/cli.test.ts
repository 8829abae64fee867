import { spawnSync } from 'node:child_process'
import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'
import { run } from '../packages/cli/src/run'
import { DEMO, readProject, sizeRest, withEdits, writeProject, type Project } from '@remigo/core'

const folder = mkdtempSync(join(tmpdir(), 'remigo-'))
const file = (name: string, text: string) => {
  const path = join(folder, name)
  writeFileSync(path, text)
  return path
}
/** The command as a shell runs it; what it answers is tried without a shell. */
const shell = (...args: string[]) =>
  spawnSync(process.execPath, [join(__dirname, '../packages/cli/remigo.mjs'), ...args], { encoding: 'utf8' })
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
  it('several speeds at once are a list', async () => {
    const boat = file('fine5.json', writeProject(fine))
    const { stdout } = await run(['evaluate', boat, '--speed', '4 kn, 5 kn', '--speed', '6 kn', '--json'])
    const answers = JSON.parse(stdout) as { speed: number }[]
    expect(answers.map(a => Math.round(a.speed / 0.514444))).toEqual([4, 5, 6])
    const words = await run(['evaluate', boat, '--speed', '4 kn', '--speed', '5 kn'])
    expect(words.stdout).toMatch(/at 4\.0 kn[\s\S]*at 5\.0 kn/)
  })
})

describe('remigo new', () => {
  const answers = (data: unknown) => file('answers.json', JSON.stringify(data))
  it('makes a boat with her first design from answers with units, the unknown ones left out', async () => {
    const { code, stdout, stderr } = await run([
      'new',
      answers({ name: 'Sparrow', hullType: 'dinghy', lengthOverAll: '10 ft', mass: '600 lb', cruiseSpeed: '3.5 kn' }),
    ])
    expect([code, stderr]).toEqual([0, ''])
    const read = readProject(stdout)
    expect(read.ok && read.project.boat.lengthOverAll).toBeCloseTo(3.048, 9)
    // a dinghy gets a dinghy's motor
    expect(read.ok && read.project.design.motor.ratedPower).toBeLessThan(3000)
  })
  it('what the owner knows already moves the design', async () => {
    const launch = { hullType: 'displacementLaunch', lengthOverAll: '24 ft', cruiseSpeed: '5 kn' }
    const power = async (data: object) => {
      const made = await run(['new', answers(data)])
      const boat = file('made.json', made.stdout)
      const { stdout } = await run(['evaluate', boat, '--json'])
      return (JSON.parse(stdout) as { figures: { packPower: { value: number } } }).figures.packPower.value
    }
    expect(await power({ ...launch, known: ['5 kn 4 kW'] })).toBeGreaterThan(1.1 * (await power(launch)))
  })
  it.each<[string, unknown, RegExp]>([
    ['no kind of hull', { lengthOverAll: 7 }, /hullType: Say what kind/],
    ['a word too many', { hullType: 'canoe', colour: 'red' }, /colour: .* is not one of the answers/],
    ['a length out of range', { hullType: 'canoe', lengthOverAll: '90 m' }, /lengthOverAll: .*runs from/],
    ['a wrong unit', { hullType: 'canoe', beam: '90 kg' }, /beam: .*measures a weight/],
    ['a drive that is none', { hullType: 'canoe', drive: 'oars' }, /drive: /],
    ['a variant that is none', { hullType: 'canoe', variant: 'raft' }, /variant: It should be one of/],
    ['a reading without a speed', { hullType: 'canoe', known: ['900 W'] }, /known\.0: At what speed/],
    ['a reading by rpm', { hullType: 'canoe', known: ['3 kn 900 rpm'] }, /known\.0: Rpm tell something once/],
    ['readings that are no list', { hullType: 'canoe', known: '3 kn 90 W' }, /known: /],
    ['no object', [], /one object/],
  ])('exits 2 on %s', async (_, data, reason) => {
    const { code, stderr } = await run(['new', answers(data)])
    expect(code).toBe(2)
    expect(stderr).toMatch(reason)
  })
  it('exits 2 on a file that is no JSON', async () => {
    expect((await run(['new', file('broken.json', '{')])).stderr).toMatch(/not whole JSON/)
  })
})

describe('remigo does', () => {
  it('says what she does with what is in her, in lines and as JSON', async () => {
    const boat = file('does.json', writeProject(fine))
    expect((await run(['does', boat])).stdout).toMatch(/^Flat out .* kn at .* NM to the reserve, .* limit: /)
    const { continuous } = JSON.parse((await run(['does', boat, '--json'])).stdout) as {
      continuous: { speedKn: number; milesToReserve: number; milesToEmpty: number }
    }
    expect(continuous.speedKn).toBeGreaterThan(1)
    expect(continuous.milesToEmpty).toBeGreaterThan(continuous.milesToReserve)
  })
})

describe('remigo fit', () => {
  const boat = () => file('fit.json', writeProject(fine))
  it('gives the boat with her readings, and says what they changed', async () => {
    const table = file('readings.csv', 'speed kn,power W\n4,1500\n5,3600\n')
    const { code, stdout, stderr } = await run(['fit', boat(), table])
    expect(code).toBe(0)
    const read = readProject(stdout)
    expect(read.ok && read.project.trial.points).toHaveLength(2)
    expect(read.ok && read.project.trial.use).toBe('measured')
    expect(stderr).toMatch(/4\.0 kn, 1\.50 kW: .*of the theory[\s\S]*Power at 4\.6 kn was .*; it is .* now/)
    const data = JSON.parse((await run(['fit', boat(), table, '--json'])).stdout) as {
      cruise: { before: number[]; after: number[] }
    }
    const wide = ([low, , high]: number[]) => high! / low!
    expect(wide(data.cruise.after)).toBeLessThan(wide(data.cruise.before))
  })
  it.each<[string, string, RegExp]>([
    ['a table with a word for a number', 'speed,power\n4,fast', /line 2, column 2/],
    ['a table of nothing', '', /nothing to read/],
  ])('exits 2 on %s', async (_, text, reason) => {
    const { code, stderr } = await run(['fit', boat(), file('wrong.csv', text)])
    expect(code).toBe(2)
    expect(stderr).toMatch(reason)
  })
  it('takes sentences with what they were made with', async () => {
    const known = [{ say: '1.6 kn 12 V 9 A', with: { drive: 'another', kind: 'trollingMotor', notches: 5 } }]
    const { code, stdout } = await run(['fit', boat(), file('known.json', JSON.stringify({ known }))])
    expect(code).toBe(0)
    const { trial } = JSON.parse(stdout) as { trial: { points: { setup: number }[]; setups: { kind: string }[] } }
    expect(trial.setups[trial.points.at(-1)!.setup]!.kind).toBe('trollingMotor')
    const wrong = await run([
      'fit',
      boat(),
      file('wrong.json', '[{ "say": "4 kn 900 W", "with": { "kind": "sail" } }]'),
    ])
    expect([wrong.code, wrong.stderr]).toEqual([2, expect.stringMatching(/known\.0\.with\.kind/)])
  })
  it('asks for both files', async () => expect((await run(['fit', boat()])).stderr).toMatch(/BOAT READINGS\.csv/))
})
