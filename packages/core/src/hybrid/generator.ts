import type { Project } from '../project'
import { HOUSE_CONVERTER_EFFICIENCY, modelOf, operatingPoint } from '../system'
import { engineEfficiency, FUELS, type Fuel } from './engineFuel'

/** Share of a generator's plate for hours, and of its shaft that becomes current (common practice). */
export const HOURS_SHARE = 0.75,
  ALTERNATOR = 0.88
/** From the generator's plug into the pack or past it to the drive: rectifier or charger (common practice). */
export const INTO_BUS = 0.93
/** h between two services (common practice: 100 to 250), and what one costs, € (from memory, ± 50 %). */
export const SERVICE_HOURS = 150,
  SERVICE_PRICE = 120

/** A generator of some rating. kg, €, m³ (common practice, ± 30 %). */
export interface Generator {
  rated: number
  mass: number
  price: number
  room: number
}

/**
 * A generator of a rating: a marine diesel about 70 kg and 22 kg/kW at 1,000 €/kW, a portable petrol one 11 kg/kW at
 * 400 €/kW.
 *
 * @param fuel diesel or petrol
 * @param rated W
 * @returns mass, price and room
 * @example generatorOf('diesel', 4000).mass // 158
 */
export function generatorOf(fuel: Fuel, rated: number): Generator {
  const kw = rated / 1000
  return fuel === 'diesel'
    ? { rated, mass: 70 + 22 * kw, price: 1000 * Math.max(4, kw), room: 0.12 + 0.03 * kw }
    : { rated, mass: 8 + 11 * kw, price: 400 * kw, room: 0.03 + 0.015 * kw }
}

/**
 * Fuel that a generator burns for a joule out of its plug, at a share of its plate.
 *
 * @param fuel diesel or petrol
 * @param load share of its rating
 * @returns m³/J
 * @example fuelPerElectric('diesel', 0.75) * 3.6e9 // 0.357
 */
export const fuelPerElectric = (fuel: Fuel, load: number): number =>
  1 / (engineEfficiency(fuel, load) * ALTERNATOR * FUELS[fuel].heat)

/** A generator that holds a speed with an empty pack. */
export interface HoldingGenerator {
  speed: number
  /** W out of its plug, and its plate */
  power: number
  rated: number
  /** m³/s of fuel there, m³ for a metre */
  fuelRate: number
  fuelPerMetre: number
}

/**
 * The generator that holds each speed with an empty pack, the house counted.
 *
 * @param project the boat
 * @param speeds m/s
 * @returns a row for each
 *
 * Source: (drive + house) ÷ 0.93 into the bus, ÷ 0.75 of the plate for hours.
 */
export function holdingGenerators(project: Project, speeds: readonly number[]): HoldingGenerator[] {
  const { fuel } = project.use.costs,
    model = modelOf(project)
  return speeds.map(speed => {
    const power = operatingPoint(model, speed).drive.packPower / INTO_BUS,
      rated = power / HOURS_SHARE,
      fuelRate = power * fuelPerElectric(fuel, HOURS_SHARE)
    return { speed, power, rated, fuelRate, fuelPerMetre: fuelRate / speed }
  })
}

/** Fuel for a kWh by load. */
export interface FuelMapRow {
  load: number
  /** m³/J */
  fuel: number
}

/**
 * A generator's fuel by load: below a third it burns much more for each kWh, and diesels glaze.
 *
 * @param fuel diesel or petrol
 * @returns rows from a tenth to full load
 */
export const fuelMap = (fuel: Fuel): FuelMapRow[] =>
  [0.1, 0.25, 0.5, 0.75, 1].map(load => ({ load, fuel: fuelPerElectric(fuel, load) }))

/** W of the house as the pack sees it. */
export const houseAtPack = (project: Project): number => project.use.houseLoad / HOUSE_CONVERTER_EFFICIENCY
