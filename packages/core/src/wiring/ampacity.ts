import table from '../../data/electrical.json' with { type: 'json' }
import { interpolate } from '../numeric'
import { awgArea } from '../units'
import type { Insulation } from './wiringSpecs'

/** Conductors that cable is sold in, mm². */
export const STOCK_AREAS: readonly number[] = table.iso_ampacity.mm2

const COLUMNS = { 60: 'C60', 70: 'C70', 90: 'C85_90', 105: 'C105', 125: 'C125' } as const satisfies Record<
  Insulation,
  string
>

/** Where a conductor lies. */
export interface ConductorPlace {
  insulation: Insulation
  engineSpace: boolean
  bundled: number
}

/** What is left of the rating in an engine space at 60 °C; 60 °C insulation has no place there. */
function engineSpaceFactor({ insulation, engineSpace }: ConductorPlace): number {
  if (!engineSpace) return 1
  const factor = table.iso_ampacity.engine_space_60C_factor[COLUMNS[insulation]]
  return typeof factor === 'number' ? factor : 0
}

/** What is left when conductors lie together: four to six, seven to 24, more. */
function bundlingFactor(bundled: number): number {
  const { bundling_factor: factor } = table.iso_ampacity
  return bundled < 4 ? 1 : bundled < 7 ? factor['4-6'] : bundled < 25 ? factor['7-24'] : factor['25+']
}

/**
 * Amps that a conductor of copper carries all day where it lies.
 *
 * @param area mm², 0.75 … 150; between the rows of the table it is interpolated
 * @param place insulation, engine space, others beside it
 * @returns A; 0 where such insulation may not be used
 * @example ampacity(35, { insulation: 105, engineSpace: false, bundled: 2 }) // 210
 *
 * Source: ISO 13297 annex A table A.1, single conductor, 30 °C (recalled, tables/electrical.json).
 */
export function ampacity(area: number, place: ConductorPlace): number {
  const row: readonly number[] = table.iso_ampacity[COLUMNS[place.insulation]]
  return interpolate(STOCK_AREAS, row, area) * engineSpaceFactor(place) * bundlingFactor(place.bundled)
}

/** AWG numbers that boat cable is sold in, thin to thick: 18 … 4/0. */
const GAUGES = [18, 16, 14, 12, 10, 8, 6, 4, 2, 1, 0, -1, -2, -3].map(gauge => ({
  area: 1e6 * awgArea(gauge),
  name: gauge > 0 ? String(gauge) : `${1 - gauge}/0`,
}))

/**
 * The thinnest AWG that is not thinner than an area.
 *
 * @param area mm²
 * @returns as printed, 18 … 4/0; null above 4/0
 * @example awgFor(35) // '1'
 *
 * Source: ASTM B258.
 */
export function awgFor(area: number): string | null {
  return GAUGES.find(gauge => gauge.area >= 0.985 * area)?.name ?? null
}
