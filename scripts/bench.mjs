// npm run bench: medians of what must be fast, against their limits. --json prints one object a line.
import { existsSync, readFileSync } from 'node:fs'
import { ensureBuilt, ensureChromium, ensureInstalled, say } from './prepare.mjs'

const json = process.argv.includes('--json')
ensureInstalled()
if (!await ensureBuilt()) process.exit(1)
const chromium = await ensureChromium()

const { coreBench } = await import('../bench/core.mjs')
const { serverBench } = await import('../bench/server.mjs')
const { browserBench } = await import('../bench/browser.mjs')
const before = processorTime()
const rows = [...await coreBench(), ...await serverBench(), ...(chromium ? await browserBench(chromium) : [])]
const after = processorTime()
// on a shared machine figures grow with what its other guests take
if (before && after) rows.push({ name: 'processor time that other guests of this machine took meanwhile', value: 100 * (after.taken - before.taken) / Math.max(1, after.wanted - before.wanted), unit: '%', limit: null })

if (json) for (const row of rows) console.log(JSON.stringify(row))
else {
  const width = Math.max(...rows.map(r => r.name.length))
  for (const { name, value, unit, limit } of rows) console.log(`${name.padEnd(width)}  ${value.toFixed(value < 10 ? 3 : 1).padStart(9)} ${unit.padEnd(3)} ${limit === null ? 'for comparison' : `limit ${limit}`}${limit !== null && value > limit ? '  OVER' : ''}`)
}
if (rows.some(r => r.limit !== null && r.value > r.limit)) say('some figures are over their limit')

/** Processor time since the machine started: what was wanted here, and what of it other guests took (steal); null where the system does not tell. */
function processorTime() {
  if (!existsSync('/proc/stat')) return null
  const [user, nice, system, , , interrupt, softInterrupt, taken] = readFileSync('/proc/stat', 'utf8').split('\n')[0].trim().split(/\s+/).slice(1).map(Number)
  return { taken, wanted: user + nice + system + interrupt + softInterrupt + taken }
}
