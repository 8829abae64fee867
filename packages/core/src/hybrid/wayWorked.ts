import type { Project } from '../project'
import { energy, of, partMass, price } from '../working/inputs'
import { workedOut, type Worked } from '../working'
import { FUELS } from './engineFuel'
import { GRID_CO2, type Way } from './ways'

/** A way's sums with their working. */
export interface WayWorked {
  overYears: Worked
  co2: Worked
  silent: Worked
}

/**
 * What a way costs over the years, what it emits, how long it is silent: with formula and inputs.
 *
 * @param project the boat
 * @param way one of waysOf()
 * @returns worked figures
 */
export function wayWorked({ use: { costs } }: Project, way: Way): WayWorked {
  const practice = 'Prices and services are common practice, from memory; fuel by the Willans line'
  return {
    overYears: workedOut({
      label: 'Cost over the years',
      quantity: 'price',
      inputs: {
        now: price(way.price.value, 'bought now'),
        years: of('count')(costs.years, 'years'),
        fuel: of('fuelVolume')(way.fuel.value, 'fuel in a year'),
        fuelPrice: of('pricePerFuel')(costs.fuelPrice, 'fuel'),
        shore: energy(way.shore, 'from the shore in a year'),
        shorePrice: of('pricePerEnergy')(costs.shorePrice, 'shore power'),
        service: price(way.service, 'service in a year'),
      },
      formula: v => v.now + v.years * (v.fuel * v.fuelPrice + v.shore * v.shorePrice + v.service),
      words: 'cost = bought + years × (fuel × price + shore × price + service)',
      range: () => ({ low: way.overYears.low, high: way.overYears.high }),
      source: practice,
    }),
    co2: workedOut({
      label: 'CO2 in a year',
      quantity: 'partMass',
      inputs: {
        fuel: of('fuelVolume')(way.fuel.value, 'fuel in a year'),
        each: partMass(FUELS[costs.fuel].co2 / 1000, 'from a litre'),
        shore: energy(way.shore, 'from the shore in a year'),
        grid: partMass(GRID_CO2 * 3.6e6, 'from a kWh of a mixed grid'),
      },
      formula: v => v.fuel * 1000 * v.each + (v.shore / 3.6e6) * v.grid,
      words: 'CO2 = litres × each + kWh × grid',
      range: () => ({ low: way.co2.low, high: way.co2.high }),
      source: 'Petrol 2.3 and diesel 2.65 kg/l, grid 0.25 kg/kWh (common practice)',
    }),
    silent: workedOut({
      label: 'Hours without an engine',
      quantity: 'runningTime',
      inputs: {
        all: of('runningTime')(way.all, 'under way in a year'),
        engine: of('runningTime')(way.all - way.silent, 'an engine runs'),
      },
      formula: v => v.all - v.engine,
      words: 'silent = all − engine',
      source: 'The engine runs for what the pack is short of in each outing',
    }),
  }
}
