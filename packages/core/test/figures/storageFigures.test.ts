import { voltageChoices } from '../../src/sizing'
import { describe, expect, it } from 'vitest'
import { explain, FIGURES, figuresOf, readFigure, type FigureId } from '../../src/figures'
import { SOLAR_FIGURES } from '../../src/figures/solarFigures'
import { STORAGE_FIGURES } from '../../src/figures/storageFigures'
import { DEMO, withEdits } from '../../src/project'
import { evaluate, solarReport } from '../../src/system'
import { fillText } from '../../src/units'

const launch = withEdits(DEMO.osprel, [
  { path: 'design.charging.sun', value: true },
  { path: 'design.charging.supply', value: 'generator' },
  { path: 'design.charging.sailing', value: true },
  {
    path: 'design.solar.spars',
    value: [{ kind: 'boom', ahead: 2, starboard: 0, height: 1.2, length: 3, thick: 0.12 }],
  },
])
const mixed = withEdits(launch, [
  {
    path: 'design.banks.others',
    value: [{ cell: launch.design.pack.cell, series: 16, parallel: 1, health: 0.7, lowCut: null, highCut: null }],
  },
])
const lead = withEdits(launch, [
  { path: 'design.pack.cell.chemistry', value: 'AGM' },
  { path: 'design.solar.controller', value: null },
])

describe('every figure of storage and sun shows its working', () => {
  it.each(Object.keys({ ...STORAGE_FIGURES, ...SOLAR_FIGURES }) as FigureId[])('%s', id => {
    const boat = [launch, mixed, lead].find(b => figuresOf(evaluate(b, b.use.cruiseSpeed)).includes(id))
    expect(boat, `no boat has ${id}`).toBeDefined()
    const working = explain(id, boat!, boat!.use.cruiseSpeed)
    expect(Number.isFinite(working.value)).toBe(true)
    expect(working.value).toBeGreaterThan(0)
    expect(working.inputs.length).toBeGreaterThan(0)
    for (const input of working.inputs)
      expect(input.value === null || Number.isFinite(input.value), input.what).toBe(true)
    expect(fillText(working.holds).length).toBeGreaterThan(5)
    for (const s of working.sensitivities)
      expect(Number.isFinite(s.lower) && Number.isFinite(s.higher), s.path).toBe(true)
  })
  it('what a figure hangs on really moves it', () => {
    for (const id of ['sunDay', 'packYears', 'packUsePrice', 'voltageCruise', 'stringCold', 'chargeFuel'] as const) {
      const { value, sensitivities } = explain(id, launch, launch.use.cruiseSpeed)
      expect(
        Math.max(...sensitivities.map(s => Math.max(Math.abs(s.lower - value), Math.abs(s.higher - value)))),
        id,
      ).toBeGreaterThan(0)
    }
  })
})

describe('the same number from two sides', () => {
  it('the voltage table and its workings', () => {
    for (const row of voltageChoices(launch)) {
      const e = evaluate(
        withEdits(launch, [{ path: 'design.systemVoltage', value: row.voltage }]),
        launch.use.cruiseSpeed,
      )
      expect(readFigure('voltageCruise', e).value).toBeCloseTo(row.cruiseCurrent, 9)
      expect(readFigure('voltageTop', e).value).toBeCloseTo(row.topCurrent, 9)
      if (row.area !== null) expect(readFigure('voltageCopper', e).value).toBeCloseTo(row.copper, 9)
    }
  })
  it('the month’s sun and the report', () => {
    const month = solarReport(launch).months[launch.design.charging.month]!,
      e = evaluate(launch, 2)
    expect(readFigure('sunDay', e).value).toBe(month.perDay)
    expect(readFigure('sunNoonPace', e).value).toBeCloseTo(month.noonPace, 6)
    expect(readFigure('sunDayPace', e).value).toBe(month.dayPace)
  })
  it('figures that need panels or lead are not on a boat without them', () => {
    const none = figuresOf(evaluate(DEMO.tirrick, 2))
    for (const id of ['sunDay', 'peukertShare', 'goneSpeed', 'mixCurrent', 'chargeFuel'] as const)
      expect(none).not.toContain(id)
    expect(FIGURES.sunDay.label).toMatch(/sun/)
  })
})
