import { findRoot } from '../numeric'
import type { HullForm } from '../hull'

/** Half breadths at even stations from the fore end of the waterline to its after end. m. */
export interface Offsets {
  length: number
  halfBreadths: readonly number[]
}

/** What a waterplane comes to. m, m², m⁴; from its fore end. */
export interface PlaneFigures {
  area: number
  /** centre of flotation */
  centre: number
  /** about the centre of flotation athwart, and about the middle line */
  longitudinal: number
  transverse: number
}

/** Weights of Simpson's rule on an even number of intervals. */
const simpson = (n: number, i: number): number => (i === 0 || i === n ? 1 : i % 2 === 1 ? 4 : 2) / 3

/**
 * Area, centre and inertias of a waterplane.
 *
 * @param offsets half breadths at an odd number of even stations
 * @returns figures
 * @example planeFigures({ length: 6, halfBreadths: [1, 1, 1] }).longitudinal // 36
 *
 * Source: A = 2∫y dx, IL = 2∫(x − xf)² y dx, IT = ⅔∫y³ dx by Simpson's rule.
 */
export function planeFigures({ length, halfBreadths }: Offsets): PlaneFigures {
  const n = halfBreadths.length - 1,
    step = length / n
  const sum = (of: (x: number, y: number) => number) =>
    step * halfBreadths.reduce((all, y, i) => all + simpson(n, i) * of(i * step, y), 0)
  const area = 2 * sum((_, y) => y),
    centre = (2 * sum((x, y) => x * y)) / area
  return {
    area,
    centre,
    longitudinal: 2 * sum((x, y) => (x - centre) ** 2 * y),
    transverse: (2 / 3) * sum((_, y) => y ** 3),
  }
}

/** Stations of a shape: even intervals. */
const STATIONS = 200
/** Where the waterline may be widest, share of its length from the bow; the usual first (common practice). */
const WIDEST = [0.55, 0.5, 0.6, 0.65, 0.45, 0.7, 0.4]
/** Breadth that a transom may have at the water, share of the greatest; the usual first (common practice). */
const TRANSOMS = [0.8, 0.6, 0.9, 0.4, 0.2, 0]
/** Fullest and finest ends that a shape can have: y = 1 − uᵖ. */
const FULLEST = 400,
  FINEST = 0.4
/** A shape is good when area and centre are within this share. */
const GOOD = 5e-4

/** A shape: widest place, breadth of the transom, powers of entrance and run. */
interface Shape {
  widest: number
  transom: number
  entrance: number
  run: number
}

/** Integrals of 1 − k uᵖ and of u (1 − k uᵖ) from 0 to 1. */
const fill = (p: number, k = 1) => 1 - k / (p + 1)
const moment = (p: number, k = 1) => 0.5 - k / (p + 2)
const held = (p: number) => Math.min(FULLEST, Math.max(FINEST, p))

const areaOf = ({ widest: w, transom, entrance, run }: Shape): number =>
  w * fill(entrance) + (1 - w) * fill(run, 1 - transom)
const centreOf = (shape: Shape): number => {
  const { widest: w, transom, entrance, run } = shape,
    k = 1 - transom
  return (
    (w * w * (fill(entrance) - moment(entrance)) + (1 - w) * (w * fill(run, k) + (1 - w) * moment(run, k))) /
    areaOf(shape)
  )
}

/** The entrance and run that come nearest to an area and a centre, for one widest place and one transom. */
function fitted(widest: number, transom: number, area: number, centre: number): Shape {
  const k = 1 - transom
  const shape = (entrance: number): Shape => {
    const left = (area - widest * fill(entrance)) / (1 - widest)
    return { widest, transom, entrance, run: left >= 1 || k === 0 ? FULLEST : held(k / (1 - left) - 1) }
  }
  const off = (logP: number) => centreOf(shape(Math.exp(logP))) - centre,
    [fine, full] = [Math.log(FINEST), Math.log(FULLEST)]
  const root = findRoot(off, fine, full)
  return shape(
    root.outcome === 'noBracket' ? (Math.abs(off(fine)) < Math.abs(off(full)) ? FINEST : FULLEST) : Math.exp(root.x),
  )
}

/**
 * A waterline with the area coefficient and the centre of flotation of a form: an entrance and a run, each a power law,
 * the run down to a transom where there is one.
 *
 * @param form the hull; one of its hulls
 * @returns offsets; the nearest of the family where none has both
 */
export function waterlineOf(form: HullForm): Offsets {
  const { lengthWaterline: length, beamWaterline, waterplane, lcf } = form,
    area = Math.min(0.995, waterplane),
    centre = 0.5 - lcf
  const miss = (s: Shape) => Math.hypot(areaOf(s) / area - 1, centreOf(s) - centre)
  let best: Shape | null = null
  search: for (const transom of form.transomArea > 0 ? TRANSOMS : [0])
    for (const widest of WIDEST) {
      const shape = fitted(widest, transom, area, centre)
      if (!best || miss(shape) < miss(best)) best = shape
      if (miss(best) < GOOD) break search
    }
  const { widest, transom, entrance, run } = best!,
    // the area is exact where the family comes near only
    scale = area / areaOf(best!)
  const halfBreadths = Array.from({ length: STATIONS + 1 }, (_, i) => {
    const x = i / STATIONS
    const share =
      x < widest ? 1 - (1 - x / widest) ** entrance : 1 - (1 - transom) * ((x - widest) / (1 - widest)) ** run
    return (beamWaterline / 2) * scale * Math.max(0, share)
  })
  return { length, halfBreadths }
}
