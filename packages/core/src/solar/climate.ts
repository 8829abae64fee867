import { FREEZING } from '../constants'

/** K of the mean year at sea level by latitude, and half of what winter and summer lie apart. */
const TROPICS = 15,
  WARM = 27.5,
  COOLER = 0.45,
  SWING = 0.17
const DEGREES = 180 / Math.PI

/** Names of the months, January first. */
export const MONTHS: readonly string[] = Array.from({ length: 12 }, (_, month) =>
  new Intl.DateTimeFormat('en-GB', { month: 'long', timeZone: 'UTC' }).format(Date.UTC(2000, month)),
)

/**
 * Mean air temperature of a month near the coast.
 *
 * @param latitude rad, north positive
 * @param month 0 is January
 * @param coldest mean of the coldest month where the owner knows it, K
 * @returns K, ± 4
 * @example monthAir(0.9, 0) // 275.4
 *
 * Source: common practice, from memory: 27.5 °C to 15° of latitude, 0.45 K less for each degree beyond, a swing of
 * 0.17 K for each degree; inland winters are colder.
 */
export function monthAir(latitude: number, month: number, coldest: number | null = null): number {
  const degrees = Math.abs(latitude) * DEGREES,
    mean = FREEZING + WARM - COOLER * Math.max(0, degrees - TROPICS)
  // coldest in January of the north, in July of the south
  const season = -Math.cos((2 * Math.PI * (month - (latitude >= 0 ? 0 : 6))) / 12)
  // a known winter moves the swing, not the summer
  const swing = coldest === null ? SWING * degrees : (mean + SWING * degrees - coldest) / 2
  const middle = coldest === null ? mean : coldest + swing
  return middle + swing * season
}
