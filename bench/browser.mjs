// The built application in Chromium, its processor slowed down four times.
import { chromium } from '@playwright/test'
import { quietRounds } from './quiet.mjs'
import { PORT, startServer } from './server.mjs'

const SLOW = 4

const quantile = (values, q) => {
  const sorted = [...values].sort((a, b) => a - b)
  return sorted[Math.min(sorted.length - 1, Math.floor(q * sorted.length))]
}

/** First load: largest paint, and gzip bytes of the scripts that came before it was idle. */
async function firstLoad(browser) {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, extraHTTPHeaders: { 'accept-encoding': 'gzip' } })
  const page = await context.newPage()
  const cdp = await context.newCDPSession(page)
  await cdp.send('Emulation.setCPUThrottlingRate', { rate: SLOW })
  await cdp.send('Network.enable')
  const scripts = new Map()
  let bytes = 0
  cdp.on('Network.responseReceived', e => scripts.set(e.requestId, e.type === 'Script' || e.response.mimeType.includes('javascript')))
  cdp.on('Network.loadingFinished', (e) => { if (scripts.get(e.requestId)) bytes += e.encodedDataLength })
  await page.addInitScript(() => {
    window.__paint = 0
    new PerformanceObserver((list) => { for (const entry of list.getEntries()) window.__paint = entry.startTime }).observe({ type: 'largest-contentful-paint', buffered: true })
  })
  await page.goto(`http://localhost:${PORT}/`)
  await page.locator('.strip svg.still').waitFor()
  await page.waitForLoadState('networkidle')
  await page.waitForTimeout(300)
  const paint = await page.evaluate(() => window.__paint)
  await context.close()
  return { paint, bytes }
}

/** From a real key press to the next painted frame, as Chromium's own event timing tells it (steps of 8 ms, nothing below 16): 95th percentile of 120 presses. */
async function keyToScreen(page) {
  const cdp = await page.context().newCDPSession(page)
  await cdp.send('Emulation.setCPUThrottlingRate', { rate: SLOW })
  await page.evaluate(() => {
    window.__keys = []
    new PerformanceObserver((list) => { for (const e of list.getEntries()) if (e.name === 'keydown') window.__keys.push(e.duration) }).observe({ type: 'event', durationThreshold: 16 })
  })
  const PRESSES = 120
  for (let i = 0; i < PRESSES; i++) {
    await page.keyboard.press(i % 40 < 20 ? 'ArrowUp' : 'ArrowDown')
    await page.waitForTimeout(60)
  }
  const times = await page.evaluate(() => window.__keys)
  await page.close()
  // a press that is not reported was painted within 16 ms
  return quantile([...times, ...Array(Math.max(0, PRESSES - times.length)).fill(16)], 0.95)
}

/** The lever on the bench with a chart, once the page has loaded all that follows the first view; with `sampling`, while a worker draws samples of the boat that takes longest, again and again. */
async function leverToScreen(browser, sampling = false) {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  await page.goto(`http://localhost:${PORT}/curve${sampling ? '?boat=demo-halcyne' : ''}`)
  await page.locator('[data-drawn=true]').waitFor()
  await page.waitForLoadState('networkidle')
  await page.waitForTimeout(2000)
  if (sampling) {
    await page.evaluate(() => setInterval(() => document.querySelector('[data-sample]:not([disabled])')?.click(), 50))
    await page.waitForTimeout(500)
  }
  await page.locator('[data-lever]').focus()
  await page.waitForTimeout(500)
  return keyToScreen(page)
}

/** What this machine needs for the same count of bare numbers on an empty page: no framework, no sums. */
async function bareNumbers(browser) {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  await page.setContent('<body style="font:16px sans-serif"></body>')
  await page.evaluate(() => {
    const cells = Array.from({ length: 40 }, (_, i) => {
      const cell = document.createElement('div')
      cell.style.cssText = `position:absolute;contain:strict;width:90px;height:30px;left:${i % 10 * 110}px;top:${Math.floor(i / 10) * 60}px`
      return document.body.appendChild(cell)
    })
    let n = 0
    addEventListener('keydown', () => { n++; for (const cell of cells) cell.textContent = String(n * 0.137).slice(0, 5) })
  })
  return keyToScreen(page)
}

const BENCHED = [['demo-tirrick', 'keel yacht'], ['demo-merrin', 'planing'], ['demo-halcyne', 'catamaran']]

/** Two thousand samples in the worker, ms from the question to what came out: for each boat with the lever at rest, and while its keys are pressed without rest on a processor four times slower. */
async function samplings(browser) {
  const rest = {}, moving = {}
  for (const [boat] of BENCHED) {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
    await page.addInitScript(timeWorkers)
    await page.goto(`http://localhost:${PORT}/curve?boat=${boat}`)
    await page.locator('[data-drawn=true]').waitFor()
    const run = async (meanwhile) => {
      await page.evaluate(() => { window.__took = null; document.querySelector('[data-sample]').click() })
      for (let took; ; await meanwhile()) if ((took = await page.evaluate(() => window.__took)) !== null) return took
    }
    const patience = () => page.waitForTimeout(20)
    const times = []
    for (let i = 0; i < 3; i++) times.push(await run(patience))
    rest[boat] = quantile(times, 0.5)
    await page.locator('[data-first]').waitFor()
    await page.locator('[data-lever]').focus()
    const cdp = await page.context().newCDPSession(page)
    await cdp.send('Emulation.setCPUThrottlingRate', { rate: SLOW })
    let presses = 0
    moving[boat] = await run(async () => {
      await page.keyboard.press(presses++ % 40 < 20 ? 'ArrowUp' : 'ArrowDown')
      await page.waitForTimeout(60)
    })
    await page.close()
  }
  return { rest, moving }
}

/** In the page, before its own scripts: `__took` is how long the last question to a worker took, ms. */
function timeWorkers() {
  window.Worker = class extends window.Worker {
    constructor(...given) {
      super(...given)
      this.addEventListener('message', ({ data }) => { if ('result' in data) window.__took = performance.now() - this.asked })
    }

    postMessage(message, ...more) {
      if ('question' in message) this.asked = performance.now()
      super.postMessage(message, ...more)
    }
  }
}

/** Browser figures, medians of several rounds taken while other guests leave the machine alone. */
export async function browserBench(executablePath) {
  const server = await startServer()
  const browser = await chromium.launch({ executablePath, args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync'] })
  const loads = await quietRounds(7, () => firstLoad(browser))
  const levers = await quietRounds(3, () => leverToScreen(browser))
  const busy = await quietRounds(3, () => leverToScreen(browser, true))
  const bare = await bareNumbers(browser)
  const samples = await quietRounds(3, () => samplings(browser))
  const sampled = (what, words) => BENCHED.map(([boat, kind]) => ({ name: `2,000 samples in the worker, ${kind}${words}`, value: quantile(samples.map(round => round[what][boat]), 0.5), unit: 'ms', limit: 3000 }))
  await browser.close()
  server.kill()
  return [
    { name: 'first load, largest paint, 4 × slower', value: quantile(loads.map(l => l.paint), 0.5), unit: 'ms', limit: 1500 },
    { name: 'first view, JavaScript, gzip', value: quantile(loads.map(l => l.bytes), 0.5) / 1000, unit: 'kB', limit: 300 },
    ...sampled('rest', ''), ...sampled('moving', ', lever moved all the while, 4 × slower'),
    { name: 'lever to painted screen, p95, 4 × slower', value: quantile(levers, 0.5), unit: 'ms', limit: 50 },
    { name: 'the same while a worker samples', value: quantile(busy, 0.5), unit: 'ms', limit: 50 },
    { name: '40 bare numbers on an empty page, p95, 4 × slower', value: bare, unit: 'ms', limit: null },
  ]
}
