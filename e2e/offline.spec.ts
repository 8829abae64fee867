import { spawn } from 'node:child_process'
import { expect, test } from './walk'
import { field, openBench, type } from './board'

const PORT = 4174
test.use({ serviceWorkers: 'allow' })

test('starts cold with no server, on any bench, with the boat as it was left', async ({ page }) => {
  const server = spawn(process.execPath, ['.output/server/index.mjs'], {
    env: { ...process.env, PORT: String(PORT), NITRO_PORT: String(PORT) },
    stdio: 'ignore',
  })
  try {
    await expect
      .poll(() =>
        fetch(`http://localhost:${PORT}/`).then(
          r => r.status,
          () => 0,
        ),
      )
      .toBe(200)
    await openBench(page, `http://localhost:${PORT}/drive/boat`)
    await type(page, 'boat.mass', '5100 kg')
    await expect(page.getByText('Saved')).toBeVisible()
    await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined))
  } finally {
    server.kill()
  }
  await expect
    .poll(() =>
      fetch(`http://localhost:${PORT}/`).then(
        r => r.status,
        () => 0,
      ),
    )
    .toBe(0)
  await page.goto('about:blank')
  await page.goto(`http://localhost:${PORT}/curve`)
  await expect(page.locator('[data-drawn=true]')).toBeVisible()
  await expect(page.locator('[data-figure=shaftPower]').first()).toContainText('kW')
  await page.goto(`http://localhost:${PORT}/boat`)
  await expect(field(page, 'boat.mass')).toHaveValue(/^5\.10\st$/)
})
