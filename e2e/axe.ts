import type { Page } from '@playwright/test'
import axe from 'axe-core'

/** Axe's serious and critical violations within an element: rule and the first places. It is put into a page once. */
export async function violations(page: Page, within: string, rules: string[] | null): Promise<string[]> {
  if (!(await page.evaluate(() => 'axe' in globalThis))) await page.evaluate(axe.source)
  return page.evaluate(
    async ([within, rules]) => {
      const { violations } = await (globalThis as unknown as { axe: typeof axe }).axe.run(within, {
        resultTypes: ['violations'],
        ...(rules && { runOnly: rules }),
      })
      return violations
        .filter(v => v.impact === 'serious' || v.impact === 'critical')
        .map(
          v =>
            `${v.id}: ${v.nodes
              .slice(0, 3)
              .map(n => n.target)
              .join(' | ')}`,
        )
    },
    [within, rules] as const,
  )
}
