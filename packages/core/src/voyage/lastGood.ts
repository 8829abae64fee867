/** A moment on a way out from which the way home was looked at. */
interface Moment {
  time: number
  along: number
  charge: number
  leg: number
}

/** The last moment from which she still comes home, and what is spare then. */
export interface LastGood {
  time: number
  along: number
  charge: number
  leg: number
  /** charge above the reserve at the berth, about 0 where the way out could go on */
  spare: number
  /** all of the way out is good */
  anywhere: boolean
}

/** Moments that are looked at before the search becomes finer. */
const TURNS = 16

/**
 * The last moment of a way out from which she still comes home with the reserve, between two steps of it too.
 *
 * @param way moments in order, one or more
 * @param comes charge above the reserve at the berth when she turns at a moment; below 0 she does not
 * @returns null where not even the first is good
 */
export function lastGood<M extends Moment>(way: readonly M[], comes: (at: M) => number): LastGood | null {
  const spares = new Map<number, number>()
  const spare = (i: number): number => {
    let found = spares.get(i)
    if (found === undefined) spares.set(i, (found = comes(way[i]!)))
    return found
  }
  const end = way.length - 1,
    step = Math.max(1, Math.floor(way.length / TURNS))
  let good = -1,
    poor = end + 1
  for (let i = 0; i <= end; i += step) {
    if (spare(i) < 0) {
      poor = i
      break
    }
    good = i
  }
  if (good < 0) return null
  if (poor > end) {
    if (spare(end) >= 0) return { ...way[end]!, spare: spare(end), anywhere: true }
    poor = end
  }
  while (poor - good > 1) {
    const middle = Math.floor((good + poor) / 2)
    if (spare(middle) >= 0) good = middle
    else poor = middle
  }
  const a = way[good]!,
    b = way[poor]!
  // on another leg the way home is another: the end of this one is the last
  if (b.leg !== a.leg) return { ...a, spare: spare(good), anywhere: false }
  const share = spare(good) > 0 ? spare(good) / (spare(good) - spare(poor)) : 0,
    between = (x: number, y: number) => x + share * (y - x)
  return {
    time: between(a.time, b.time),
    along: between(a.along, b.along),
    charge: between(a.charge, b.charge),
    leg: a.leg,
    spare: 0,
    anywhere: false,
  }
}
