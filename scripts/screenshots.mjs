// npm run screenshots: one current picture of each main view, from demo data, into docs/screenshots/.
import { spawn } from 'node:child_process'
import { mkdirSync } from 'node:fs'
import { join } from 'node:path'
import { chromium } from '@playwright/test'
import { ensureBuilt, ensureChromium, ROOT, say } from './prepare.mjs'

const PORT = 4179,
  OUT = join(ROOT, 'docs/screenshots')
const VIEWS = [
  ['boat', '/boat', {}],
  ['trips', '/log/trips?boat=demo-lodden', {}],
  ['curve', '/curve', {}],
  ['propeller', '/propeller', {}],
  ['motor', '/motor', {}],
  ['pack', '/pack', {}],
  ['sheet', '/sheet', {}],
  ['start', '/start', {}],
  ['sun-night', '/solar?boat=demo-osprel', { theme: 'dark' }],
  ['wiring', '/wiring', {}],
  ['charging', '/charging', {}],
  ['trial', '/log/trial', {}],
  ['day', '/days/day', {}],
  ['hybrid', '/days/hybrid', {}],
  ['weights', '/yard/weights', {}],
  ['money', '/yard/money', {}],
  ['health', '/log/health?boat=demo-lodden', {}],
  ['power', '/yard/power', {}],
  ['phone-under', '/days/under', { size: [390, 844] }],
]

/** Two answers, so that a first design stands beside them. */
async function answerStart(page) {
  await page.locator('[data-start-form] .pick-field .v-field').first().click()
  await page.getByRole('option', { name: 'Displacement launch' }).click()
  await page.locator('[data-question=lengthOverAll] input').fill('7.4 m')
  await page.locator('[data-first-sketch] dl').waitFor()
  await page.locator('main').evaluate(main => main.scrollTo(0, 0))
}

await ensureBuilt()
mkdirSync(OUT, { recursive: true })
const server = spawn(process.execPath, [join(ROOT, '.output/server/index.mjs')], {
  env: { ...process.env, PORT: String(PORT), NITRO_PORT: String(PORT) },
  stdio: 'ignore',
})
await new Promise(resolve => setTimeout(resolve, 1500))
const browser = await chromium.launch({
  executablePath: (await ensureChromium()) ?? undefined,
  args: ['--no-sandbox', '--disable-gpu'],
})
for (const [name, path, { size = [1280, 800], theme = 'light', click }] of VIEWS) {
  const phone = size[0] < 900
  const page = await browser.newPage({
    viewport: { width: size[0], height: size[1] },
    colorScheme: theme,
    hasTouch: phone,
    isMobile: phone,
  })
  await page.goto(`http://localhost:${PORT}${path}`)
  await page.locator('.strip .cells, [data-start-form]').first().waitFor()
  if (name === 'start') await answerStart(page)
  if (name === 'day') await page.locator('[data-day-chart][data-drawn=true]').waitFor()
  if (/curve|motor|working|heat|charging/.test(name)) await page.locator('[data-drawn=true]').waitFor()
  if (click) await page.click(click)
  if (name === 'phone-under') await page.locator('[data-under-turn]').waitFor()
  if (name === 'trial') await runTrial(page)
  if (name === 'health') await page.locator('[data-upgrade-row]').first().waitFor()
  // the findings have tried what helps
  await page.waitForFunction(() => !document.querySelector('.looking'))
  await page.evaluate(() => document.fonts.ready)
  await page.waitForTimeout(400)
  await page.screenshot({ path: join(OUT, `${name}.png`) })
  await page.close()
  say(`docs/screenshots/${name}.png`)
}
await browser.close()
server.kill()

/** How many times faster than the clock the simulated boat runs. */
async function hurry(page, times) {
  await page.click('[data-fast] .v-field')
  await page.getByRole('option', { name: new RegExp(`${times}`) }).click()
}

/** A trial of the simulated boat, three pairs far. */
async function runTrial(page) {
  await page.click('[data-connect-open]')
  await page.click('[data-simulate]')
  await hurry(page, 60)
  for (let step = 0; step < 2; step++)
    for (const way of ['out', 'back'])
      do {
        await page.click('[data-next-step]')
        await page.waitForTimeout(1200)
      } while (await page.getByText(`to hold: ${20 * (step + 1)}\u00A0%, ${way}.`).count())
  await hurry(page, 10)
  await page.click('[data-next-step]')
  await page.waitForTimeout(9000)
}
