/** A place in the chart, px. */
export interface Place {
  x: number
  y: number
}

/** Most points of a line: a day of minutes has more than there are pixels. */
const MOST = 400

/** Every so many points, and always the last. */
export function thin<T>(all: readonly T[], most = MOST): T[] {
  const step = Math.max(1, Math.ceil(all.length / most))
  return all.filter((_, i) => i % step === 0 || i === all.length - 1)
}

/** A line through places. */
export const line = (places: readonly Place[]): string =>
  places.map(({ x, y }, i) => `${i === 0 ? 'M' : 'L'}${x.toFixed(1)} ${y.toFixed(1)}`).join('')

/** A closed shape between a line and the one below it. */
export const between = (upper: readonly Place[], lower: readonly Place[]): string =>
  upper.length > 1 && lower.length > 1 ? `${line(upper)}${line([...lower].reverse()).replace(/^M/, 'L')}Z` : ''

/** Whole hours across a day, no more than about ten. */
export function hours(from: number, to: number): number[] {
  const wide = (to - from) / 3600,
    step = [1, 2, 3, 6, 12, 24].find(s => wide / s <= 10) ?? 24
  const first = Math.ceil(from / 3600 / step) * step
  return Array.from(
    { length: Math.max(0, Math.floor((to / 3600 - first) / step) + 1) },
    (_, i) => (first + i * step) * 3600,
  )
}
