import { maximise } from '../numeric'
import { B_SERIES_RANGE, bladeFamily, openWater } from './bSeries'
import { openWaterEfficiency, operatingAdvance, torqueCoefficient } from './operatingAdvance'

/** The load that a propeller must carry. */
export interface PropellerLoad {
  /** thrust wanted, N, > 0 */
  thrust: number
  /** speed of the water at the propeller Va, m/s, > 0 */
  advanceSpeed: number
  /** kg/m³ */
  density: number
}

/** The propeller found, and how it runs under the load. */
export interface PropellerOptimum {
  pitchRatio: number
  advanceRatio: number
  /** rev/s */
  shaftSpeed: number
  /** N·m */
  torque: number
  efficiency: number
  /** what decided the pitch: efficiency itself, the shaft speed allowed, or the end of the series */
  limitedBy: 'efficiency' | 'shaftSpeed' | 'series'
}

/** Steps of the first, coarse look along P/D. */
const COARSE = 9

/**
 * The pitch of best efficiency for a load, with diameter, area and blades given, at a shaft speed not above the one
 * allowed.
 * More pitch turns slower, so the greatest shaft speed is a least pitch, and the least one a greatest pitch.
 *
 * @param load thrust, advance speed, density
 * @param diameter m, > 0
 * @param areaRatio AE/A0
 * @param blades 2 to 7
 * @param greatestShaftSpeed rev/s; Infinity when it does not matter
 * @param leastShaftSpeed rev/s; what a motor must turn to give its power; 0 when it does not matter
 * @returns the best pitch and its operating point
 * @throws RangeError on a load or diameter that is not positive
 * @example propellerOptimum({ thrust: 500, advanceSpeed: 2.5, density: 1025.9 }, 0.4, 0.5, 3).efficiency // 0.6186
 *
 * Source: B-series by Oosterveld & van Oossanen 1975; a coarse look and golden section over P/D.
 */
export function propellerOptimum(
  load: PropellerLoad,
  diameter: number,
  areaRatio: number,
  blades: number,
  greatestShaftSpeed = Infinity,
  leastShaftSpeed = 0,
): PropellerOptimum {
  const { thrust, advanceSpeed, density } = load
  if (!(thrust > 0 && advanceSpeed > 0 && diameter > 0 && density > 0)) {
    throw new RangeError(
      `thrust, advanceSpeed, diameter and density must be above 0; got ${thrust}, ${advanceSpeed}, ` +
        `${diameter}, ${density}`,
    )
  }
  const family = bladeFamily(areaRatio, blades)
  const loading = thrust / (density * advanceSpeed * advanceSpeed * diameter * diameter)
  const [least, most] = B_SERIES_RANGE.pitchRatio
  const efficiencyAt = (p: number) => {
    const water = openWater(family, p)
    return openWaterEfficiency(water, operatingAdvance(water, loading))
  }
  // At light loads the series' sixth powers of P/D give two low humps: a coarse look finds the higher one first.
  const stride = (most - least) / COARSE
  let at = 0
  for (let i = 1, top = efficiencyAt(least); i <= COARSE; i++) {
    const value = efficiencyAt(least + i * stride)
    if (value > top) {
      top = value
      at = i
    }
  }
  const best = maximise(
    efficiencyAt,
    least + Math.max(0, at - 1) * stride,
    least + Math.min(COARSE, at + 1) * stride,
    1e-3,
  )
  const speedAt = (p: number) => advanceSpeed / (operatingAdvance(openWater(family, p), loading) * diameter)

  let pitchRatio = best.x
  let limitedBy: PropellerOptimum['limitedBy'] =
    pitchRatio > most - 2e-3 || pitchRatio < least + 2e-3 ? 'series' : 'efficiency'
  /** the pitch at which she turns so fast, between two of which one turns faster and one slower */
  const pitchAt = (shaftSpeed: number, fast: number, slow: number) => {
    let [low, high] = [fast, slow]
    // 14 halvings settle the pitch within 1e-4
    for (let i = 0; i < 14; i++) {
      const middle = (low + high) / 2
      if (speedAt(middle) > shaftSpeed) low = middle
      else high = middle
    }
    return { low, high }
  }
  const turns = speedAt(pitchRatio)
  if (turns > greatestShaftSpeed) {
    limitedBy = speedAt(most) > greatestShaftSpeed ? 'series' : 'shaftSpeed'
    pitchRatio = pitchAt(greatestShaftSpeed, pitchRatio, most).high
  } else if (turns < leastShaftSpeed) {
    limitedBy = speedAt(least) < leastShaftSpeed ? 'series' : 'shaftSpeed'
    pitchRatio = pitchAt(leastShaftSpeed, least, pitchRatio).low
  }
  const water = openWater(family, pitchRatio)
  const advanceRatio = operatingAdvance(water, loading)
  const shaftSpeed = advanceSpeed / (advanceRatio * diameter)
  const torque = torqueCoefficient(water, advanceRatio) * density * shaftSpeed ** 2 * diameter ** 5
  return {
    pitchRatio,
    advanceRatio,
    shaftSpeed,
    torque,
    efficiency: openWaterEfficiency(water, advanceRatio),
    limitedBy,
  }
}
