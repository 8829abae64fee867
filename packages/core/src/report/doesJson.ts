import { KNOT, NAUTICAL_MILE } from '../constants'
import type { Doing, WhatItDoes } from '../system'

/** One way to drive, as it leaves Remigo: its units are in the names; miles are nautical. */
export interface DoingJson {
  speedKn: number
  kilowatts: number
  /** null for no end */
  minutes: number | null
  milesToReserve: number | null
  milesToEmpty: number | null
  limit: string
}
/** What a boat does, as it leaves Remigo by command or HTTP. */
export type DoesJson = Record<keyof WhatItDoes, DoingJson>

const kept = (value: number) => (Number.isFinite(value) ? value : null)
const doing = ({ speed, power, time, toReserve, toEmpty, limit }: Doing): DoingJson => ({
  speedKn: speed / KNOT,
  kilowatts: power / 1000,
  minutes: kept(time / 60),
  milesToReserve: kept(toReserve / NAUTICAL_MILE),
  milesToEmpty: kept(toEmpty / NAUTICAL_MILE),
  limit,
})

/**
 * What a boat does as plain data for other programs.
 *
 * @param does of whatItDoes
 * @returns kn, kW, minutes, nautical miles
 */
export const doesJson = ({ flatOut, continuous, farthest }: WhatItDoes): DoesJson => ({
  flatOut: doing(flatOut),
  continuous: doing(continuous),
  farthest: doing(farthest),
})

const NAMES = { flatOut: 'Flat out', continuous: 'Continuous', farthest: 'Farthest' } as const

/** The same as lines to read. */
export function doesText(does: WhatItDoes): string {
  const rows = Object.entries(doesJson(does)) as [keyof typeof NAMES, DoingJson][]
  return rows
    .map(([id, d]) => {
      const time =
        d.minutes === null
          ? 'without end'
          : d.minutes < 120
            ? `${d.minutes.toFixed(0)} min`
            : `${(d.minutes / 60).toFixed(1)} h`
      const miles = [d.milesToReserve, d.milesToEmpty].map(m => (m === null ? 'no end' : m.toFixed(1)))
      return (
        `${NAMES[id].padEnd(11)} ${d.speedKn.toFixed(1)} kn at ${d.kilowatts.toFixed(2)} kW for ${time}, ` +
        `${miles[0]} NM to the reserve, ${miles[1]} NM to empty; limit: ${d.limit}\n`
      )
    })
    .join('')
}
