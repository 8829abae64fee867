import type { HullTypeId } from '@remigo/core'

/** A hull seen from above. */
interface Plan {
  hulls: 1 | 2
  /** breadth at the stern, and length of the parallel middle, as shares of beam and length */
  transom: number
  parallel: number
}

const PLANS: Record<HullTypeId, Plan> = {
  keelYacht: { hulls: 1, transom: 0.6, parallel: 0 },
  displacementLaunch: { hulls: 1, transom: 0.55, parallel: 0.1 },
  semiDisplacement: { hulls: 1, transom: 0.85, parallel: 0.2 },
  planing: { hulls: 1, transom: 0.92, parallel: 0.3 },
  jetBoat: { hulls: 1, transom: 0.92, parallel: 0.3 },
  catamaran: { hulls: 2, transom: 0.7, parallel: 0.3 },
  pontoon: { hulls: 2, transom: 0.9, parallel: 0.7 },
  canoe: { hulls: 1, transom: 0, parallel: 0 },
  dinghy: { hulls: 1, transom: 0.8, parallel: 0.1 },
  canalBoat: { hulls: 1, transom: 0.8, parallel: 0.75 },
  pedalCraft: { hulls: 2, transom: 0.6, parallel: 0.4 },
}
/** Breadth of one of two hulls, as a share of the beam over both. */
const SLIM = 0.26

/** Each hull as a path, the deck that joins two, and where along she is widest. px. */
export interface PlanOutline {
  hulls: string[]
  deck: string | null
  widest: number
}

/**
 * A boat from above, bow to the left: a sketch that shows where her beam is taken, no lines plan.
 *
 * @param kind her kind of hull
 * @param bow where the bow stands, px
 * @param length her length, px
 * @param beam her greatest beam, over all hulls, px
 * @param middle height of her centre line, px
 */
export function planOutline(kind: HullTypeId, bow: number, length: number, beam: number, middle: number): PlanOutline {
  const { hulls, transom, parallel } = PLANS[kind]
  const half = (hulls === 1 ? beam : SLIM * beam) / 2,
    stern = bow + length
  // the parallel middle stands a little aft of half the length
  const from = bow + length * (0.55 - 0.55 * parallel),
    to = from + length * parallel
  const fore = from - bow,
    run = stern - to
  const centres = hulls === 1 ? [middle] : [middle - beam / 2 + half, middle + beam / 2 - half]
  const hull = (y: number) => {
    const side = (sign: 1 | -1) => {
      const out = y + sign * half,
        aft = y + sign * half * transom
      return { out, aft }
    }
    const a = side(-1),
      b = side(1)
    return (
      `M${bow} ${y}C${bow + 0.2 * fore} ${y - 0.55 * half} ${bow + 0.6 * fore} ${a.out} ${from} ${a.out}H${to}` +
      `C${to + 0.5 * run} ${a.out} ${stern - 0.1 * run} ${a.aft - 0.1 * half} ${stern} ${a.aft}` +
      `V${b.aft}C${stern - 0.1 * run} ${b.aft + 0.1 * half} ${to + 0.5 * run} ${b.out} ${to} ${b.out}H${from}` +
      `C${bow + 0.6 * fore} ${b.out} ${bow + 0.2 * fore} ${y + 0.55 * half} ${bow} ${y}Z`
    )
  }
  const inner = beam / 2 - 2 * half
  return {
    hulls: centres.map(hull),
    deck: hulls === 1 ? null : `M${from} ${middle - inner}H${to + 0.6 * run}V${middle + inner}H${from}Z`,
    widest: (from + to) / 2,
  }
}
