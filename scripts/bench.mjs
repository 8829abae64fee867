// npm run bench: median and spread of what must be fast, against their limits. --json prints one object a line,
// --only core,server,browser measures a part.
import { parseArgs } from 'node:util'
import { ensureBuilt, ensureChromium, ensureInstalled, say } from './prepare.mjs'

const { values } = parseArgs({
  options: { json: { type: 'boolean', default: false }, only: { type: 'string', default: 'core,server,browser' } },
})
const { json } = values,
  only = values.only.split(',')
ensureInstalled()
if (!(await ensureBuilt())) process.exit(1)
const chromium = await ensureChromium()

const { coreBench } = await import('../bench/core.mjs')
const { serverBench } = await import('../bench/server.mjs')
const { browserBench } = await import('../bench/browser.mjs')
const { rowText, testRun, watchGuests } = await import('../bench/rows.mjs')
const guests = watchGuests()
const rows = [
  ...(only.includes('core') ? await coreBench() : []),
  ...(only.includes('server') ? await serverBench() : []),
  ...(only.includes('browser') && chromium ? await browserBench(chromium) : []),
  ...testRun(),
]
const taken = guests()

const width = Math.max(...rows.map(r => r.name.length))
for (const each of rows) console.log(json ? JSON.stringify(each) : rowText(each, width))
if (taken > 2)
  say(`others on this machine took ${taken.toFixed(0)} % of the processor meanwhile: times are longer for it`)
if (rows.some(r => r.limit !== null && r.value > r.limit)) say('some figures are over their limit')
