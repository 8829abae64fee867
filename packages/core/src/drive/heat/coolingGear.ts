import { COOLER_AT_REST } from './coolant'

/** What carries the motor's and controller's heat out of the boat. */
export const COOLING_GEAR = ['none', 'hull tube', 'radiator', 'plate exchanger', 'raw water'] as const
/** One of them. */
export type CoolingGearKind = (typeof COOLING_GEAR)[number]
/** How the controller itself is cooled. */
export const CONTROLLER_COOLING = ['as sold', 'heat sink', 'box', 'water block'] as const
/** One of them. */
export type ControllerCooling = (typeof CONTROLLER_COOLING)[number]

/** Cooling as it is built. */
export interface CoolingGear {
  kind: CoolingGearKind
  /** of a hull tube, m: how long, and across */
  tubeLength: number
  tubeDiameter: number
  /** of a radiator's face, or of all plates, m² */
  area: number
  /** of raw water, m³/s */
  flow: number
  /** warmest water, K */
  warmWater: number
  controller: ControllerCooling
  /** of a box's walls, m² */
  boxArea: number
  /** the pack is in the same loop: W that it adds at cruise */
  packHeat: number
}

/** Heat that passes from coolant to air or water, W/(m² K) (common practice); a hull tube lying still. */
export const PASSES: Readonly<Record<'hull tube' | 'radiator' | 'plate exchanger', number>> = {
  'hull tube': COOLER_AT_REST,
  radiator: 700,
  'plate exchanger': 1500,
}
/** Sea water through a jacket may warm by so much, K, and carries so much, J/(m³ K) (common practice). */
const RAW_RISE = 10,
  RAW_HEAT = 4.0e6
/** Coolant that motors and controllers take at most, K (common practice: 50 °C at their inlet). */
export const WARMEST_COOLANT = 323.15
/** Still air around a closed box takes so much, W/(m² K) (common practice). */
const BOX_PASSES = 6

/** What cooling gear does with a heat. W, K, and the size in its own measure. */
export interface CoolingAnswer {
  /** that it carries away with the coolant no warmer than it may be */
  carries: number
  /** coolant with this heat */
  coolant: number
  /** size that this heat needs: m of tube, m² of face or plates, m³/s of raw water */
  needed: number
}

/** m² of a tube's outside. */
const tubeArea = ({ tubeLength, tubeDiameter }: CoolingGear) => Math.PI * tubeDiameter * tubeLength

/**
 * What cooling gear carries away in warm water, how warm the coolant becomes, and the size that it takes.
 *
 * @param gear as built
 * @param heat W to carry
 * @param air around a radiator, K
 * @returns the answer; null without gear
 *
 * Source: P = U A ΔT; raw water P = ρ c V̇ ΔT. A hull tube lies still: under way it passes more.
 */
export function coolingAnswer(gear: CoolingGear, heat: number, air: number): CoolingAnswer | null {
  if (gear.kind === 'none') return null
  if (gear.kind === 'raw water') {
    const carries = RAW_HEAT * gear.flow * RAW_RISE
    return { carries, coolant: gear.warmWater + heat / (RAW_HEAT * gear.flow), needed: heat / (RAW_HEAT * RAW_RISE) }
  }
  const passes = PASSES[gear.kind],
    sink = gear.kind === 'radiator' ? air : gear.warmWater,
    area = gear.kind === 'hull tube' ? tubeArea(gear) : gear.area
  const least = Math.max(0.5, WARMEST_COOLANT - sink)
  const needed = heat / (passes * least)
  return {
    carries: passes * area * least,
    coolant: sink + heat / (passes * area),
    needed: gear.kind === 'hull tube' ? needed / (Math.PI * gear.tubeDiameter) : needed,
  }
}

/**
 * How much warmer the air around a controller is in a closed box.
 *
 * @param loss W of the controller
 * @param area of the box's walls, m²
 * @returns K
 * @example boxRise(60, 0.5) // 20.00
 *
 * Source: ΔT = P / (h A), still air on both sides.
 */
export const boxRise = (loss: number, area: number): number => loss / (BOX_PASSES * area)
/** A heat sink halves what a controller is warmer than its air; a water block takes a third (common practice). */
export const CONTROLLER_PATH: Readonly<Record<ControllerCooling, number>> = {
  'as sold': 1,
  'heat sink': 0.55,
  box: 1,
  'water block': 0.35,
}
