import { NAUTICAL_MILE } from '../constants'
import { fuelFor } from '../hybrid'
import type { Ranged } from '../numeric'
import { edit, withEdits, type Project } from '../project'
import { ageingReport, energyBalance, modelOf, operatingPoint } from '../system'
import { price } from '../working/inputs'
import { workedOut, type Worked } from '../working'
import { budgetOf } from './budget'

/** What a year costs with the new drive, with the old engine, and with a new one like it. € a year. */
export interface YearCosts {
  electric: { energy: number; wear: number; service: number; fixed: number; sum: number }
  engine: { fuel: number; service: number; fixed: number; sum: number }
}

/** One year of the chart: what was spent by its end, €. */
export interface SpentBy {
  year: number
  electric: number
  oldEngine: number
  newEngine: number
}

/** Running costs and payback. */
export interface Running {
  year: YearCosts
  /** € */
  perHour: number
  perMile: number
  hours: number
  metres: number
  /** bought now: the conversion, and a new engine like the old one */
  conversion: Ranged
  newEngine: number
  spent: SpentBy[]
  /** years until the conversion has paid for itself; null where it never does */
  payback: { oldEngine: number | null; newEngine: number | null; low: number | null; high: number | null }
  /** what moves the payback most: the years it would be a quarter lower and higher */
  matters: { what: string; lower: number | null; higher: number | null }[]
  worked: { year: Worked; payback: Worked | null }
}

/** What of the energy from the shore reaches the pack (common practice). */
const CHARGING = 0.88
/** Service of an old diesel or petrol engine, of an electric drive, € a year (from memory, ± 50 %). */
const ENGINE_SERVICE = 250,
  DRIVE_SERVICE = 40
/** A new small marine engine with gear and fitting, €/kW and at least (common practice, from memory, ± 30 %). */
const ENGINE_PRICE = 700,
  ENGINE_LEAST = 3500

/**
 * Energy, fuel, service, wear; a year, an hour, a mile; ten years against the old engine and a new one.
 *
 * @param project the boat
 * @returns sums with the range of the payback, and what moves it most
 *
 * Source: energy of an outing from the one curve; the old engine's fuel by its Willans line; wear as price ÷ years.
 */
export function runningCosts(project: Project): Running {
  const base = sums(project)
  const { yard, use } = project
  const swing = (what: string, changed: (by: number) => Project) => ({
    what,
    lower: sums(changed(0.75)).back,
    higher: sums(changed(1.25)).back,
  })
  const matters = [
    swing('outings in a year', f =>
      withEdits(project, [edit('use.outings', Math.max(1, Math.round(use.outings * f)))]),
    ),
    swing('price of fuel', f => withEdits(project, [edit('use.costs.fuelPrice', use.costs.fuelPrice * f)])),
    swing('price of shore power', f => withEdits(project, [edit('use.costs.shorePrice', use.costs.shorePrice * f)])),
    swing('fixed costs of the engine', f =>
      withEdits(project, [edit('yard.engineFixed', Math.min(100_000, yard.engineFixed * f))]),
    ),
    swing('what the conversion costs', f =>
      withEdits(project, [edit('yard.sale', Math.max(0, yard.sale + (1 - f) * base.conversion.value))]),
    ),
  ].sort((a, b) => reach(b, base.back) - reach(a, base.back))
  const { year, conversion } = base,
    saved = year.engine.sum - year.electric.sum
  // what costs nothing, or less for what is sold, is paid back at once
  const cheaper = (cost: number, by: number) => (by > 0 ? Math.max(0, cost) / by : null)
  return {
    year,
    perHour: base.hours > 0 ? year.electric.sum / base.hours : 0,
    perMile: base.metres > 0 ? year.electric.sum / (base.metres / NAUTICAL_MILE) : 0,
    hours: base.hours,
    metres: base.metres,
    conversion,
    newEngine: base.newEngine,
    spent: Array.from({ length: 11 }, (_, n) => ({
      year: n,
      electric: conversion.value + n * year.electric.sum,
      oldEngine: n * year.engine.sum,
      newEngine: base.newEngine + n * year.engine.sum,
    })),
    payback: {
      oldEngine: base.back,
      newEngine: conversion.value <= base.newEngine ? 0 : cheaper(conversion.value - base.newEngine, saved),
      low: cheaper(conversion.low, 1.3 * saved),
      high: cheaper(conversion.high, 0.7 * saved),
    },
    matters,
    worked: {
      year: workedOut({
        label: 'A year with the new drive',
        quantity: 'price',
        inputs: {
          energy: price(year.electric.energy, 'energy from the shore'),
          wear: price(year.electric.wear, 'wear of the pack'),
          service: price(year.electric.service, 'service of the drive'),
          fixed: price(year.electric.fixed, 'insurance and such, as typed'),
        },
        formula: v => v.energy + v.wear + v.service + v.fixed,
        words: 'year = energy + wear + service + fixed',
        range: value => ({ low: 0.8 * value, high: 1.25 * value }),
        source: 'Energy of an outing at cruise × outings ÷ 0.88; pack’s price ÷ its years; service from memory, ± 50 %',
      }),
      payback:
        saved > 0
          ? workedOut({
              label: 'Pays for itself in',
              quantity: 'plain',
              inputs: {
                conversion: price(conversion.value, 'the conversion, likely'),
                engine: price(year.engine.sum, 'a year with the old engine'),
                electric: price(year.electric.sum, 'a year with the new drive'),
              },
              formula: v => Math.max(0, v.conversion) / (v.engine - v.electric),
              words: 'years = conversion ÷ (a year before − a year after)',
              source: 'No interest; prices as today',
            })
          : null,
    },
  }
}

const reach = (m: { lower: number | null; higher: number | null }, base: number | null): number =>
  Math.max(Math.abs((m.lower ?? 99) - (base ?? 99)), Math.abs((m.higher ?? 99) - (base ?? 99)))

/** The sums of one boat, without what would move them. */
function sums(project: Project) {
  const { use, yard, boat } = project,
    { costs } = use,
    model = modelOf(project),
    point = operatingPoint(model, use.cruiseSpeed),
    { needed, duration } = energyBalance(model, point.drive)
  const all = use.outings * duration,
    { ratedPower } = boat.oldEngine
  const fuelKind = boat.oldEngine.kind.startsWith('diesel') ? ('diesel' as const) : ('petrol' as const)
  const burnt = ratedPower > 0 ? fuelFor(fuelKind, ratedPower, point.drive.shaftPower, all) : 0
  const wear = ageingReport(project).yearsLeft
  const electric = {
    energy: ((use.outings * needed) / CHARGING) * costs.shorePrice,
    wear: wear > 0 ? model.pack.price / wear : 0,
    service: DRIVE_SERVICE,
    fixed: yard.fixed,
  }
  const engine = {
    fuel: burnt * costs.fuelPrice,
    service: ratedPower > 0 ? ENGINE_SERVICE : 0,
    fixed: yard.engineFixed,
  }
  const year: YearCosts = {
    electric: { ...electric, sum: electric.energy + electric.wear + electric.service + electric.fixed },
    engine: { ...engine, sum: engine.fuel + engine.service + engine.fixed },
  }
  const conversion = budgetOf(project).likely,
    saved = year.engine.sum - year.electric.sum
  return {
    year,
    conversion,
    back: saved > 0 ? Math.max(0, conversion.value) / saved : null,
    newEngine: yard.newEngine ?? (ratedPower > 0 ? Math.max(ENGINE_LEAST, (ENGINE_PRICE * ratedPower) / 1000) : 0),
    hours: all / 3600,
    metres: all * use.cruiseSpeed,
  }
}
