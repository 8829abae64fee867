import { describe, expect, it } from 'vitest'
import { CHEMISTRIES } from '../../src/battery'
import { DEMO, DEMO_BOATS, edit, withEdits, type Project } from '../../src/project'
import { boatSolarYear, modelOf } from '../../src/system'
import { typicalDay, USE_PATTERNS, yearRun, yearSpread, yearWorked, type YearSpread } from '../../src/voyage'

const launch = DEMO.osprel
const spread = (years: number, seed = 1) => spreadOf(launch, years, seed)
function spreadOf(boat: Project, years: number, seed = 1): YearSpread {
  const run = yearSpread(boat, years, seed)
  for (;;) {
    const step = run.next()
    if (step.done) return step.value
  }
}

describe('a year by the hour', () => {
  it('never takes more from the sun than the panels give, and about all of it where much is used', () => {
    const hungry = withEdits(launch, [edit('use.year.pattern', 'hire'), edit('use.houseLoad', 400)]),
      year = boatSolarYear(hungry),
      run = yearRun(hungry)
    const days = [31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31]
    run.months.forEach((m, i) => {
      const given = year[i]!.perDay * days[i]!
      expect(m.sun).toBeLessThan(1.06 * given)
      if (i >= 4 && i <= 8) expect(m.sun).toBeGreaterThan(0.75 * given)
    })
  })
  it('keeps its energy over the year, but for what charging loses', () => {
    for (const pattern of USE_PATTERNS) {
      const { months } = yearRun(withEdits(launch, [edit('use.year.pattern', pattern)]), 3)
      const sum = (key: 'sun' | 'shore' | 'drive' | 'house') => months.reduce((s, m) => s + m[key], 0)
      const given = sum('sun') + sum('shore'),
        taken = sum('drive') + sum('house')
      expect(given).toBeGreaterThan(taken - modelOf(launch).pack.energy)
      expect(given).toBeLessThan(1.04 * taken + modelOf(launch).pack.energy)
    }
  })
  it('needs a socket on more days without panels, and never where nobody goes', () => {
    const bare = withEdits(launch, [edit('design.solar.fitted', false), edit('use.year.pattern', 'commuter')])
    const plugged = (boat: typeof launch) => yearRun(boat).months.reduce((s, m) => s + m.plugged, 0)
    expect(plugged(bare)).toBeGreaterThan(plugged(withEdits(launch, [edit('use.year.pattern', 'commuter')])))
    // 15 kWh of sun a day fills 70 kWh in 4.7 days: what is given in a day over what the pack holds
    const month = yearRun(launch).months[0]!
    expect(month.used).toBe(0)
    expect(month.plugged).toBe(0)
  })
  it('several years lie about their mean year, the same seed gives the same, and more sun falls in summer', () => {
    const many = spread(24)
    expect(spread(24)).toEqual(many)
    many.months.forEach(m => {
      expect(m.sun.low).toBeLessThanOrEqual(m.sun.middle)
      expect(m.sun.middle).toBeLessThanOrEqual(m.sun.high)
    })
    expect(many.cycles).toBeGreaterThan(0)
  })
  it('runs for every boat and pattern without a gap', () => {
    for (const boat of DEMO_BOATS)
      for (const pattern of USE_PATTERNS)
        for (const m of yearRun(withEdits(boat, [edit('use.year.pattern', pattern)]), 7).months)
          for (const value of Object.values(m)) expect(Number.isFinite(value), `${boat.name} ${pattern}`).toBe(true)
  })
  it('what is bought is what the pack takes, over what stays in it and the charger', () => {
    const bare = withEdits(launch, [edit('design.solar.fitted', false)])
    const years = spreadOf(bare, 5),
      { plugged, bought, cost, cycles } = yearWorked(bare, years)
    // five years from seed 1: the middle of their sums
    const stored = [1, 2, 3, 4, 5]
      .map(seed => yearRun(bare, seed).months.reduce((sum, m) => sum + m.shore, 0))
      .sort((a, b) => a - b)[2]!
    expect(stored).toBeGreaterThan(0)
    expect(bought.value).toBeCloseTo(stored / 0.97 / launch.design.charging.charger.efficiency, 3)
    expect(cost.value).toBeCloseTo(bought.value * launch.use.costs.shorePrice, 9)
    expect(plugged.value).toBe(years.year.plugged.middle)
    expect(cycles.value).toBeCloseTo(years.cycles, 9)
    for (const { value, low, high } of [plugged, bought, cost]) {
      expect(low).toBeLessThanOrEqual(value)
      expect(high).toBeGreaterThanOrEqual(value)
    }
  })
  it('the pack wears by its cycles and by the calendar', () => {
    const of = (pattern: 'daySailor' | 'hire') => {
      const boat = withEdits(launch, [edit('use.year.pattern', pattern)])
      return { boat, ...yearWorked(boat, spreadOf(boat, 3)) }
    }
    const idle = of('daySailor'),
      hire = of('hire'),
      { calendarYears } = CHEMISTRIES[launch.design.pack.cell.chemistry]
    expect(hire.wear.value).toBeGreaterThan(idle.wear.value)
    // never less than the calendar alone takes, a fifth in its years
    expect(idle.wear.value).toBeGreaterThan(0.2 / calendarYears)
    for (const { wear } of [idle, hire]) {
      expect(wear.low! / wear.value).toBeCloseTo(0.6, 9)
      expect(wear.high! / wear.value).toBeCloseTo(1.4, 9)
    }
  })
  it('a clear day gives more than a mixed one and that more than a grey one, none by night', () => {
    const day = typicalDay(launch, 5)
    expect(day[0]!.clear).toBe(0)
    for (const h of day) {
      expect(h.clear).toBeGreaterThanOrEqual(h.mixed)
      expect(h.mixed).toBeGreaterThanOrEqual(h.grey)
    }
    expect(Math.max(...day.map(h => h.clear))).toBeGreaterThan(0)
  })
})
