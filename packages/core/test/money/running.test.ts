import { describe, expect, it } from 'vitest'
import { budgetOf, runningCosts } from '../../src/money'
import { ageingReport, energyBalance, modelOf, operatingPoint } from '../../src/system'
import { DEMO, edit, withEdits, type Edit } from '../../src/project'

const boat = DEMO.tirrick
const costs = (...edits: Edit[]) => runningCosts(withEdits(boat, edits))

describe('what a year costs', () => {
  it('electric: the energy of all outings through the charger, the wear of the pack, service, what is fixed', () => {
    const { electric } = costs(edit('yard.fixed', 321)).year,
      model = modelOf(boat),
      { needed } = energyBalance(model, operatingPoint(model, boat.use.cruiseSpeed).drive)
    expect(electric.energy).toBeCloseTo(((boat.use.outings * needed) / 0.88) * boat.use.costs.shorePrice, 6)
    expect(electric.wear).toBeCloseTo(model.pack.price / ageingReport(boat).yearsLeft, 6)
    expect([electric.service, electric.fixed]).toEqual([40, 321])
    expect(electric.sum).toBeCloseTo(electric.energy + electric.wear + 40 + 321, 9)
  })
  it('the old engine: its fuel grows as its price does; without an engine there is neither fuel nor service', () => {
    const once = costs().year.engine,
      dear = costs(edit('use.costs.fuelPrice', 2 * boat.use.costs.fuelPrice)).year.engine
    expect(dear.fuel).toBeCloseTo(2 * once.fuel, 6)
    expect(once.sum).toBeCloseTo(once.fuel + once.service + once.fixed, 9)
    const none = costs(edit('boat.oldEngine.ratedPower', 0))
    expect([none.year.engine.fuel, none.year.engine.service, none.newEngine]).toEqual([0, 0, 0])
  })
  it('an hour and a mile are the year by those that are run', () => {
    const { perHour, perMile, hours, metres, year } = costs()
    expect(metres / hours / 3600).toBeCloseTo(boat.use.cruiseSpeed, 9)
    expect(perHour * hours).toBeCloseTo(year.electric.sum, 6)
    expect((perMile * metres) / 1852).toBeCloseTo(year.electric.sum, 6)
  })
})

describe('a new engine like the old one', () => {
  it.each([
    // 700 €/kW, 3,500 € at least: both at 5 kW
    [4.9, 3500],
    [5, 3500],
    [5.1, 3570],
    [20, 14_000],
  ])('of %d kW costs %d €', (kilowatts, price) =>
    expect(
      costs(edit('yard.newEngine', null), edit('boat.oldEngine.ratedPower', 1000 * kilowatts)).newEngine,
    ).toBeCloseTo(price, 6),
  )
  it('costs what its owner was told', () => expect(costs(edit('yard.newEngine', 9000)).newEngine).toBe(9000))
})

describe('when it has paid for itself', () => {
  it('the conversion by what a year saves', () => {
    const { payback, conversion, year } = costs(edit('yard.engineFixed', 5000))
    expect(payback.oldEngine).toBeCloseTo(conversion.value / (year.engine.sum - year.electric.sum), 9)
    expect(conversion.value).toBeCloseTo(budgetOf(boat).likely.value, 6)
    expect(payback.low!).toBeLessThan(payback.oldEngine!)
    expect(payback.high!).toBeGreaterThan(payback.oldEngine!)
  })
  it.each([
    ['a euro less a year than the engine', -1, true],
    ['as much as the engine', 0, false],
    ['a euro more', 1, false],
  ])('%s', (_, more, ever) => {
    const even = costs().year,
      fixed = boat.yard.fixed + even.engine.sum - even.electric.sum + more
    // what is fixed may not be less than nothing
    const shift = Math.max(0, -fixed)
    const found = costs(edit('yard.fixed', fixed + shift), edit('yard.engineFixed', boat.yard.engineFixed + shift))
    expect(found.payback.oldEngine !== null).toBe(ever)
    expect(found.worked.payback !== null).toBe(ever)
  })
  it('against a new engine at once, where that costs as much', () => {
    const { conversion } = costs()
    const against = (price: number) =>
      costs(edit('yard.engineFixed', 5000), edit('yard.newEngine', price)).payback.newEngine
    expect(against(conversion.value + 1)).toBe(0)
    expect(against(conversion.value)).toBe(0)
    expect(against(conversion.value - 1)).toBeGreaterThan(0)
  })
  it('ten years begin with what is bought and add a year each', () => {
    const { spent, conversion, newEngine, year } = costs()
    expect(spent[0]).toEqual({ year: 0, electric: conversion.value, oldEngine: 0, newEngine })
    expect(spent[10]!.electric).toBeCloseTo(conversion.value + 10 * year.electric.sum, 6)
    expect(spent[10]!.oldEngine).toBeCloseTo(10 * year.engine.sum, 6)
  })
})
