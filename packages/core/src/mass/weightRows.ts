import { hullTypeOf, waterProperties, type Elevation } from '../hull'
import { designWeights } from '../project/parts/designWeights'
import { weightAfloat } from '../project/weightAfloat'
import type { Project } from '../project/definition/projectFields'
import type { PlacedPart } from '../project/definition/yardFields'

/** Something that goes out or comes in, with its place. m aft of the bow, to starboard, above the water; kg. */
export interface WeightRow {
  /** a part of the design or the old engine; null for what the owner lists */
  part: PlacedPart | null
  /** which of the owner's list; null for a part */
  index: number | null
  name: string
  way: 'out' | 'in'
  mass: number
  doubt: number
  along: number
  across: number
  above: number
  /** its owner said where it is */
  placed: boolean
}

/** Names of the parts as the list says them. */
const NAMES: Record<PlacedPart, string> = {
  pack: 'Pack, box, BMS',
  motor: 'Motor, reduction',
  controller: 'Controller',
  charger: 'Charger',
  cables: 'Main cables',
  panels: 'Panels, frames',
  generator: 'Generator',
  heater: 'Pack heater',
  smallMotor: 'Small motor, its battery',
  oldEngine: 'Old engine with all that goes',
}
/** An old engine's weight with gearbox, exhaust and tank is an estimate until it is listed (common practice). */
const OLD_DOUBT = 0.15

/** Where parts usually stand, until their owner says so: as the boat is drawn. */
function usualPlaces(elevation: Elevation): Record<PlacedPart, { along: number; above: number }> {
  const { pack, controller, motor, lengthOverAll } = elevation,
    deck = deckOf(elevation)
  const at = ({ x, z }: { x: number; z: number }) => ({ along: x, above: z })
  return {
    pack: at(pack),
    controller: at(controller),
    motor: at(motor),
    charger: { along: controller.x - 0.3, above: controller.z + 0.1 },
    cables: { along: (pack.x + motor.x) / 2, above: (pack.z + motor.z) / 2 },
    // on the roof where there is one, else on deck
    panels: deck,
    heater: at(pack),
    generator: { along: motor.x, above: Math.max(motor.z, 0.3) },
    smallMotor: { along: 0.1 * lengthOverAll, above: 0.2 },
    oldEngine: at(motor),
  }
}

/** Where panels lie that nobody placed: on the roof, canopy or deck house, else on the deck amidships. */
function deckOf({ roof, deck, hull, lengthOverAll }: Elevation): { along: number; above: number } {
  const points = [...(roof ?? []), ...(roof ? [] : deck.flat()), ...(roof ? [] : hull)].flatMap(s =>
    s[0] === 'M' || s[0] === 'L' ? [{ x: s[1], z: s[2] }] : s[0] === 'C' ? [{ x: s[5], z: s[6] }] : [],
  )
  const above = Math.max(0.2, ...points.map(p => p.z)),
    on = points.filter(p => roof && p.z > above - 0.3)
  return {
    along: on.length > 0 ? on.reduce((sum, p) => sum + p.x, 0) / on.length : 0.5 * lengthOverAll,
    above,
  }
}

/** The boat from the side, as heavy as she is with her new drive. */
export function elevationOf(project: Project): Elevation {
  const boat = { ...project.boat, mass: weightAfloat(project).mass },
    type = hullTypeOf(boat.hullType)
  return type.elevation(boat, type.form(boat, waterProperties(boat.water, boat.waterTemperature).density))
}

/**
 * All that goes out and comes in: what the owner lists, the parts of the design, and the old engine as one number where
 * nothing that goes out is listed.
 *
 * @param project the boat
 * @param elevation of the boat, where it is known already
 * @returns rows, those that go out first
 */
export function weightRows(project: Project, elevation = elevationOf(project)): WeightRow[] {
  const { yard, boat } = project,
    usual = usualPlaces(elevation)
  const part = (id: PlacedPart, way: 'out' | 'in', mass: number, doubt: number): WeightRow => {
    const told = yard.places.find(p => p.part === id)
    return {
      part: id,
      index: null,
      name: NAMES[id],
      way,
      mass,
      doubt,
      along: told?.along ?? usual[id].along,
      across: told?.across ?? 0,
      above: told?.above ?? usual[id].above,
      placed: told !== undefined,
    }
  }
  const listed = yard.weights.map((w, index): WeightRow => ({ ...w, part: null, index, placed: true })),
    outs = listed.filter(w => w.way === 'out')
  return [
    ...(outs.length === 0 && boat.oldEngine.mass > 0
      ? [part('oldEngine', 'out', boat.oldEngine.mass, OLD_DOUBT * boat.oldEngine.mass)]
      : outs),
    ...designWeights(project).map(w => part(w.part, 'in', w.mass, w.doubt)),
    ...listed.filter(w => w.way === 'in'),
  ]
}

/** Whether the owner has said of anything where it stands: only then does the balance move the curve. */
export const isPlaced = ({ yard }: Project): boolean => yard.weights.length + yard.places.length > 0
