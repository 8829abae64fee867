// npm run bench: medians of what must be fast, against their limits. --json prints one object a line.
import { ensureBuilt, ensureChromium, ensureInstalled, say } from './prepare.mjs'

const json = process.argv.includes('--json')
ensureInstalled()
if (!await ensureBuilt()) process.exit(1)
const chromium = await ensureChromium()

const { coreBench } = await import('../bench/core.mjs')
const { serverBench } = await import('../bench/server.mjs')
const { browserBench } = await import('../bench/browser.mjs')
const { watchGuests } = await import('../bench/quiet.mjs')
const guests = watchGuests()
const rows = [...await coreBench(), ...await serverBench(), ...(chromium ? await browserBench(chromium) : [])]
rows.push({ name: 'processor time that other guests of this machine took meanwhile', value: 100 * guests(), unit: '%', limit: null })

if (json) for (const row of rows) console.log(JSON.stringify(row))
else {
  const width = Math.max(...rows.map(r => r.name.length))
  for (const { name, value, unit, limit } of rows) console.log(`${name.padEnd(width)}  ${value.toFixed(value < 10 ? 3 : 1).padStart(9)} ${unit.padEnd(3)} ${limit === null ? 'for comparison' : `limit ${limit}`}${limit !== null && value > limit ? '  OVER' : ''}`)
}
if (rows.some(r => r.limit !== null && r.value > r.limit)) say('some figures are over their limit')
