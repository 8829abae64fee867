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
  ['use', '/use', {}],
  ['curve', '/curve', {}],
  ['propeller', '/propeller', {}],
  ['motor', '/motor', {}],
  ['pack', '/pack', {}],
  ['sheet', '/sheet', {}],
  ['start', '/start', {}],
  ['sun-night', '/solar?boat=demo-osprel', { theme: 'dark' }],
  ['wiring', '/wiring', {}],
  ['charging', '/charging', {}],
  ['library', '/library', { click: '[data-library] .list button' }],
  ['day', '/days/day', {}],
  ['hybrid', '/days/hybrid', {}],
  ['weights', '/yard/weights', {}],
  ['money', '/yard/money', {}],
  ['work', '/yard/work', {}],
  ['power', '/yard/power', {}],
  ['phone-under', '/days/under', { size: [390, 844] }],
]

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
  await page.locator('.strip .cells, [data-first-sketch] dl').first().waitFor()
  if (name === 'day') await page.locator('[data-turn-home]').waitFor()
  if (/curve|motor|working|heat|charging/.test(name)) await page.locator('[data-drawn=true]').waitFor()
  if (click) await page.click(click)
  if (name === 'phone-under') await page.locator('[data-under-turn]').waitFor()
  if (name === 'work') await page.locator('[data-work-finish]').waitFor()
  await page.evaluate(() => document.fonts.ready)
  await page.waitForTimeout(400)
  await page.screenshot({ path: join(OUT, `${name}.png`) })
  await page.close()
  say(`docs/screenshots/${name}.png`)
}
await browser.close()
server.kill()
