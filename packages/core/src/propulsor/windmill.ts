/** A propeller that the water turns. SI. */
export interface Windmill {
  /** W at the shaft */
  shaftPower: number
  /** N, what it adds to the boat's drag */
  drag: number
  /** rev/s at its best */
  shaftSpeed: number
}

/**
 * Share of the stream's power that a propeller driven backwards takes out, by kind of blade: 0.10 to 0.20, its camber
 * is the wrong way round (common practice).
 */
export const WINDMILL_SHARE = { low: 0.1, usual: 0.15, high: 0.2 }
/** Best advance ratio as a multiple of P/D (1.4 to 1.7, from memory). */
const BEST_ADVANCE = 1.55
/**
 * Power at the shaft over drag times speed: what such a turbine keeps of what it costs (momentum theory gives 1 − a;
 * blades about half of that; common practice).
 */
export const TURBINE_EFFICIENCY = 0.45

/**
 * What a towed propeller gives to its shaft at its best rpm, and the drag that it costs.
 *
 * @param propeller diameter and pitch, m
 * @param speed of the water, m/s
 * @param density kg/m³
 * @param share Cp, 0.10 … 0.20
 * @returns power, drag and rpm
 * @example windmill({ diameter: 0.4, pitch: 0.3 }, 3, 1025.9).shaftPower // 261.1
 *
 * Source: P = Cp ½ ρ V³ π D²/4 (Cp: common practice); Betz: Cp ≤ 16/27.
 */
export function windmill(
  { diameter, pitch }: { diameter: number; pitch: number },
  speed: number,
  density: number,
  share = WINDMILL_SHARE.usual,
): Windmill {
  if (!(share > 0 && share <= 16 / 27)) throw new RangeError(`share must be above 0 and at most 16/27; got ${share}`)
  if (!(speed > 0)) return { shaftPower: 0, drag: 0, shaftSpeed: 0 }
  const shaftPower = (share * 0.5 * density * speed ** 3 * Math.PI * diameter ** 2) / 4
  return { shaftPower, drag: shaftPower / (TURBINE_EFFICIENCY * speed), shaftSpeed: speed / (BEST_ADVANCE * pitch) }
}
