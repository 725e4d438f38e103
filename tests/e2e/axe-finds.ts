import axe from 'axe-core'
import { expect } from '@playwright/test'
import type { Page } from '@playwright/test'

/**
 * Expects that axe finds nothing against it on the page as it stands. Our pages hold no frames, and what passes is not asked
 * for; the script stays in the page through taps on links, and comes once for each load.
 *
 * @param within a selector: only what lies in there is looked at
 * @param rules only these rules; all of them where left out
 */
export async function axeFindsNothing(
  page: Page,
  { within, rules, about = page.url() }: { readonly within?: string, readonly rules?: readonly string[], readonly about?: string } = {},
): Promise<void> {
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(axe.source)
  const violations = await page.evaluate(
    async ({ within, rules }) => {
      const looked = await (window as unknown as { axe: typeof axe }).axe.run(within ?? document, {
        resultTypes: ['violations'],
        ...(rules ? { runOnly: [...rules] } : {}),
      })
      return looked.violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html.slice(0, 160)).join(' | ')}`)
    },
    { within, rules },
  )
  expect(violations, about).toEqual([])
}
