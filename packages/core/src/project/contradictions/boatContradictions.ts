import { hullTypeOf, slenderness, type BoatDimensions, type HullTypeId } from '../../hull'
import { length, mass, say, unknown, type Contradiction } from './contradiction'

/**
 * Length to the cube root of displacement: a very heavy tub, the slenderest hull that goes by itself, and a racing
 * shell (common practice).
 */
const SLENDERNESS = { least: 2.8, most: 14, shell: 20 }
/** Nothing afloat weighs less with one aboard, kg (common practice). */
const LEAST_LADEN = 50
/**
 * What boats of one kind and length weigh, as shares of what is typical, and the least that the lightest of them do
 * (common practice).
 */
const LIGHTEST = 0.6,
  HEAVIEST = 1.7,
  LEAST_SHARE = 0.2
/** Beam of the length that no usual boat of a kind passes (common practice). */
const WIDEST: Partial<Record<HullTypeId, number>> = { dinghy: 0.7, pedalCraft: 0.7, catamaran: 0.75 },
  WIDEST_ELSE = 0.6

/**
 * Finds lengths and weights that contradict each other, whatever the shape.
 *
 * @param boat lengths in m, mass in kg
 * @returns contradictions; none when all is well
 * @example boatContradictions({ hullType: 'keelYacht', lengthOverAll: 9, lengthWaterline: 7.7, beam: 3,
 *   beamWaterline: null, mass: 4600 }).length // 0
 */
export function boatContradictions(
  boat: Pick<BoatDimensions, 'hullType' | 'lengthOverAll' | 'lengthWaterline' | 'beam' | 'beamWaterline' | 'mass'>,
): Contradiction[] {
  const found: Contradiction[] = []
  const { lengthOverAll, beam, beamWaterline } = boat,
    waterline = boat.lengthWaterline ?? 0.88 * lengthOverAll
  if (waterline > lengthOverAll)
    found.push(
      say(
        'lengthWaterline',
        'The waterline ({w}) is longer than the boat ({l})',
        { w: length(waterline), l: length(lengthOverAll) },
        unknown('lengthWaterline', 'Waterline'),
      ),
    )
  if (beamWaterline !== null && beamWaterline > beam)
    found.push(
      say(
        'beamWaterline',
        'The beam at the waterline ({w}) is more than the greatest beam ({b})',
        { w: length(beamWaterline), b: length(beam) },
        unknown('beamWaterline', 'Beam at the waterline'),
      ),
    )
  const widest = WIDEST[boat.hullType] ?? WIDEST_ELSE
  if (beam > widest * lengthOverAll)
    found.push(
      say('beam', `A beam of {b} is more than ${Math.round(100 * widest)} % of the length, {l}`, {
        b: length(beam),
        l: length(lengthOverAll),
      }),
    )
  if (boat.mass < LEAST_LADEN)
    found.push(
      say('mass', '{m} is less than a boat weighs with anyone aboard, {least}', {
        m: mass(boat.mass),
        least: mass(LEAST_LADEN),
      }),
    )
  const type = hullTypeOf(boat.hullType),
    ratio = slenderness(waterline, boat.mass / 1025),
    usual = type.typical(waterline / type.usual.waterline).mass
  const heavy = ratio < SLENDERNESS.least,
    light =
      ratio > (boat.hullType === 'canoe' ? SLENDERNESS.shell : SLENDERNESS.most) || boat.mass < LEAST_SHARE * usual
  if (heavy || light)
    found.push(
      say(
        'mass',
        `{m} is too ${heavy ? 'heavy' : 'light'} for a waterline of {w}; such boats of that length weigh ` +
          '{from} to {to}',
        { m: mass(boat.mass), w: length(waterline), from: mass(LIGHTEST * usual), to: mass(HEAVIEST * usual) },
      ),
    )
  return found
}
