import { expect, type FileChooser, type Locator, type Page } from '@playwright/test'
import type { Project } from '@remigo/core'
import { benchOf } from '../app/benches'

/** Opens a bench as an owner does, on a browser that has never seen Remigo. */
export async function openBench(page: Page, path = '/drive/boat') {
  await page.goto(path)
  if (path.startsWith('/compare')) return page.locator('[data-compare]').waitFor()
  // waitFor sees it at once, where expect looks again after half a second, then after a whole one
  await page.locator('.strip .cells, [data-start-form]').first().waitFor()
  if (path.startsWith('/start')) return
  // the first view comes in stages: the findings, or the lying lever of a small screen, are the last of the frame
  await page.locator('.at-findings .rail, .flat, [data-room-rail]').first().waitFor()
}

/**
 * Goes on to another bench and view by their tabs, which is much quicker than loading the page anew; where no tab leads
 * there, or to another boat, it is loaded.
 */
export async function goBench(page: Page, path: string) {
  const { pathname, searchParams } = new URL(path, 'http://remigo')
  const bench = benchOf(pathname),
    tab = page.locator(`.tab[data-bench="${bench?.id}"]`),
    folded = page.locator(`.set--folded[data-set="${bench?.set}"]`),
    view = searchParams.get('view')
  if (searchParams.has('boat')) return openBench(page, path)
  if (await folded.count()) {
    await folded.click()
    await tab.waitFor()
  } else if ((await tab.count()) === 0) return openBench(page, path)
  await tab.click()
  await expect(tab).toHaveClass(/here/)
  if (view) await page.locator(`[data-view=${view}]`).click()
}

/** Waits until the texts behind what moves with the lever are written. */
export async function leverRests(page: Page) {
  await expect(page.locator('html:not([data-lever-moving])')).toHaveCount(1)
}

/** The lever's speed in the owner's unit, once it rests. */
export async function leverSpeed(page: Page): Promise<number> {
  await leverRests(page)
  return Number(await page.locator('[data-lever]').getAttribute('aria-valuenow'))
}

/** Where the upright lever's handle stands, px. */
export async function handlePlace(page: Page) {
  const lever = page.getByRole('slider')
  const box = (await lever.boundingBox())!,
    PAD = 20
  const share = (await leverSpeed(page)) / Number(await lever.getAttribute('aria-valuemax'))
  return { x: box.x + 22, y: box.y + PAD + (1 - share) * (box.height - 2 * PAD) }
}

/** The digits of a figure, as a number; kW and kWh. */
export async function figure(page: Page, id: string, within = 'body'): Promise<number> {
  await leverRests(page)
  const of = page
    .locator(`${within} [data-figure=${id}]`)
    .filter({ has: page.locator('.digits') })
    .first()
  const text = await of.locator('.digits').first().innerText(),
    unit = (await of.locator('.unit').first().innerText()).trim()
  // small ones stand in W and Wh: they are compared with what stands in kW and kWh
  return Number(text.replace(/[\u2009\s]/g, '').replace('−', '-')) / (unit === 'W' || unit === 'Wh' ? 1000 : 1)
}

/** Types into a field of the document and leaves it. */
export async function type(page: Page, path: string, text: string) {
  const field = page.locator(`input[data-field="${path}"], [data-field="${path}"] input`).first()
  await field.fill(text)
  await field.press('Enter')
}

/** What a field shows. */
export function field(page: Page, path: string) {
  return page.locator(`input[data-field="${path}"], [data-field="${path}"] input`).first()
}

/** Picks from a list that opens, by the words of the choice. */
export async function pick(page: Page, field: string | Locator, words: string | RegExp) {
  await (typeof field === 'string' ? page.locator(field) : field).locator('.v-field').first().click()
  await page.getByRole('option', { name: words }).first().click()
}

/** Gives files to what a button asks for. */
export async function giveFile(page: Page, button: string | Locator, files: Parameters<FileChooser['setFiles']>[0]) {
  const chooser = page.waitForEvent('filechooser')
  await (typeof button === 'string' ? page.locator(button) : button).click()
  await (await chooser).setFiles(files)
}

/** Waits until the boat is saved: the store's row carries the value. */
export async function savedBoat(page: Page): Promise<{ id: string; revision: number }[]> {
  return page.evaluate(
    () =>
      new Promise((resolve, reject) => {
        const open = indexedDB.open('remigo')
        open.onerror = () => reject(open.error)
        open.onsuccess = () => {
          const all = open.result.transaction('boats').objectStore('boats').getAll()
          all.onsuccess = () => {
            open.result.close()
            resolve(all.result)
          }
        }
      }),
  )
}

/** Writes into the store beside the page, as another tab or an older Remigo would; waits until the boat is there. */
export async function rewriteSavedBoat(
  page: Page,
  id: string,
  change: { boat?: object; trial?: object },
  row: { writer?: string } = {},
) {
  await expect.poll(async () => (await savedBoat(page)).map(kept => kept.id)).toContain(id)
  await page.evaluate(
    ({ id, change, row }) =>
      new Promise<void>((resolve, reject) => {
        const open = indexedDB.open('remigo')
        open.onerror = () => reject(open.error)
        open.onsuccess = () => {
          const writing = open.result.transaction('boats', 'readwrite'),
            store = writing.objectStore('boats'),
            kept = store.get(id)
          kept.onsuccess = () => {
            const { project, revision } = kept.result
            const changed = {
              ...project,
              boat: { ...project.boat, ...change.boat },
              trial: { ...project.trial, ...change.trial },
            }
            store.put({ ...kept.result, ...row, revision: revision + (row.writer ? 1 : 0), project: changed })
          }
          writing.onabort = () => reject(writing.error)
          writing.oncomplete = () => {
            open.result.close()
            resolve()
          }
        }
      }),
    { id, change, row },
  )
}

/** Puts boats into the browser's store, as a file that is imported would. */
export async function keepBoats(page: Page, boats: readonly Project[]) {
  await page.evaluate(
    rows =>
      new Promise<void>((resolve, reject) => {
        const open = indexedDB.open('remigo')
        open.onerror = () => reject(open.error)
        open.onsuccess = () => {
          const change = open.result.transaction('boats', 'readwrite')
          for (const project of rows)
            change.objectStore('boats').put({ id: project.id, name: project.name, updatedAt: 1, revision: 2, project })
          change.oncomplete = () => {
            open.result.close()
            resolve()
          }
        }
      }),
    boats,
  )
}
