/** `npm run storm` runs the same tests with many more cases, before a release; `npm test` must be of minutes. */
export const STORM = process.env.STORM === '1'

/** So many cases in `npm test`, so many in a storm. */
export const howMany = (daily: number, storm: number): number => (STORM ? storm : daily)

/** All of a list in a storm; in `npm test` every n-th, beginning with one or another by the offset. */
export const everyNth = <T>(list: readonly T[], n: number, offset = 0): T[] =>
  STORM ? [...list] : list.filter((_, i) => (i + offset) % n === 0)
