import { chromium } from '@playwright/test'
const [,, ...args] = process.argv
const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox','--disable-gpu'] })
for (const a of args) {
  const [name, path, size='1280x800', act=''] = a.split('|')
  const [w,h] = size.split('x').map(Number)
  const page = await b.newPage({ viewport: { width: w, height: h }, hasTouch: w<900, isMobile: w<900 })
  page.on('pageerror', e => console.log(name, 'ERR', e.message.slice(0,200)))
  await page.goto('http://localhost:4188'+path)
  await page.locator('.strip .cells, [data-start-form]').first().waitFor()
  await page.waitForTimeout(1800)
  if (act) { try { await new Function('page', `return (async()=>{${act}})()`)(page) } catch (e) { console.log(name, e.message.slice(0,300)) } await page.waitForTimeout(1200) }
  await page.screenshot({ path: `/tmp/t/${name}.png` })
  await page.close()
}
await b.close()
