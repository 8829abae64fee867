import { ampacity, awgFor, STOCK_AREAS, type ConductorPlace } from './ampacity'
import { conductorResistance } from './conductor'
import type { CableSpec } from './wiringSpecs'

/**
 * Volts that a run of the drive may lose, as a share (common practice: 3 % for propulsion and other critical circuits).
 */
export const DROP_LIMIT = 0.03
/** Copper in use, °C: between cool and its insulation's limit (common practice for drop). */
const IN_USE = 50
/** Density of copper, kg/m³ */
export const COPPER_DENSITY = 8890
/** From this area up conductors may be doubled, with equal lengths (common practice: 1/0, 50 mm²). */
export const PARALLEL_FROM = 50
/**
 * Thinner than this a conductor breaks at its lugs in a boat that shakes, mm², whatever little it carries (common
 * practice: 16 AWG, 1.5 mm² as sold; ISO 13297 by name).
 */
export const LEAST_AREA = 1.5
/** Conductors side by side at most. */
const MOST_PARALLEL = 4

/** A run of cable and what it must carry. */
export interface RunDemand {
  /** A all day in each conductor */
  current: number
  /** A of the fuse that guards it, which it must carry too; the current itself where none does */
  guard: number
  /** m one way */
  length: number
  /** V between the conductors */
  voltage: number
  place: ConductorPlace
  /** conductors of the run: 2 for direct current, 3 for the motor */
  conductors: number
}

/** A run sized, or as fitted. */
export interface CableRun extends RunDemand {
  /** mm² of one conductor, and how many lie side by side for each pole */
  area: number
  parallel: number
  /** A that a pole carries where it lies */
  ampacity: number
  /** V lost there and back, and as a share */
  drop: number
  dropShare: number
  /** Ω of a metre of one pole */
  resistancePerMetre: number
  /** W in the whole run, and for each metre of it */
  loss: number
  lossPerMetre: number
  /** kg of copper */
  copper: number
  awg: string | null
  /** what asks for this size: the heat of the current, the drop, or mere strength */
  decidedBy: 'heat' | 'drop' | 'strength' | 'fitted'
}

/**
 * What a run of these conductors does.
 *
 * @param demand current, length, place
 * @param area mm² of one conductor
 * @param parallel conductors for each pole
 * @param decidedBy what asked for it
 * @returns ampacity, drop, heat, copper
 *
 * Source: R = ρ L/A there and back, ρ at 50 °C (IEC 60028); a three-phase run loses half as much again as its two
 * conductors would.
 */
export function cableRun(
  demand: RunDemand,
  area: number,
  parallel: number,
  decidedBy: CableRun['decidedBy'] = 'fitted',
): CableRun {
  const { current, guard, length, voltage, conductors, place } = demand
  const drop = voltsLost(demand, area, parallel),
    loss = ((conductors * drop) / 2) * current
  // field by field: an object that begins with a spread and gains many fields is a hundred times slower to make
  return {
    current,
    guard,
    length,
    voltage,
    conductors,
    place,
    area,
    parallel,
    ampacity: parallel * ampacity(area, place),
    drop,
    dropShare: drop / voltage,
    resistancePerMetre: conductorResistance(1, area * parallel, IN_USE),
    loss,
    lossPerMetre: length > 0 ? loss / length : 0,
    copper: conductors * parallel * length * area * 1e-6 * COPPER_DENSITY,
    awg: awgFor(area),
    decidedBy,
  }
}

/** Volts lost out and back in a run of a cable in use, V. */
const voltsLost = ({ current, length }: RunDemand, area: number, parallel: number) =>
  2 * conductorResistance(length, area * parallel, IN_USE) * current

/**
 * The cheapest cable of a library that carries a run without growing too warm or losing too many volts.
 *
 * @param cables of the library; each lies with its own insulation
 * @param run what it must carry, and how many lie side by side for each pole
 * @returns a cable; null when none suits
 */
export function cableFor(
  cables: readonly CableSpec[],
  run: RunDemand & { parallel: number; fullVoltage: number },
): CableSpec | null {
  const { current, guard, voltage, parallel, place, fullVoltage } = run
  const suits = ({ area, insulation, voltage: greatest }: CableSpec) =>
    greatest >= fullVoltage &&
    parallel * ampacity(area, { ...place, insulation }) >= Math.max(current, guard) &&
    voltsLost(run, area, parallel) / voltage <= DROP_LIMIT
  return cables.filter(suits).sort((a, b) => a.pricePerMetre - b.pricePerMetre || a.area - b.area)[0] ?? null
}

/**
 * The thinnest stock cable that carries a current without growing too warm or losing too many volts.
 *
 * @param demand current, length, place
 * @returns the run, doubled from 50 mm² up where one is not enough; null when four of the thickest are not, or the
 *   insulation has no place there
 * @example sizeConductor({ current: 100, guard: 125, length: 2, voltage: 51.2, place: { insulation: 105, engineSpace:
 *   false, bundled: 2 }, conductors: 2 }).area // 16
 */
export function sizeConductor(demand: RunDemand): CableRun | null {
  const carried = Math.max(demand.current, demand.guard)
  for (let parallel = 1; parallel <= MOST_PARALLEL; parallel++) {
    for (const [i, area] of STOCK_AREAS.entries()) {
      if (
        area < LEAST_AREA ||
        (parallel > 1 && area < PARALLEL_FROM) ||
        parallel * ampacity(area, demand.place) < carried
      )
        continue
      if (voltsLost(demand, area, parallel) / demand.voltage > DROP_LIMIT) continue
      const thinner = STOCK_AREAS[i - 1],
        carriesThinner = thinner !== undefined && parallel * ampacity(thinner, demand.place) >= carried
      return cableRun(
        demand,
        area,
        parallel,
        !carriesThinner
          ? 'heat'
          : voltsLost(demand, thinner, parallel) / demand.voltage > DROP_LIMIT
            ? 'drop'
            : 'strength',
      )
    }
  }
  return null
}
