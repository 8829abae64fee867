// What a figure of the bench is, and how it is printed.
import { existsSync, readFileSync } from 'node:fs'

/**
 * A row: the median of several readings, with the lowest and the highest of them.
 *
 * @param name what was measured
 * @param readings in `unit`
 * @param limit what the median must not pass; null for a figure to compare with
 */
export function row(name, readings, unit, limit = null) {
  const sorted = [...readings].sort((a, b) => a - b)
  return { name, value: quantile(sorted, 0.5), least: sorted[0], most: sorted.at(-1), unit, limit }
}

/** A quantile of readings, 0 to 1. */
export function quantile(readings, share) {
  const sorted = [...readings].sort((a, b) => a - b)
  return sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))]
}

const digits = value => value.toFixed(value < 1 ? 4 : value < 10 ? 2 : value < 100 ? 1 : 0)

/** A row as a line of text. */
export function rowText({ name, value, least, most, unit, limit }, width) {
  const spread = `${digits(least)} to ${digits(most)}`
  const judged = limit === null ? '' : `limit ${limit}${value > limit ? '  OVER' : ''}`
  return `${name.padEnd(width)} ${digits(value).padStart(9)} ${unit.padEnd(3)} ${spread.padEnd(18)} ${judged}`.trimEnd()
}

/** s that a working day can afford for npm test, on two idle cores. */
const TEST_RUN = 720

/** What the last npm test took on this machine, whole and by its parts; none where it was not run here. */
export function testRun() {
  const file = 'test-results/took.json'
  if (!existsSync(file)) return []
  const { whole, ...parts } = JSON.parse(readFileSync(file, 'utf8'))
  return [
    row('npm test, the last run', [whole], 's', TEST_RUN),
    ...Object.entries(parts).map(([name, s]) => row(`npm test, ${name}`, [s], 's')),
  ]
}

/** Processor time since the machine started, of which `taken` went to its other guests; null where it does not tell. */
function processorTime() {
  if (!existsSync('/proc/stat')) return null
  const [user, nice, system, , , interrupt, softInterrupt, taken] = readFileSync('/proc/stat', 'utf8')
    .split('\n')[0]
    .trim()
    .split(/\s+/)
    .slice(1)
    .map(Number)
  return { taken, wanted: user + nice + system + interrupt + softInterrupt + taken }
}

/** Starts to watch the other guests of a shared machine; the result is the share of the processor that they took, %. */
export function watchGuests() {
  const before = processorTime()
  return () => {
    const after = processorTime()
    return before && after ? (100 * (after.taken - before.taken)) / Math.max(1, after.wanted - before.wanted) : 0
  }
}
