// On a shared machine figures grow with what its other guests take: rounds are judged by that, never by what they gave.
import { existsSync, readFileSync } from 'node:fs'

/** Share of the processor that other guests may take in a round that counts as quiet. */
const QUIET = 0.02

/** Processor time since the machine started: what was wanted here, and what of it other guests took (steal); null where the system does not tell. */
function processorTime() {
  if (!existsSync('/proc/stat')) return null
  const [user, nice, system, , , interrupt, softInterrupt, taken] = readFileSync('/proc/stat', 'utf8').split('\n')[0].trim().split(/\s+/).slice(1).map(Number)
  return { taken, wanted: user + nice + system + interrupt + softInterrupt + taken }
}

/** Starts to watch what other guests take; the result tells their share of the processor since then, 0 where the system does not say. */
export function watchGuests() {
  const before = processorTime()
  return () => {
    const after = processorTime()
    return before && after ? (after.taken - before.taken) / Math.max(1, after.wanted - before.wanted) : 0
  }
}

/** Measures until as many quiet rounds as wanted are had, at most twice as many in all; returns the values of the quietest. */
export async function quietRounds(wanted, measure, watch = watchGuests) {
  const rounds = []
  while (rounds.length < 2 * wanted && rounds.filter(r => r.taken <= QUIET).length < wanted) {
    const taken = watch()
    const value = await measure()
    rounds.push({ value, taken: taken() })
  }
  return rounds.sort((a, b) => a.taken - b.taken).slice(0, wanted).map(r => r.value)
}
