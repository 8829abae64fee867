import { describe, expect, it } from 'vitest'
import {
  cellResistances,
  cellSpread,
  firstPower,
  powerCsv,
  powerSteps,
  readCellVolts,
  verdict,
  withReading,
} from '../../src/build'
import { DEMO, DEMO_BOATS, edit, withEdits, type Project } from '../../src/project'
import { modelOf, wiringReport } from '../../src/system'
import { SIZED_FLEET } from '../fleet/fleetBoats'

/** The boat with each step of some groups read in the middle of what is accepted. */
function done(boat: Project, groups: readonly string[]): Project {
  let next = boat
  for (const step of powerSteps(boat).filter(s => groups.includes(s.group))) {
    if (step.cells) {
      const volts = Array.from({ length: 16 }, () => 3.3)
      next = withEdits(next, [
        edit('yard.cells', [...next.yard.cells, { at: '', current: step.cells === 'rest' ? 0 : 50, volts }]),
      ])
      continue
    }
    const low = step.fineLow ?? step.low,
      high = step.fineHigh ?? step.high
    const value =
      step.quantity === null ? null : low === null ? high! - 1e-6 : high === null ? low + 1e-6 : (low + high) / 2
    next = withEdits(next, [edit('yard.readings', withReading(next, step.id, { value, done: true }))])
  }
  return next
}

describe('the list of the first power-up', () => {
  it.each([...DEMO_BOATS, ...SIZED_FLEET].map(b => [b.name, b] as const))(
    '%s: hers, in order, each with a range',
    (_, boat) => {
      const steps = powerSteps(boat),
        { pack } = modelOf(boat)
      expect(new Set(steps.map(s => s.id)).size).toBe(steps.length)
      expect(steps.length).toBeGreaterThan(35)
      for (const s of steps) {
        if (s.quantity === null) continue
        expect(s.low !== null || s.high !== null, s.id).toBe(true)
        if (s.low !== null && s.high !== null) expect(s.low, s.id).toBeLessThan(s.high)
        if (s.fineHigh !== undefined) expect(s.fineHigh, s.id).toBeLessThanOrEqual(s.high!)
        if (s.fineLow !== undefined) expect(s.fineLow, s.id).toBeGreaterThanOrEqual(s.low!)
        expect(s.look.length).toBeGreaterThan(5)
      }
      const volts = steps.find(s => s.id === 'packVolts')!
      expect(verdict(volts, pack.nominalVoltage)).not.toBe('stop')
      expect(verdict(volts, 1.2 * pack.fullVoltage)).toBe('stop')
      expect(verdict(volts, 0.5 * pack.nominalVoltage)).toBe('stop')
    },
  )
  it('amps are never more than BMS, pack, controller and fuse', () => {
    for (const boat of [...DEMO_BOATS, ...SIZED_FLEET]) {
      const most = powerSteps(boat).find(s => s.id === 'quayAmps')!.high!,
        model = modelOf(boat),
        wires = wiringReport(model)
      expect(most).toBeLessThanOrEqual(model.pack.current + 1e-9)
      expect(most).toBeLessThanOrEqual(model.drives * boat.design.controller.batteryCurrent + 1e-9)
      expect(most).toBeLessThanOrEqual(wires.bmsCurrent * wires.banks + 1e-9)
    }
  })
})

describe('locks', () => {
  it('at first only the steps before the main fuse are open', () => {
    const {
      groups,
      done: n,
      next,
      live,
    } = firstPower(withEdits(DEMO.tirrick, [edit('yard.readings', []), edit('yard.cells', [])]))
    expect(n).toBe(0)
    expect(groups.map(g => g.locked)).toEqual([false, true, true, true, true, true, true, true])
    expect(next?.id).toBe('polarity')
    expect(live).toBe('pack')
  })
  it('a group opens when all before it is done and within range', () => {
    const boat = done(withEdits(DEMO.tirrick, [edit('yard.readings', []), edit('yard.cells', [])]), ['fuse'])
    const state = firstPower(boat)
    expect(state.groups[1]!.locked).toBe(false)
    expect(state.groups[2]!.locked).toBe(true)
    expect(state.groups[2]!.after).toBe('precharge')
    expect(state.live).toBe('disconnect')
  })
  it('a value outside stops what follows, and writing why lets it pass and is printed', () => {
    const bare = withEdits(DEMO.tirrick, [edit('yard.readings', []), edit('yard.cells', [])]),
      boat = done(bare, ['fuse']),
      wet = withEdits(boat, [edit('yard.readings', withReading(boat, 'insulationPlus', { value: 1000 }))])
    expect(firstPower(wet).groups[1]!.locked).toBe(true)
    expect(firstPower(wet).next?.id).toBe('insulationPlus')
    const over = withEdits(wet, [
      edit('yard.readings', withReading(wet, 'insulationPlus', { why: 'read with the pump on' })),
    ])
    expect(firstPower(over).groups[1]!.locked).toBe(false)
    expect(powerCsv(over)).toContain('read with the pump on')
    expect(powerCsv(over)).toContain('overridden')
  })
  it('all done leaves nothing to do', () => {
    const bare = withEdits(DEMO.tirrick, [edit('yard.readings', []), edit('yard.cells', [])])
    const all = firstPower(
      done(
        bare,
        firstPower(bare).groups.map(g => g.id),
      ),
    )
    expect(all.next).toBeNull()
    expect(all.done).toBe(all.total)
    expect(all.live).toBe('motor')
  })
})

describe('cell volts', () => {
  it('spread, sum and ends', () => {
    expect(cellSpread([3.306, 3.3, 3.31])).toMatchObject({
      count: 3,
      least: { cell: 2, volts: 3.3 },
      most: { cell: 3, volts: 3.31 },
    })
    expect(cellSpread([])).toBeNull()
  })
  it('two loads name the weak cell', () => {
    const rest = { at: '', current: 0, volts: [3.3, 3.3, 3.3, 3.3] },
      load = { at: '', current: 100, volts: [3.28, 3.28, 3.27, 3.28] }
    const all = cellResistances([rest, load])!
    expect(all[0]!.resistance).toBeCloseTo(2e-4, 9)
    expect(all.filter(c => c.weak).map(c => c.cell)).toEqual([3])
    expect(cellResistances([rest])).toBeNull()
    expect(cellResistances([rest, { ...load, volts: [3.2] }])).toBeNull()
  })
  it.each([
    ['3.306 3.307\n3305', [3.306, 3.307, 3.305]],
    ['3,306; 3,307; 3,305', [3.306, 3.307, 3.305]],
    ['cell,volts\n1,3.306\n2,3.307\n3,3.305', [3.306, 3.307, 3.305]],
  ])('reads %j', (text, volts) => {
    expect(readCellVolts(text, 3)).toEqual({ ok: true, volts })
  })
  it('too few are told', () => {
    const read = readCellVolts('3.3 3.3', 16)
    expect(read.ok).toBe(false)
    if (!read.ok) expect(read.message).toContain('16 cells')
  })
})
