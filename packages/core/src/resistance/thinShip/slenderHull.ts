/** One slender hull whose half breadth is y(x, z) = B/2 · f(x) · g(z), symmetric fore and aft. */
export interface SlenderHull {
  /** m on the waterline */
  length: number
  /** m, at the waterline plane's own half breadth g = 1 */
  beam: number
  /** m */
  draught: number
  /** mean of f, which falls from 1 in the middle to 0 at the ends as `fullnessCurve`: CP, 0.4 … 0.95 */
  prismatic: number
  /** g from the water (first) to the keel (last), evenly spaced */
  section: Float64Array
}

/** Intervals along half the length, and from the water to the keel. */
export const STATIONS = 80,
  DEPTHS = 48

/**
 * Power curve 1 − u^n whose mean is the wished fullness: n = C / (1 − C).
 *
 * @param fullness 0.4 … 0.95
 * @param intervals how many
 * @returns values at u = 0, 1/intervals … 1
 * @example fullnessCurve(2 / 3, 2)[1] // 0.7500
 */
export function fullnessCurve(fullness: number, intervals: number): Float64Array {
  const n = fullness / (1 - fullness)
  return Float64Array.from({ length: intervals + 1 }, (_, i) => 1 - (i / intervals) ** n)
}

/**
 * A round-bilged hull of given prismatic and midship coefficients; CP and CM of 2/3 give Wigley's hull.
 *
 * @param length m
 * @param beam m
 * @param draught m
 * @param prismatic CP, 0.4 … 0.95
 * @param midship CM, 0.4 … 0.98
 * @returns the hull
 *
 * Source: separable hull y = B/2 f(x) g(z), for which CP is the mean of f and CM the mean of g.
 */
export function roundHull(
  length: number,
  beam: number,
  draught: number,
  prismatic: number,
  midship: number,
): SlenderHull {
  return {
    length,
    beam,
    draught,
    prismatic: held(prismatic),
    section: fullnessCurve(Math.min(0.97, Math.max(0.4, midship)), DEPTHS),
  }
}

/**
 * A floating tube of circular section: its half breadth at each depth is the circle's.
 *
 * @param length m
 * @param diameter m
 * @param draught m, 0 … diameter
 * @param prismatic how full the ends are; 0.85 to 0.9 for a tube with nose cones
 * @returns the hull, its beam being the diameter
 */
export function tubeHull(length: number, diameter: number, draught: number, prismatic: number): SlenderHull {
  const R = diameter / 2
  const section = Float64Array.from({ length: DEPTHS + 1 }, (_, i) => {
    const below = (draught * i) / DEPTHS - (draught - R)
    return Math.sqrt(Math.max(0, R * R - below * below)) / R
  })
  return { length, beam: diameter, draught, prismatic: held(prismatic), section }
}

/** Within what a power curve can be. */
const held = (prismatic: number) => Math.min(0.95, Math.max(0.4, prismatic))
