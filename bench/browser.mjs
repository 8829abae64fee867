// The built application in Chromium: as fast as this machine is, and with its processor slowed down four times.
import { chromium } from '@playwright/test'
import { quantile, row } from './rows.mjs'
import { PORT, startServer } from './server.mjs'

const SLOW = 4
const VIEWPORT = { width: 1280, height: 800 }
const CHROMIUM = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
]

async function slowDown(page, rate) {
  const cdp = await page.context().newCDPSession(page)
  await cdp.send('Emulation.setCPUThrottlingRate', { rate })
  return cdp
}

/** Long enough for a first view, ms. */
const FIRST_VIEW = 4000

/** First load: largest paint, ms, and gzip bytes of the scripts, less headers, that came before the page was idle. */
async function firstLoad(browser) {
  const context = await browser.newContext({ viewport: VIEWPORT, extraHTTPHeaders: { 'accept-encoding': 'gzip' } })
  const page = await context.newPage()
  const cdp = await slowDown(page, SLOW)
  await cdp.send('Network.enable')
  /** bytes of a script's headers, which had come when its response began */
  const scripts = new Map()
  let bytes = 0
  cdp.on('Network.responseReceived', ({ requestId, type, response }) => {
    if (type === 'Script' || response.mimeType.includes('javascript'))
      scripts.set(requestId, response.encodedDataLength)
  })
  cdp.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
    if (scripts.has(requestId)) bytes += encodedDataLength - scripts.get(requestId)
  })
  await page.addInitScript(() => {
    window.__paint = 0
    new PerformanceObserver(list => {
      for (const entry of list.getEntries()) window.__paint = entry.startTime
    }).observe({ type: 'largest-contentful-paint', buffered: true })
  })
  await page.goto(`http://localhost:${PORT}/`)
  // looked at only afterwards: what finds an element is a script of its own, 100 ms of a page so slowed down
  await page.waitForTimeout(FIRST_VIEW)
  // a first visit begins with one's own boat
  await page.locator('[data-start-form]').waitFor()
  await page.waitForLoadState('networkidle')
  const paint = await page.evaluate(() => window.__paint)
  await context.close()
  return { paint, bytes }
}

const PRESSES = 120
/**
 * From a real key press to the next painted frame, as Chromium's own event timing tells it (in steps of 8 ms, nothing
 * below 16), and the longest task meanwhile, ms.
 */
async function keyToScreen(page, rate) {
  await slowDown(page, rate)
  await page.evaluate(() => {
    window.__keys = []
    window.__tasks = []
    const hear = (type, act, more) =>
      new PerformanceObserver(list => list.getEntries().forEach(act)).observe({ type, ...more })
    hear('event', e => e.name === 'keydown' && window.__keys.push(e.duration), { durationThreshold: 16 })
    hear('longtask', e => window.__tasks.push(e.duration))
  })
  for (let i = 0; i < PRESSES; i++) {
    await page.keyboard.press(i % 40 < 20 ? 'ArrowUp' : 'ArrowDown')
    await page.waitForTimeout(60)
  }
  const { keys, tasks } = await page.evaluate(() => ({ keys: window.__keys, tasks: window.__tasks }))
  // a press that is not reported was painted within 16 ms
  const times = [...keys, ...Array(Math.max(0, PRESSES - keys.length)).fill(16)]
  return { p50: quantile(times, 0.5), p95: quantile(times, 0.95), longest: Math.max(0, ...tasks) }
}

/**
 * The lever on the bench with a chart, once the page has loaded all that follows the first view; with `sampling`, while
 * a worker draws samples of the boat that takes longest, again and again.
 */
async function leverToScreen(browser, { rate = SLOW, boat = 'demo-tirrick', sampling = false } = {}) {
  const page = await browser.newPage({ viewport: VIEWPORT })
  await page.goto(`http://localhost:${PORT}/curve?boat=${boat}`)
  await page.locator('[data-drawn=true]').waitFor()
  await page.waitForLoadState('networkidle')
  await page.waitForTimeout(2000)
  if (sampling) {
    await page.evaluate(() => setInterval(() => document.querySelector('[data-sample]:not([disabled])')?.click(), 50))
    await page.waitForTimeout(500)
  }
  await page.locator('[data-lever]').focus()
  await page.waitForTimeout(500)
  const times = await keyToScreen(page, rate)
  await page.close()
  return times
}

/** What this machine needs for the same count of bare numbers on an empty page: no framework, no sums. */
async function bareNumbers(browser) {
  const page = await browser.newPage({ viewport: VIEWPORT })
  await page.setContent('<body style="font:16px sans-serif"></body>')
  await page.evaluate(() => {
    const cells = Array.from({ length: 40 }, (_, i) => {
      const cell = document.createElement('div')
      const [left, top] = [(i % 10) * 110, Math.floor(i / 10) * 60]
      cell.style.cssText = `position:absolute;contain:strict;width:90px;height:30px;left:${left}px;top:${top}px`
      return document.body.appendChild(cell)
    })
    let n = 0
    addEventListener('keydown', () => {
      n++
      for (const cell of cells) cell.textContent = String(n * 0.137).slice(0, 5)
    })
  })
  const times = await keyToScreen(page, SLOW)
  await page.close()
  return times
}

/** Heap of the page after every bench was opened, bytes. */
async function heapAfterAll(browser) {
  const page = await browser.newPage({ viewport: VIEWPORT })
  await page.goto(`http://localhost:${PORT}/curve`)
  await page.locator('[data-drawn=true]').waitFor()
  for (const set of ['d', 'a', 'y', 'l']) {
    await page.keyboard.press(set)
    await page.waitForLoadState('networkidle')
    const paths = await page.locator('nav a[href^="/"]').evaluateAll(all => [...new Set(all.map(a => a.pathname))])
    for (const path of paths) {
      await page.locator(`nav a[href^="${path}"]`).first().click()
      await page.waitForLoadState('networkidle')
    }
  }
  const cdp = await page.context().newCDPSession(page)
  await cdp.send('HeapProfiler.collectGarbage')
  const { usedSize } = await cdp.send('Runtime.getHeapUsage')
  await page.close()
  return usedSize
}

const SAMPLED = [
  ['demo-tirrick', 'keel yacht'],
  ['demo-merrin', 'planing'],
  ['demo-halcyne', 'catamaran'],
]
/** Two thousand samples in the worker, from the question to what came out, ms. */
async function sampling(browser, boat) {
  const page = await browser.newPage({ viewport: VIEWPORT })
  await page.addInitScript(timeWorkers)
  await page.goto(`http://localhost:${PORT}/curve?boat=${boat}`)
  await page.locator('[data-drawn=true]').waitFor()
  await page.evaluate(() => document.querySelector('[data-sample]').click())
  await page.waitForFunction(() => window.__took !== undefined, undefined, { timeout: 60_000 })
  const took = await page.evaluate(() => window.__took)
  await page.close()
  return took
}

/** In the page, before its own scripts: `__took` is how long the last question to a worker took, ms. */
function timeWorkers() {
  window.Worker = class extends window.Worker {
    constructor(...given) {
      super(...given)
      this.addEventListener('message', ({ data }) => {
        if ('result' in data) window.__took = performance.now() - this.asked
      })
    }

    postMessage(message, ...more) {
      if ('question' in message) this.asked = performance.now()
      super.postMessage(message, ...more)
    }
  }
}

const LOG_ROWS = 200_000
/** A log of many rows given to Trips: from its taking to the trip, and the longest task of the page meanwhile, ms. */
async function longLog(browser) {
  const page = await browser.newPage({ viewport: VIEWPORT })
  await page.goto(`http://localhost:${PORT}/log/trips?boat=demo-tirrick`)
  await page.locator('[data-log-file]').waitFor({ state: 'attached' })
  await page.waitForLoadState('networkidle')
  await page.evaluate(() => {
    window.__tasks = []
    new PerformanceObserver(list => list.getEntries().forEach(e => window.__tasks.push(e.duration))).observe({
      type: 'longtask',
    })
  })
  const rows = Array.from({ length: LOG_ROWS }, (_, i) => `${i},${(7.4 + Math.sin(i / 90)).toFixed(2)},52.1,48.3,1100`)
  const chooser = page.waitForEvent('filechooser')
  await page.locator('[data-read-log]').click()
  await (
    await chooser
  ).setFiles({
    name: 'long.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(['elapsed s,speed km/h,Volts,Amps,Motor RPM', ...rows].join('\n')),
  })
  await page.locator('[data-columns]').waitFor()
  // what it took to hand the file over is no work of the page
  await page.evaluate(() => {
    window.__tasks.length = 0
  })
  const began = performance.now()
  await page.locator('[data-columns-take]').click()
  await page.locator('[data-trip-edit]').waitFor()
  const took = performance.now() - began
  const longest = Math.max(0, ...(await page.evaluate(() => window.__tasks)))
  await page.close()
  return { took, longest }
}

async function several(count, measure) {
  const all = []
  for (let i = 0; i < count; i++) all.push(await measure())
  return all
}

/** Figures of the browser, of several rounds each. */
export async function browserBench(executablePath) {
  const server = await startServer()
  const browser = await chromium.launch({ executablePath, args: CHROMIUM })
  const lever = (name, times, [half, most] = [64, 100]) => [
    row(
      `lever to painted screen, ${name}, p50`,
      times.map(t => t.p50),
      'ms',
      half,
    ),
    row(
      `lever to painted screen, ${name}, p95`,
      times.map(t => t.p95),
      'ms',
      most,
    ),
    row(
      `longest task meanwhile, ${name}`,
      times.map(t => t.longest),
      'ms',
      100,
    ),
  ]
  const loads = await several(7, () => firstLoad(browser))
  const rows = [
    row(
      'first load, largest paint, 4 × slower',
      loads.map(l => l.paint),
      'ms',
      1200,
    ),
    row(
      'first view, JavaScript, gzip',
      loads.map(l => l.bytes / 1000),
      'kB',
      270,
    ),
    ...lever('full speed', await several(3, () => leverToScreen(browser, { rate: 1 })), [20, null]),
    ...lever('4 × slower', await several(3, () => leverToScreen(browser))),
    ...lever('4 × slower, catamaran', await several(3, () => leverToScreen(browser, { boat: 'demo-halcyne' }))),
    ...lever(
      '4 × slower, while a worker samples',
      await several(3, () => leverToScreen(browser, { boat: 'demo-halcyne', sampling: true })),
    ),
    row('40 bare numbers on an empty page, 4 × slower, p50', [(await bareNumbers(browser)).p50], 'ms'),
    row('heap after every bench was opened', [(await heapAfterAll(browser)) / 1e6], 'MB', 150),
  ]
  const logs = await several(3, () => longLog(browser))
  rows.push(
    row(
      '200,000 rows of a log, read',
      logs.map(l => l.took),
      'ms',
      10_000,
    ),
    row(
      'longest task of the page meanwhile',
      logs.map(l => l.longest),
      'ms',
      200,
    ),
  )
  for (const [boat, kind] of SAMPLED)
    rows.push(row(`2,000 samples in the worker, ${kind}`, await several(3, () => sampling(browser, boat)), 'ms', 3000))
  await browser.close()
  server.kill()
  return rows
}
